import fc from 'fast-check'
import { answers, bottleGear, co2Gear, cylinderGear, fitness, NOW, tankGear, TODAY } from '@tests/gear'
import { fahrenheit, OUNCE_KG, POUND_KG } from '@tests/tradeUnits'
import { cylinderState } from '@/core/fluids/cylinderState'
import { fillCautions, fillSteps } from '@/core/fill/procedures/fillSteps'
import { formatPhrase, formatQuantity } from '@/core/units/formatQuantity'
import { fillFindings } from '@/core/fill/fillFindings'
import { fillLimit } from '@/core/cylinders/limits/fillLimit'
import { bottleFillRules, fillModes } from '@/core/fill/fillModes'
import { onboardSlip } from '@/core/fill/onboardSlip'
import { pumpSlip } from '@/core/fill/pumpSlip'
import { scaleStage } from '@/core/fill/scaleStage'
import { stopWeightSlip } from '@/core/fill/stopWeightSlip'
import { tareMismatch } from '@/core/fill/tareMismatch'
import { basis } from '@/core/rules/basis/basis'

const GALLON_M3 = 0.003785411784
const twentyPound = { gas: 'propane', waterCapacityKg: 47.6 * POUND_KG } as const

describe('limits', () => {
  test('stop weight is tare, limit and attachments', () => {
    const { stopWeightKg } = fillLimit({ ...twentyPound, tareKg: 17.8 * POUND_KG, hangingKg: 0.9 * POUND_KG })
    expect((stopWeightKg ?? 0) / POUND_KG).toBeCloseTo(17.8 + 19.992 + 0.9, 9)
    expect(fillLimit(twentyPound).stopWeightKg).toBeNull()
  })
  test('cold liquid stops lower than 80 %, warm liquid at 80 %', () => {
    expect(fillLimit({ ...twentyPound, liquidTemperatureK: fahrenheit(0) }).volumeLimitFraction).toBeLessThan(0.77)
    expect(fillLimit({ ...twentyPound, liquidTemperatureK: fahrenheit(90) }).volumeLimitFraction).toBe(0.8)
  })
  test('the volume limit is never above 80 % nor above the weight limit', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.double({ min: 220, max: 330, noNaN: true }),
        (waterCapacityKg, kelvin) => {
          const { volumeLimitFraction, limitKg } = fillLimit({
            gas: 'propane',
            waterCapacityKg,
            liquidTemperatureK: kelvin,
          })
          const level = volumeLimitFraction ?? NaN
          expect(level).toBeLessThanOrEqual(0.8)
          const atLimit = cylinderState('propane', limitKg, waterCapacityKg / 999.016, kelvin).liquidVolumeFraction ?? 1
          expect(level).toBeLessThanOrEqual(atLimit + 1e-12)
        },
      ),
    )
  })
  test('the level at the limit is its volume of liquid, grown by the warmth', () => {
    for (const specificGravity of [0.503, 0.511, 0.55]) {
      const at = (temperatureF: number) =>
        fillLimit({ ...twentyPound, specificGravity, liquidTemperatureK: fahrenheit(temperatureF) })
      const { limitKg, liquidVolumeFractionAtLimit } = at(60)
      expect(liquidVolumeFractionAtLimit).toBeCloseTo(limitKg / twentyPound.waterCapacityKg / specificGravity, 9)
      expect(at(90).liquidVolumeFractionAtLimit ?? 0).toBeGreaterThan(liquidVolumeFractionAtLimit ?? 1)
      expect(at(207).liquidVolumeFractionAtLimit).toBeNull()
    }
    // Pure propane by its own data, from 0.504 to 0.510: a little of the gas is vapor.
    for (const specificGravity of [0.504, 0.507, 0.51]) {
      const { liquidVolumeFractionAtLimit } = fillLimit({
        ...twentyPound,
        specificGravity,
        liquidTemperatureK: fahrenheit(60),
      })
      expect(liquidVolumeFractionAtLimit).toBe(
        fillLimit({ ...twentyPound, liquidTemperatureK: fahrenheit(60) }).liquidVolumeFractionAtLimit,
      )
    }
    expect(fillLimit({ ...twentyPound, liquidTemperatureK: 371 }).liquidVolumeFractionAtLimit).toBeNull()
  })
  test('another specific gravity has its own limit and density', () => {
    const butane = fillLimit({ ...twentyPound, specificGravity: 0.584 })
    expect(butane.limitKg / twentyPound.waterCapacityKg).toBeCloseTo(0.51, 12)
    expect(butane.liquidVolumeFractionAtLimit).toBeCloseTo(0.51 / 0.584, 2)
    expect(() => fillLimit({ ...twentyPound, specificGravity: 0.7 })).toThrow(/specific gravity/)
  })
  test('CO2 has a weight, never a level to stop at', () => {
    const co2 = fillLimit({ gas: 'co2', waterCapacityKg: 7.35 * POUND_KG, liquidTemperatureK: fahrenheit(100) })
    expect(co2).toMatchObject({ volumeLimitFraction: null, liquidVolumeFractionAtLimit: null })
  })
  test.each([
    [{ tareKg: 0 }, 'tareKg'],
    [{ hangingKg: -1 }, 'hangingKg'],
    [{ liquidTemperatureK: 1000 }, 'liquidTemperatureK'],
    [{ waterCapacityKg: 0 }, 'waterCapacityKg'],
  ])('%j is refused at %s', (change, path) => {
    expect(() => fillLimit({ ...twentyPound, ...change })).toThrow(
      expect.objectContaining({ issues: [expect.objectContaining({ path })] }),
    )
  })
})

describe('findings against a fill', () => {
  const codes = (...args: Parameters<typeof fillFindings>) =>
    fillFindings(...args).map(({ code, severity }) => `${severity} ${code}`)
  const removable = (change: Parameters<typeof fitness>[1]) => cylinderGear({ fitness: fitness('removable', change) })

  test('in date, in order and with room: none', () => {
    expect(codes(cylinderGear(), { mode: 'by-weight' }, TODAY)).toEqual([])
    expect(codes(tankGear(), { mode: 'onboard' }, TODAY)).toEqual([])
    expect(codes(co2Gear(), { mode: 'co2' }, TODAY)).toEqual([])
  })
  test('overdue, retired, overfilled: stops', () => {
    expect(codes(removable({ manufacturedMonth: '2011-06' }), { mode: 'by-weight' }, TODAY)).toEqual([
      'stop fill-overdue',
    ])
    const retiredBy = { answers: answers('removable', ['fire']), lookedAt: NOW }
    expect(codes(removable({ retiredBy }), { mode: 'pump' }, TODAY)).toEqual(['stop fill-retired'])
    const over = cylinderGear({ lastWeighing: { grossKg: 40 * POUND_KG, hangingKg: 0, weighedAt: NOW } })
    expect(codes(over, { mode: 'by-weight' }, TODAY)).toEqual(['stop fill-overfilled'])
  })
  test('unknown date, never looked over: to be seen to first', () => {
    expect(codes(removable({ manufacturedMonth: null, lastLook: null }), { mode: 'by-weight' }, TODAY)).toEqual([
      'fix-first fill-date-unknown',
      'fix-first fill-not-looked-over',
    ])
  })
  test('the wrong gas or the wrong vessel', () => {
    expect(codes(cylinderGear(), { mode: 'co2' }, TODAY)).toEqual(['stop fill-wrong-gas'])
    expect(codes(co2Gear(), { mode: 'by-weight' }, TODAY)).toEqual(['stop fill-wrong-gas'])
    expect(codes(cylinderGear(), { mode: 'onboard' }, TODAY)).toEqual(['stop fill-wrong-mode'])
    expect(codes(cylinderGear(), { mode: 'bottles' }, TODAY)).toEqual(['stop fill-wrong-mode'])
  })
  test.each([
    ['by-weight', [cylinderGear(), bottleGear(), tankGear()]],
    ['pump', [cylinderGear(), bottleGear()]],
    ['onboard', [tankGear()]],
    ['bottles', [bottleGear()]],
    ['co2', [co2Gear()]],
  ] as const)('%s takes the vessels made for it, and names its own rule', (mode, vessels) => {
    for (const one of vessels) {
      const wrong = fillFindings(one, { mode, school: 'refillable' }, TODAY).filter(({ code }) =>
        code.startsWith('fill-wrong'),
      )
      expect(wrong).toEqual([])
    }
  })
  test('the source of a refusal: of CO2 its own limit, at the pump the reason that was found', () => {
    expect(fillFindings(cylinderGear(), { mode: 'co2' }, TODAY)[0]?.basis).toEqual(['fill-limit-co2'])
    expect(fillFindings(co2Gear(), { mode: 'by-weight' }, TODAY)[0]?.basis).toEqual(['fill-limit-propane'])
    const [found] = fillFindings(removable({ overfillStop: 'no' }), { mode: 'pump' }, TODAY)
    expect(found).toMatchObject({ code: 'fill-no-overfill-stop', basis: ['overfill-stop'] })
    expect(found && formatPhrase(found.reason, 'us')).toBe('It is not to be filled.')
    const [overdue] = fillFindings(removable({ manufacturedMonth: '2011-06' }), { mode: 'pump' }, TODAY)
    expect(overdue && formatPhrase(overdue.sentence, 'us')).toMatch(
      /^Left cylinder: Out of date since the end of \w+ 20\d\d/,
    )
  })
  test('the bottle’s rule of never filling counts for bottles alone', () => {
    expect(codes(cylinderGear(), { mode: 'by-weight', school: 'never' }, TODAY)).toEqual([])
    const throwaway = bottleGear({ kind: 'bottle' })
    expect(codes(throwaway, { mode: 'by-weight', school: 'home' }, TODAY)).toEqual(['stop fill-not-refillable'])
    const reasonOf = (mode: 'bottles' | 'by-weight') =>
      fillFindings(throwaway, { mode, school: 'refillable' }, TODAY).map(({ reason }) => formatPhrase(reason, 'us'))
    expect(reasonOf('bottles')[0]).toMatch(/only bottles marked refillable/)
    expect(reasonOf('by-weight')[0]).toMatch(/No pump takes it/)
  })
  test('propane in a CO2 mode by its gauge, CO2 by weight: no remark on gauges', () => {
    expect(codes(co2Gear(), { mode: 'co2', by: 'weight' }, TODAY)).toEqual([])
    expect(codes(cylinderGear(), { mode: 'by-weight', by: 'pressure' }, TODAY)).toEqual([])
  })
  test('CO2 by its pressure gauge', () => {
    expect(codes(co2Gear(), { mode: 'co2', by: 'pressure' }, TODAY)).toEqual(['stop co2-by-pressure'])
  })
  test('a throw-away bottle under each rule, and at a pump', () => {
    const throwaway = bottleGear({ kind: 'bottle' })
    expect(codes(throwaway, { mode: 'bottles', school: 'refillable' }, TODAY)).toEqual(['stop fill-not-refillable'])
    expect(codes(throwaway, { mode: 'bottles', school: 'home' }, TODAY)).toEqual(['fix-first fill-home-only'])
    expect(codes(throwaway, { mode: 'bottles', school: 'never' }, TODAY)[0]).toBe('stop fill-school-never')
    expect(codes(throwaway, { mode: 'pump' }, TODAY)).toContain('stop fill-not-refillable')
    expect(codes(bottleGear(), { mode: 'bottles', school: 'refillable' }, TODAY)).toEqual([])
    expect(codes(bottleGear(), { mode: 'bottles', school: 'never' }, TODAY)).toEqual(['stop fill-school-never'])
  })
  test('each states what, why and where to fix it, in both unit systems', () => {
    const gear = [
      removable({ manufacturedMonth: null, lastLook: null, overfillStop: 'no' }),
      bottleGear({ kind: 'bottle' }),
      co2Gear(),
    ]
    for (const one of gear) {
      for (const mode of fillModes) {
        for (const school of bottleFillRules) {
          for (const found of fillFindings(one, { mode, school, by: 'pressure' }, TODAY)) {
            for (const phrase of [found.sentence, found.reason]) expect(formatPhrase(phrase, 'metric')).toMatch(/\.$/)
            expect(found.remedy).toMatchObject({ station: 'cylinders', subjectId: one.id })
            for (const id of found.basis) expect(Object.keys(basis)).toContain(id)
          }
        }
      }
    }
  })
})

describe('slips', () => {
  const shown = (slip: { lines: readonly { figure: { quantity: Parameters<typeof formatQuantity>[0] } }[] }) =>
    slip.lines.map(({ figure }) => formatQuantity(figure.quantity, 'us').replace('\u00a0', ' '))

  test('by weight: 17.8 + 20.0 = stop at 37.8; room for 6.4', () => {
    const { slip, stopKg } = stopWeightSlip(cylinderGear(), {
      hangingKg: 0,
      grossKg: 31.4 * POUND_KG,
      liquidTemperatureK: fahrenheit(52),
      share: 1,
    })
    expect(shown(slip)).toEqual(['17.8 lb', '20.0 lb'])
    expect(formatQuantity(slip.result.figure.quantity, 'us')).toBe('37.8\u00a0lb')
    expect(slip.further.map(({ label }) => label)).toEqual(['Aboard now', 'To go', 'Level when full'])
    expect((stopKg - 31.4 * POUND_KG) / POUND_KG).toBeCloseTo(6.39, 2)
  })
  test('a bottle fills to its label, at home to three quarters', () => {
    const input = { hangingKg: 0, grossKg: null, liquidTemperatureK: fahrenheit(60) }
    expect(stopWeightSlip(bottleGear(), { ...input, share: 1 }).stopKg / OUNCE_KG).toBeCloseTo(31.0, 9)
    const home = stopWeightSlip(bottleGear(), { ...input, share: 0.75 })
    expect(home.stopKg / OUNCE_KG).toBeCloseTo(14.6 + 0.75 * 16.4, 9)
    expect(home.slip.lines.map(({ sign }) => sign)).toEqual(['', '+', '−'])
  })
  test('at the pump: level, capacity, contents, and gallons as sold', () => {
    const { slip, volumeLimitFraction } = pumpSlip(cylinderGear(), 13.6 * POUND_KG, fahrenheit(60))
    expect(volumeLimitFraction).toBe(0.8)
    expect(slip.result.figure.quantity.value / GALLON_M3).toBeCloseTo(1.38, 1)
    expect(pumpSlip(cylinderGear(), null, fahrenheit(60)).slip.result.label).toBe('At most')
    // One above its limit level takes zero, never a negative amount.
    expect(pumpSlip(cylinderGear(), 20 * POUND_KG, fahrenheit(20)).slip.result.figure.quantity.value).toBe(0)
  })
  test('an onboard tank: gallons, money, and learned gallons before the dial', () => {
    const tank = {
      waterCapacityKg: 6 * GALLON_M3 * 999.016,
      shown: 0.5,
      fullMark: 'usable' as const,
      learnedM3: null,
      pricePerM3: 3 / GALLON_M3,
    }
    const slip = onboardSlip(tank)
    expect(slip.result.figure.quantity.value / GALLON_M3).toBeCloseTo(2.4, 9)
    expect(slip.further.at(-1)?.figure.quantity.value).toBeCloseTo(7.2, 9)
    expect(slip.lines.at(-1)?.label).toMatch(/80 % of the inside/)
    expect(
      onboardSlip({ ...tank, learnedM3: GALLON_M3, pricePerM3: null }).result.figure.quantity.value / GALLON_M3,
    ).toBeCloseTo(3.8, 9)
  })
})

describe('the live scale', () => {
  const limitKg = 9.07
  const stopKg = 17.14
  const stage = (grossKg: number) => scaleStage(grossKg, stopKg, limitKg, 0.02).stage
  test('filling, slow down, stop, over', () => {
    expect(stage(3)).toBe('idle')
    expect([stage(12), stage(16.8), stage(17.135), stage(17.14), stage(17.145), stage(17.16)]).toEqual([
      'under',
      'slow',
      'stop',
      'stop',
      'stop',
      'over',
    ])
  })
  test('stages only advance', () => {
    const order = ['under', 'slow', 'stop', 'over']
    const grams = Array.from({ length: 600 }, (_, i) => order.indexOf(stage(16 + i * 0.003)))
    expect(grams).toEqual(grams.toSorted((a, b) => a - b))
  })
})

test('a known-empty bottle over 2 % off its stamp is reported', () => {
  const tareKg = 14.6 * OUNCE_KG
  expect(tareMismatch(14.8 * OUNCE_KG, tareKg, 'bottleMass')).toBeNull()
  expect(tareMismatch(15.0 * OUNCE_KG, tareKg, 'bottleMass')?.text).toMatch(/more than its stamp/)
  expect(tareMismatch(14.2 * OUNCE_KG, tareKg, 'bottleMass')?.text).toMatch(/less than its stamp/)
})

test('every mode has its steps and its cautions; the ends of a procedure are never skipped unseen', () => {
  for (const mode of fillModes) {
    const steps = fillSteps(mode)
    expect(steps.length).toBeGreaterThanOrEqual(6)
    expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length)
    for (const { why } of steps) expect(why).toMatch(/\.$/)
    expect(steps.filter(({ holds }) => holds).length).toBeGreaterThanOrEqual(4)
    expect(fillCautions(mode).at(-1)).toMatch(/local code come before this program/)
  }
})
