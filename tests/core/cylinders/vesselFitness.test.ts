import { answers, bottleGear, co2Gear, cylinderGear, fitness, NOW, tankGear, TODAY } from '@tests/gear'
import { POUND_KG } from '@tests/tradeUnits'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import fc from 'fast-check'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { cylinderFindings } from '@/core/cylinders/fitness/cylinderFindings'
import { unusableReason, usableGasKg } from '@/core/cylinders/fitness/usableGas'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { fillFindings } from '@/core/fill/fillFindings'
import { carryItems, transportCheck } from '@/core/fill/transport/transportCheck'
import { hasStop } from '@/core/findings/verdict'
import { fillableIds } from '@/core/run/analysis/fillBefore'
import { cardCylinders } from '@/core/trip/card/cardBlocks'
import { vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import { formatPhrase } from '@/core/units/formatQuantity'

const lookedAt = '2026-11-30T09:00:00.000Z'

describe('will the pump take it', () => {
  const answer = (change: Parameters<typeof fitness>[1]) =>
    vesselFitness(cylinderGear({ fitness: fitness('removable', change) }), TODAY).fill

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
    expect(vesselFitness(big, TODAY).fill.answer).toBe('yes')
    expect(vesselFitness(bottleGear(), TODAY).fill.reasons.some(({ about }) => about === 'overfill-stop')).toBe(false)
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
    const { reasons } = vesselFitness(cylinder, TODAY).fill
    expect(reasons.map(({ about }) => about)).toEqual(
      isAsked ? ['overfill-stop', 'date', 'condition'] : ['date', 'condition'],
    )
  })
  test('every reason is told, whatever the state of date, condition and contents', () => {
    const told = (gear: CylinderGear) =>
      Object.fromEntries(
        vesselFitness(gear, TODAY).fill.reasons.map(({ about, answer: said, sentence }) => [
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
      'ask: Its look-over found something to repair.',
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
    expect(vesselFitness(over, TODAY).fill.reasons[0]).toMatchObject({ about: 'contents', answer: 'no' })
    expect(vesselFitness(bottleGear({ kind: 'bottle' }), TODAY).fill.answer).toBe('no')
    expect(vesselFitness(tankGear(), TODAY).fill.answer).toBe('yes')
  })
})

const somewhere = fc.constantFrom('removable', 'bottle', 'refillable-bottle', 'onboard', 'co2')

/** A cylinder in any condition that records can hold. */
const anyGear = fc
  .record({
    kind: somewhere,
    leaks: fc.boolean(),
    refilled: fc.boolean(),
    heavier: fc.boolean(),
    over: fc.boolean(),
    retired: fc.boolean(),
    looked: fc.boolean(),
    overfillStop: fc.constantFrom('yes', 'no', 'unknown'),
    madeMonth: fc.constantFrom('2020-03', '2011-06', null),
    tareRead: fc.boolean(),
  })
  .map(({ kind, leaks, refilled, heavier, over, retired, looked, overfillStop, madeMonth, tareRead }) => {
    const base =
      kind === 'onboard'
        ? tankGear()
        : kind === 'removable'
          ? cylinderGear()
          : kind === 'co2'
            ? co2Gear()
            : bottleGear({ kind })
    const look = { answers: answers(kind), lookedAt: NOW }
    const bad = { answers: { ...answers(kind), bulge: 'bad' as const }, lookedAt: NOW }
    const grossKg = base.tareKg + gearLimitKg(base) * (over ? 1.2 : 0.5)
    return {
      ...base,
      ...(!tareRead && { sources: { tareKg: { source: 'assumed' as const } } }),
      ...(kind !== 'onboard' && { lastWeighing: { grossKg, hangingKg: 0, weighedAt: NOW }, lastLevel: null }),
      fitness: fitness(kind, {
        manufacturedMonth: madeMonth,
        overfillStop,
        lastLook: looked ? look : null,
        retiredBy: retired ? bad : null,
        refilledAt: refilled && kind === 'bottle' ? NOW : null,
        heavier: heavier && kind === 'bottle' ? { byKg: 0.2, weighedAt: NOW } : null,
        vesselLeak: leaks ? { place: 'valve’s foot', foundAt: NOW } : null,
      }),
    }
  })

describe('one judgment of each vessel', () => {
  test('property: bench, transport, balance, tasks and card agree with it', () => {
    fc.assert(
      fc.property(anyGear, (gear) => {
        const { use, fill, carry } = vesselFitness(gear, TODAY)
        const { isRefillable, isFixed, supply, gas } = kindFacts[gear.kind]
        const mode = isFixed ? 'onboard' : gas === 'co2' ? 'co2' : 'pump'
        // A throw-away has its own refusal, whatever its condition.
        if (isRefillable) expect(hasStop(fillFindings(gear, { mode }, TODAY))).toBe(fill.answer === 'no')
        const done = carryItems.map(({ id }) => id)
        expect(hasStop(transportCheck([gear], 'open-bed', done, TODAY))).toBe(carry.answer === 'no')
        expect(unusableReason(gear) !== null).toBe(use.answer === 'no')
        if (use.answer === 'no') {
          expect(usableGasKg(gear)).toBeNull()
          expect(hasStop(cylinderFindings(gear, NOW))).toBe(true)
        }
        if (supply) expect(fillableIds([gear], TODAY)).toEqual(fill.answer !== 'no' && isRefillable ? [gear.id] : [])
        const card = JSON.stringify(cardCylinders([gear], TODAY))
        if (fill.answer === 'no') expect(card).not.toContain('"stop"')
        // What may not be used may not be filled or carried either.
        if (use.answer === 'no') expect([fill.answer, carry.answer]).toEqual(['no', 'no'])
      }),
      { numRuns: 300 },
    )
  })
  test('a leak of the vessel bars all three, and no advice asks for a drive', () => {
    const leaking = cylinderGear({ fitness: fitness('removable', { vesselLeak: { place: 'its foot', foundAt: NOW } }) })
    const judged = vesselFitness(leaking, TODAY)
    expect([judged.use.answer, judged.fill.answer, judged.carry.answer]).toEqual(['no', 'no', 'no'])
    expect(cylinderFindings(leaking, NOW)[0]).toMatchObject({ code: 'vessel-leaks', severity: 'stop' })
  })
})
