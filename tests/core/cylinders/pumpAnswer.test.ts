import { answers, bottleGear, cylinderGear, fitness, NOW, tankGear, TODAY } from '@tests/gear'
import { POUND_KG } from '@tests/tradeUnits'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { pumpAnswer } from '@/core/cylinders/fitness/pumpAnswer'
import { formatPhrase } from '@/core/units/formatQuantity'

const lookedAt = '2026-11-30T09:00:00.000Z'

describe('will the pump take it', () => {
  const answer = (change: Parameters<typeof fitness>[1]) =>
    pumpAnswer(cylinderGear({ fitness: fitness('removable', change) }), TODAY)

  test('one answer, most severe reason first', () => {
    expect(answer({}).answer).toBe('yes')
    expect(answer({ manufacturedMonth: '2011-06', overfillStop: 'unknown' })).toMatchObject({
      answer: 'no',
      reasons: [{ about: 'date', answer: 'no' }, { about: 'overfill-stop', answer: 'ask' }, {}, {}],
    })
    expect(answer({ lastLook: null })).toMatchObject({ answer: 'ask', reasons: [{ about: 'condition' }, {}, {}, {}] })
  })
  /** NFPA 58: 4 to 40 lb [from memory]. */
  test('no overfill stop is a no from 4 to 40 lb, and not asked of others', () => {
    expect(answer({ overfillStop: 'no' }).answer).toBe('no')
    const big = cylinderGear({
      waterCapacityKg: 238 * POUND_KG,
      tareKg: 70 * POUND_KG,
      lastWeighing: null,
      fitness: fitness('removable', { overfillStop: 'no' }),
    })
    expect(pumpAnswer(big, TODAY).answer).toBe('yes')
    expect(pumpAnswer(bottleGear(), TODAY).reasons.some(({ about }) => about === 'overfill-stop')).toBe(false)
  })
  /** The limit is 42 % of the water capacity; a nominal 4 lb cylinder may hold a tenth less, a 40 lb one half a pound more. */
  test.each([
    [3.8, false],
    [3.95, true],
    [4, true],
    [40, true],
    [40.45, true],
    [40.6, false],
  ])('a cylinder for %d lb: overfill stop asked for: %s', (pounds, isAsked) => {
    const cylinder = cylinderGear({
      waterCapacityKg: (pounds * POUND_KG) / 0.42,
      lastWeighing: null,
      fitness: fitness('removable', { overfillStop: 'no' }),
    })
    const { reasons } = pumpAnswer(cylinder, TODAY)
    expect(reasons.map(({ about }) => about)).toEqual(
      isAsked ? ['overfill-stop', 'date', 'condition'] : ['date', 'condition'],
    )
  })
  test('every reason is told, whatever the state of date, condition and contents', () => {
    const told = (gear: CylinderGear) =>
      Object.fromEntries(
        pumpAnswer(gear, TODAY).reasons.map(({ about, answer: said, sentence }) => [
          about,
          `${said}: ${formatPhrase(sentence, 'us')}`,
        ]),
      )
    const look = (bad: string[], keep?: string[]) => {
      const all = answers('removable', bad)
      const kept = keep ? Object.fromEntries(keep.map((id) => [id, all[id] ?? 'sound'])) : all
      return fitness('removable', { lastLook: { answers: kept, lookedAt } })
    }
    const filled = (share: number) => {
      const limitKg = 47.6 * 0.42 * POUND_KG
      const grossKg = 17.8 * POUND_KG + share * limitKg
      return cylinderGear({ lastWeighing: { grossKg, hangingKg: 0, weighedAt: NOW } })
    }
    expect(told(cylinderGear())).toEqual({
      date: expect.stringMatching(/^yes: In date through March 20\d\d, by “.+”\.$/),
      'overfill-stop': 'yes: Its valve has an overfill stop.',
      condition: 'yes: Nothing was found at its look-over.',
      contents: 'yes: There is room in it.',
    })
    expect(told(filled(0.96)).contents).toBe('yes: There is room in it.')
    expect(told(filled(0.98)).contents).toBe('yes: It is as good as full.')
    expect(told(filled(1.1)).contents).toMatch(/^no: It is overfilled/)
    expect(told(cylinderGear({ lastWeighing: null }))).not.toHaveProperty('contents')
    expect(told(cylinderGear({ fitness: look(['plug']) })).condition).toBe(
      'ask: Its look-over found something to mend.',
    )
    expect(told(cylinderGear({ fitness: look([], ['bulge']) })).condition).toBe('ask: Its look-over is not finished.')
    expect(told(cylinderGear({ fitness: fitness('removable', { manufacturedMonth: null }) })).date).toMatch(
      /^ask: No date is known/,
    )
    const retired = fitness('removable', { retiredBy: { answers: answers('removable', ['bulge']), lookedAt } })
    expect(told(cylinderGear({ fitness: retired })).condition).toMatch(/^no: It is out of service/)
  })
  test('overfilled, throw-away, fixed', () => {
    const over = cylinderGear({ lastWeighing: { grossKg: 40 * POUND_KG, hangingKg: 0, weighedAt: NOW } })
    expect(pumpAnswer(over, TODAY).reasons[0]).toMatchObject({ about: 'contents', answer: 'no' })
    expect(pumpAnswer(bottleGear({ kind: 'bottle' }), TODAY).answer).toBe('no')
    expect(pumpAnswer(tankGear(), TODAY).answer).toBe('yes')
  })
})
