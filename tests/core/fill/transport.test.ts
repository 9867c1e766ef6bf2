import { bottleGear, co2Gear, cylinderGear, fitness, NOW, tankGear, TODAY } from '@tests/gear'
import { POUND_KG } from '@tests/tradeUnits'
import { transportCheck, carryItems } from '@/core/fill/transport/transportCheck'
import { formatPhrase } from '@/core/units/formatQuantity'

type Carried = Parameters<typeof transportCheck>

describe('leaving for the pump', () => {
  const all = carryItems.map(({ id }) => id)
  const check = (cylinders: Carried[0], carrier: Carried[1], done: Carried[2]) =>
    transportCheck(cylinders, carrier, done, TODAY)
  const codes = (...args: Parameters<typeof check>) =>
    check(...args).flatMap(({ code, severity }) => (severity === 'note' ? [] : [code]))
  const large = (id: string) =>
    cylinderGear({ id, waterCapacityKg: 95.2 * POUND_KG, tareKg: 29.5 * POUND_KG, lastWeighing: null })

  test('two 20 lb cylinders, all ticked', () => {
    expect(codes([cylinderGear(), cylinderGear({ id: 'r' }), co2Gear()], 'closed-car', all)).toEqual([])
  })
  /** NFPA 58: 45 lb in one, 90 lb in all [from memory]. */
  test('45 lb in one and 90 lb in all, counted as filled', () => {
    const hundred = cylinderGear({ waterCapacityKg: 238 * POUND_KG, tareKg: 70 * POUND_KG, lastWeighing: null })
    expect(codes([hundred], 'closed-car', all)).toEqual(['carry-too-big', 'carry-too-much'])
    expect(codes([hundred], 'open-bed', all)).toEqual([])
    expect(codes([large('a'), large('b')], 'closed-car', all)).toEqual([])
    expect(codes([large('a'), large('b'), cylinderGear()], 'closed-car', all)).toEqual(['carry-too-much'])
  })
  test('in a closed car the heat is shown for each, and the effect of CO2', () => {
    const notes = check([cylinderGear(), co2Gear()], 'closed-car', all)
    expect(notes.map(({ code, severity }) => [code, severity])).toEqual([
      ['carry-heat', 'note'],
      ['carry-co2', 'note'],
    ])
    expect(check([cylinderGear()], 'open-bed', all)).toEqual([])
  })
  test('never in the living space, never a refilled throw-away, never overfilled', () => {
    expect(codes([cylinderGear()], 'living-space', all)).toEqual(['carry-living-space'])
    const refilled = bottleGear({ kind: 'bottle', fitness: fitness('bottle', { refilledAt: NOW }) })
    expect(codes([refilled], 'open-bed', all)).toEqual(['carry-refilled'])
    const over = cylinderGear({ lastWeighing: { grossKg: 40 * POUND_KG, hangingKg: 0, weighedAt: NOW } })
    expect(codes([over], 'closed-car', all)).toEqual(['carry-overfilled'])
    expect(codes([tankGear()], 'closed-car', all)).toEqual(['carry-fixed'])
  })
  test('an unticked item is a stop, except windows and errands; an open bed has no windows', () => {
    const without = (...ids: string[]) => all.filter((id) => !ids.includes(id))
    expect(check([cylinderGear()], 'closed-car', without('held')).at(-1)).toMatchObject({ severity: 'stop' })
    expect(check([cylinderGear()], 'closed-car', without('windows')).at(-1)).toMatchObject({
      severity: 'fix-first',
    })
    expect(codes([cylinderGear()], 'open-bed', without('windows'))).toEqual([])
  })
  test('a refillable bottle that was refilled may ride, and a throw-away bottle that was not', () => {
    expect(codes([bottleGear({ kind: 'bottle' })], 'closed-car', all)).toEqual([])
    expect(
      codes([bottleGear({ fitness: fitness('refillable-bottle', { refilledAt: NOW }) })], 'open-bed', all),
    ).toEqual([])
    expect(codes([], 'closed-car', all)).toEqual([])
  })
  test('exactly 45 lb in one and exactly 90 lb in all may ride; CO2 and fixed tanks are not counted', () => {
    const limit = (pounds: number, id: string) =>
      cylinderGear({ id, waterCapacityKg: (pounds * POUND_KG) / 0.42, tareKg: 30 * POUND_KG, lastWeighing: null })
    expect(codes([limit(44.9999, 'a'), limit(44.9999, 'b')], 'closed-car', all)).toEqual([])
    expect(codes([limit(45.1, 'a')], 'closed-car', all)).toEqual(['carry-too-big'])
    expect(codes([limit(44.9, 'a'), limit(44.9, 'b'), limit(0.3, 'c')], 'closed-car', all)).toEqual(['carry-too-much'])
    expect(codes([limit(44.9, 'a'), limit(44.9, 'b'), co2Gear()], 'closed-car', all)).toEqual([])
    const hugeTank = tankGear({ waterCapacityKg: 400 * POUND_KG })
    expect(codes([hugeTank], 'closed-car', all)).toEqual(['carry-fixed'])
    const hugeCo2 = co2Gear({ waterCapacityKg: 200 * POUND_KG, tareKg: 200 * POUND_KG, lastWeighing: null })
    expect(codes([hugeCo2], 'closed-car', all)).toEqual([])
  })
  test('each finding says what, why, where it is put right and by which rule', () => {
    const over = cylinderGear({ id: 'over', lastWeighing: { grossKg: 40 * POUND_KG, hangingKg: 0, weighedAt: NOW } })
    const refilled = bottleGear({ kind: 'bottle', fitness: fitness('bottle', { refilledAt: NOW }) })
    const hundred = cylinderGear({ id: 'h', name: 'Hundred', waterCapacityKg: 238 * POUND_KG, lastWeighing: null })
    const told = (...args: Parameters<typeof check>) =>
      check(...args).map(({ code, sentence, reason, remedy, basis }) => [
        code,
        formatPhrase(sentence, 'us').replaceAll('\u00a0', ' '),
        formatPhrase(reason, 'us').replaceAll('\u00a0', ' '),
        [remedy.station, remedy.page, remedy.subjectId].filter(Boolean).join(' '),
        basis.join(' '),
      ])
    expect(told([over], 'living-space', all)).toEqual([
      [
        'carry-living-space',
        expect.stringContaining('living space'),
        expect.any(String),
        'fill carrying',
        'carry-limit',
      ],
      [
        'carry-overfilled',
        'Left cylinder is not carried.',
        expect.stringContaining('It is overfilled.'),
        'cylinders over',
        'share-of-limit',
      ],
    ])
    expect(told([refilled, tankGear()], 'open-bed', all)).toEqual([
      [
        'carry-refilled',
        'Bottle 1 is not carried.',
        expect.stringContaining('It was refilled'),
        'cylinders bottle',
        'refilled-bottle',
      ],
      [
        'carry-fixed',
        'Tank is not carried.',
        expect.stringContaining('fixed to the rig'),
        'cylinders tank',
        'carry-limit',
      ],
    ])
    expect(told([hundred], 'closed-car', ['held'])).toEqual([
      [
        'carry-too-big',
        'Hundred is too big for a closed car.',
        expect.stringContaining('At most 45.0 lb'),
        'cylinders h',
        'carry-limit',
      ],
      [
        'carry-too-much',
        'Filled, these hold 100.0 lb: too much for a closed car.',
        expect.stringContaining('At most 90.0 lb'),
        'fill carrying',
        'carry-limit',
      ],
      [
        'carry-heat',
        'Full, Hundred is liquid-full at 146 °F.',
        expect.stringContaining('parked car'),
        'cylinders heat h',
        'liquid-full-temperature',
      ],
      [
        'carry-not-ticked',
        'Not ticked yet: valve shut; plug or cap in the outlet; upright, as it is used; windows open; straight there and back.',
        expect.any(String),
        'fill carrying',
        'carry-limit',
      ],
    ])
    expect(told([co2Gear()], 'closed-car', all)).toEqual([
      [
        'carry-co2',
        expect.stringMatching(/^Full, Soda cylinder is liquid-full at 8\d °F\.$/),
        expect.stringContaining('unbreathable'),
        'cylinders heat soda',
        'liquid-full-temperature',
      ],
    ])
  })
})
