import fc from 'fast-check'
import { bottleGear, cylinderGear, NOW } from '@tests/gear'
import { OUNCE_KG, POUND_KG } from '@tests/tradeUnits'
import { contents, contentsSchema, type ContentsInput } from '@/core/cylinders/contents/contents'
import { cylinderFindings } from '@/core/cylinders/fitness/cylinderFindings'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { HOT_CAR_K } from '@/core/units/convert'
import { type CylinderKind, kindFacts } from '@/core/cylinders/cylinderKind'
import { formatPhrase } from '@/core/units/formatQuantity'
import { parseQuantity } from '@/core/units/parseQuantity'
import { contentsSlip } from '@/core/cylinders/contents/contentsSlip'
import { stateFigures } from '@/core/cylinders/contents/stateFigures'
import { typicalSizes } from '@/core/cylinders/typicalSizes'
import { InputError } from '@/core/base/InputError'

const twentyPound: ContentsInput = {
  gas: 'propane',
  grossKg: 31.4 * POUND_KG,
  tareKg: 17.8 * POUND_KG,
  waterCapacityKg: 47.6 * POUND_KG,
}

function fault(change: Partial<ContentsInput>): { path: string; message: string } {
  try {
    contents({ ...twentyPound, ...change })
  } catch (error) {
    if (error instanceof InputError && error.issues[0]) return error.issues[0]
    throw error
  }
  throw new Error('accepted')
}

describe('contents by weight', () => {
  test('a one-pound bottle of 1 lb 11.6 oz with a tare of 14.6 oz holds 13.0 oz, 79 %', () => {
    const held = contents({
      gas: 'propane',
      grossKg: parseQuantity('1 lb 11.6 oz', 'mass'),
      tareKg: parseQuantity('14.6 oz', 'mass'),
      waterCapacityKg: 1.107,
      labelNetKg: parseQuantity('16.4 oz', 'mass'),
    })
    expect(held.netKg / OUNCE_KG).toBeCloseTo(13.0, 9)
    expect(Math.round(held.fractionOfLimit * 100)).toBe(79)
    expect(held.overfilled).toBe(false)
  })

  test('31.4 on the scale less 17.8 is 13.6 lb of the 20.0 that fit', () => {
    const held = contents(twentyPound)
    expect(held.netKg / POUND_KG).toBeCloseTo(13.6, 9)
    expect(held.limitKg / POUND_KG).toBeCloseTo(19.992, 9)
    expect((held.liquidVolumeM3 ?? 0) / 0.003785411784).toBeCloseTo(3.2, 1)
    expect(held.energyJ / 3.6e6).toBeCloseTo(86.3, 1)
  })

  test('an adapter on the scale is not gas', () => {
    const bare = contents(twentyPound)
    const hung = contents({ ...twentyPound, grossKg: twentyPound.grossKg + 0.4, hangingKg: 0.4 })
    expect(hung.netKg).toBeCloseTo(bare.netKg, 12)
  })

  test('20.0 lb in a 47.6 lb water capacity is full, not overfilled; 20.2 lb is', () => {
    expect(contents({ ...twentyPound, grossKg: 37.8 * POUND_KG }).overfilled).toBe(false)
    expect(contents({ ...twentyPound, grossKg: 38.0 * POUND_KG }).overfilled).toBe(true)
  })

  test('over by up to a hundredth of the limit is full; more is overfilled, whatever the size', () => {
    for (const waterCapacityKg of [0.47, 4.7, 21.59, 108]) {
      const full = contents({ ...twentyPound, waterCapacityKg, grossKg: twentyPound.tareKg + 0.1 }).limitKg
      const over = (share: number) =>
        contents({ ...twentyPound, waterCapacityKg, grossKg: twentyPound.tareKg + full * (1 + share) }).overfilled
      expect([0, 0.001, 0.0099, 0.0101, 0.03].map(over)).toEqual([false, false, false, true, true])
    }
  })

  test('exactly the tare is empty', () => {
    expect(contents({ ...twentyPound, grossKg: twentyPound.tareKg }).netKg).toBe(0)
    expect(contents({ ...twentyPound, grossKg: 17.8 * POUND_KG + 0.1, hangingKg: 0.1 }).netKg).toBeCloseTo(0, 12)
  })

  test('CO2 by its own limit; it has no heating value, and no liquid when warm', () => {
    const soda: ContentsInput = {
      gas: 'co2',
      grossKg: 12 * POUND_KG,
      tareKg: 7.6 * POUND_KG,
      waterCapacityKg: 7.35 * POUND_KG,
    }
    expect(contents(soda).limitKg / POUND_KG).toBeCloseTo(5.0, 2)
    expect(contents(soda)).toMatchObject({ energyJ: 0 })
    expect(contents({ ...soda, temperatureK: 310 }).liquidVolumeM3).toBeNull()
  })

  test('a label never raises the limit above the water capacity’s', () => {
    expect(contents({ ...twentyPound, labelNetKg: 15 }).limitKg / POUND_KG).toBeCloseTo(19.992, 9)
  })

  test('net and tare always make the weight on the scale', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 0.4, noNaN: true }),
        (tareKg, part) => {
          const waterCapacityKg = tareKg * 2.5
          const grossKg = tareKg + part * waterCapacityKg
          const { netKg, fractionOfLimit, limitKg } = contents({ gas: 'propane', grossKg, tareKg, waterCapacityKg })
          expect(netKg + tareKg).toBeCloseTo(grossKg, 9)
          expect(fractionOfLimit * limitKg).toBeCloseTo(netKg, 9)
        },
      ),
    )
  })
})

describe('impossible input, and the field that reports it', () => {
  test.each<[string, Partial<ContentsInput>, string, RegExp]>([
    ['gross under tare', { grossKg: 7 }, 'grossKg', /less than the empty cylinder/],
    ['negative gross', { grossKg: -1 }, 'grossKg', /more than zero/],
    ['tare of nothing', { tareKg: 0 }, 'tareKg', /more than zero/],
    ['no number', { grossKg: NaN }, 'grossKg', /more than zero/],
    ['endless', { grossKg: Infinity }, 'grossKg', /more than zero/],
    ['water capacity of nothing', { waterCapacityKg: 0 }, 'waterCapacityKg', /WC/],
    ['more than brim-full', { grossKg: 40 }, 'grossKg', /brim-full/],
    ['negative adapter', { hangingKg: -0.1 }, 'hangingKg', /less than zero/],
    ['−101 °C', { temperatureK: 172 }, 'temperatureK', /−100 °C/],
    ['151 °C', { temperatureK: 424.2 }, 'temperatureK', /150 °C/],
  ])('%s', (_, change, path, sentence) => {
    expect(fault(change).path).toBe(path)
    expect(fault(change).message).toMatch(sentence)
  })

  test('the schema refuses a field it does not know', () => {
    expect(contentsSchema.safeParse({ ...twentyPound, gras: 1 }).success).toBe(false)
  })
})

describe('the slip', () => {
  test('adds up line by line', () => {
    const slip = contentsSlip({ ...twentyPound, hangingKg: 0.3, grossKg: twentyPound.grossKg + 0.3 }, false)
    const [first, ...taken] = slip.lines.map(({ figure }) => figure.quantity.value)
    const left = taken.reduce((sum, value) => sum - value, first ?? NaN)
    expect(slip.result.figure.quantity.value).toBeCloseTo(left, 12)
    expect(slip.lines.map(({ sign }) => sign)).toEqual(['', '−', '−'])
    expect(slip.further.map(({ label }) => label)).toContain('Room for')
  })

  test('an overfilled cylinder shows the excess instead of the room left', () => {
    const slip = contentsSlip({ ...twentyPound, grossKg: 38.8 * POUND_KG }, false)
    const over = slip.further.find(({ label }) => label === 'Over by')
    expect((over?.figure.quantity.value ?? 0) / POUND_KG).toBeCloseTo(1.008, 3)
  })

  test('the limit names its basis', () => {
    const limitBasis = (input: ContentsInput): string | undefined => contentsSlip(input, true).further[0]?.figure.basis
    expect(limitBasis(twentyPound)).toBe('fill-limit-propane')
    expect(limitBasis({ ...twentyPound, labelNetKg: 8 })).toBe('fill-limit-label')
    expect(limitBasis({ ...twentyPound, gas: 'co2' })).toBe('fill-limit-co2')
  })
})

describe('pressure and level', () => {
  test('now, in a hot car, and where it is liquid-full', () => {
    const input = {
      gas: 'propane',
      small: false,
      netKg: 20 * POUND_KG,
      waterCapacityKg: 47.6 * POUND_KG,
      altitudeM: 0,
    } as const
    const cool = stateFigures({ ...input, temperatureK: 288.7 })
    const hot = stateFigures({ ...input, temperatureK: HOT_CAR_K })
    expect(hot.pressure.quantity.value).toBeGreaterThan(cool.pressure.quantity.value * 2.5)
    expect(hot.level?.quantity.value ?? 0).toBeGreaterThan(cool.level?.quantity.value ?? 1)
    expect(hot.liquidFull?.quantity.value).toBe(cool.liquidFull?.quantity.value)
  })

  test('high up a gauge shows more of the same pressure', () => {
    const input = { gas: 'propane', small: false, netKg: 5, waterCapacityKg: 21.6, temperatureK: 280 } as const
    const rise =
      stateFigures({ ...input, altitudeM: 2410 }).pressure.quantity.value -
      stateFigures({ ...input, altitudeM: 0 }).pressure.quantity.value
    expect(rise).toBeCloseTo(101325 - 75_600, -3)
  })

  test('warm CO2 has no level', () => {
    const hot = stateFigures({
      gas: 'co2',
      small: false,
      netKg: 2.2,
      waterCapacityKg: 3.33,
      temperatureK: HOT_CAR_K,
      altitudeM: 0,
    })
    expect(hot.level).toBeNull()
    expect(hot.state.phase).toBe('supercritical')
  })
})

describe('findings', () => {
  test('a cylinder in order has none', () => {
    expect(cylinderFindings(cylinderGear(), NOW)).toEqual([])
    expect(cylinderFindings(bottleGear(), NOW)).toEqual([])
  })

  test('overfilled is a stop and says by how much', () => {
    const weighing = { grossKg: 39 * POUND_KG, hangingKg: 0, weighedAt: NOW }
    const [finding] = cylinderFindings(cylinderGear({ lastWeighing: weighing }), NOW)
    expect(finding).toMatchObject({ code: 'cylinder-overfilled', severity: 'stop', remedy: { subjectId: 'left' } })
    expect(finding && formatPhrase(finding.sentence, 'us')).toBe('Left cylinder is overfilled by 1.2\u00a0lb.')
  })

  test('the advice for an overfilled one depends on its kind: a throw-away is not handed back at a pump', () => {
    const advice = (kind: CylinderKind) => {
      const over = bottleGear({ kind, lastWeighing: { grossKg: 1.0, hangingKg: 0, weighedAt: NOW } })
      const [finding] = cylinderFindings(over, NOW)
      expect(finding?.code).toBe('cylinder-overfilled')
      return [finding?.reason.text.includes('pump'), finding?.reason.text.includes('press its pin')]
    }
    expect(advice('removable')).toEqual([true, false])
    expect(advice('refillable-bottle')).toEqual([false, false])
    expect(advice('bottle')).toEqual([false, true])
  })

  test('never weighed, or weighed under other stamps: contents unknown', () => {
    expect(cylinderFindings(cylinderGear({ lastWeighing: null }), NOW)[0]?.code).toBe('cylinder-not-weighed')
    const contradicted = cylinderGear({ tareKg: 20 })
    expect(gearContents(contradicted)).toBeNull()
    expect(cylinderFindings(contradicted, NOW)[0]?.code).toBe('weighing-contradicts-stamps')
  })

  test('a weighing is valid for two weeks; a day more gives a note', () => {
    const at = (day: string) =>
      cylinderGear({ lastWeighing: { grossKg: 14, hangingKg: 0, weighedAt: `2026-11-${day}T18:00:00.000Z` } })
    expect(cylinderFindings(at('17'), NOW)).toEqual([])
    expect(cylinderFindings(at('16'), NOW)[0]).toMatchObject({ code: 'weighing-old', severity: 'note' })
  })
})

/** Common practice: what the collars of common sizes read. */
test('typical sizes hold their nominal mass', () => {
  for (const { name, kind, tareKg, waterCapacityKg, labelNetKg } of typicalSizes) {
    const { limitKg } = contents({ gas: kindFacts[kind].gas, grossKg: tareKg, tareKg, waterCapacityKg, labelNetKg })
    const nominalLb = kind === 'bottle' ? 16.4 / 16 : Number(/^[\d.]+/.exec(name)?.[0])
    expect(limitKg / POUND_KG / nominalLb).toBeCloseTo(1, 2)
  }
})
