import fc from 'fast-check'
import { fahrenheit, OUNCE_KG, POUND_KG } from '@tests/tradeUnits'
import { decant, type DecantInput } from '@/core/fill/decanting/decant'
import { decantUncertainty, decantOutlook, decantSequence } from '@/core/fill/decanting/decantOutlook'
import { saturation } from '@/core/fluids/saturation'

const bottle = { bottleTareKg: 0.41, bottleWaterCapacityKg: 1.107 }
const at = (supplyF: number, bottleF: number, more: Partial<DecantInput> = {}) =>
  decant({ supplyTemperatureK: fahrenheit(supplyF), bottleTemperatureK: fahrenheit(bottleF), ...bottle, ...more })

describe('where the hiss stops', () => {
  test('the heat of the wall boils the vapor that fills the bottle', () => {
    const { wallTemperatureK } = at(70, 32, { evacuated: true })
    const cold = saturation('propane', wallTemperatureK)
    const given = 0.41 * 480 * (fahrenheit(32) - wallTemperatureK)
    const taken = cold.vapourDensityKgM3 * (1.107 / 999.016) * cold.latentHeatJPerKg
    expect(given / taken).toBeCloseTo(1, 6)
  })

  // In the usual range; far outside it the expansion of a hot supply outweighs its pressure.
  const supplyF = fc.double({ min: 20, max: 105, noNaN: true })
  const below = fc.double({ min: 0, max: 60, noNaN: true })
  test('never less from a warmer supply', () => {
    fc.assert(
      fc.property(supplyF, below, fc.double({ min: 0, max: 15, noNaN: true }), (supply, colder, warmer) => {
        const before = at(supply, supply - colder).expectedNetKg
        expect(at(supply + warmer, supply - colder).expectedNetKg).toBeGreaterThanOrEqual(before - 1e-9)
      }),
    )
  })
  test('never less into a colder bottle, from a bottle warmer than the supply down to far below it', () => {
    fc.assert(
      fc.property(
        supplyF,
        fc.double({ min: -20, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (supply, colder, more) => {
          const before = at(supply, supply - colder).expectedNetKg
          expect(at(supply, supply - colder - more).expectedNetKg).toBeGreaterThanOrEqual(before - 1e-9)
        },
      ),
    )
  })
  test('the colder the supply the less enters, without a step: a hundredth of a degree changes next to nothing', () => {
    expect(at(69.99, 70).expectedNetKg / at(70, 70).expectedNetKg).toBeCloseTo(1, 3)
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 90, noNaN: true }),
        fc.double({ min: -40, max: 40, noNaN: true }),
        (bottleF, more) => {
          const [one, other] = [at(bottleF + more, bottleF), at(bottleF + more - 0.01, bottleF)]
          expect(Math.abs(one.expectedNetKg - other.expectedNetKg)).toBeLessThan(0.002)
        },
      ),
    )
    // Far colder it gives nothing, and takes nothing out.
    expect(at(20, 90, { residualKg: 0.05 }).expectedNetKg).toBeGreaterThanOrEqual(0.05 - 1e-9)
    expect(at(20, 90).expectedNetKg).toBeLessThan(0.02)
  })
  test('a bottle opened to the air holds about two grams of vapor; venting one without liquid does not chill it', () => {
    expect(at(20, 90).expectedNetKg).toBeGreaterThan(0.001)
    expect(at(70, 70, { ventedFirst: true })).toEqual({ ...at(70, 70), overfillPossible: true })
    expect(at(70, 70, { ventedFirst: true, residualKg: 0.05 }).expectedNetKg).toBeGreaterThan(at(70, 70).expectedNetKg)
  })
  test('more left in it leaves less room, but never less in it', () => {
    const empty = at(70, 32)
    const some = at(70, 32, { residualKg: 0.1 })
    expect(some.expectedNetKg - 0.1).toBeLessThan(empty.expectedNetKg)
    expect(some.expectedNetKg).toBeGreaterThan(0.1)
    expect(some.wallTemperatureK).toBe(fahrenheit(32))
  })
  test('overfill is possible when the bottle is the colder or was vented', () => {
    expect(at(70, 70).overfillPossible).toBe(false)
    expect(at(70, 69).overfillPossible).toBe(true)
    expect(at(70, 70, { ventedFirst: true })).toMatchObject({ overfillPossible: true })
    expect(at(70, 70, { ventedFirst: true, residualKg: 0.08 }).fractionOfLimit).toBeGreaterThan(1)
  })
  test.each([
    [{ bottleTareKg: 0 }, 'bottleTareKg'],
    [{ bottleWaterCapacityKg: -1 }, 'waterCapacityKg'],
    [{ supplyTemperatureK: 500 }, 'supplyTemperatureK'],
    [{ bottleTemperatureK: NaN }, 'bottleTemperatureK'],
    [{ residualKg: -0.1 }, 'residualKg'],
    [{ residualKg: 2 }, 'residualKg'],
    [{ gamma: 0.5 }, 'gamma'],
    [{ wallHeatJKgK: 0 }, 'wallHeatJKgK'],
  ])('%j is refused at %s', (change, path) => {
    expect(() => at(70, 32, change)).toThrow(expect.objectContaining({ issues: [expect.objectContaining({ path })] }))
  })
})

test('the band holds the estimate', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 30, max: 100, noNaN: true }),
      fc.double({ min: -10, max: 60, noNaN: true }),
      (supply, colder) => {
        const input = {
          supplyTemperatureK: fahrenheit(supply),
          bottleTemperatureK: fahrenheit(supply - colder),
          ...bottle,
        }
        const { lowKg, highKg } = decantUncertainty(input)
        const { expectedNetKg } = decant(input)
        expect(lowKg).toBeLessThanOrEqual(expectedNetKg + 1e-9)
        expect(highKg).toBeGreaterThanOrEqual(expectedNetKg - 1e-9)
      },
    ),
  )
})

describe('several in a row', () => {
  const supply = {
    netKg: 18 * POUND_KG,
    tareKg: 17.8 * POUND_KG,
    waterCapacityKg: 47.6 * POUND_KG,
    temperatureK: fahrenheit(70),
  }
  const cold = { temperatureK: fahrenheit(32), tareKg: 0.41, waterCapacityKg: 1.107 }
  // An empty bottle holds vapor at the pressure of the air; by the ideal gas law about 2 g.
  const { expectedNetKg, enteredKg } = decant({
    supplyTemperatureK: supply.temperatureK,
    bottleTemperatureK: cold.temperatureK,
    bottleTareKg: cold.tareKg,
    bottleWaterCapacityKg: cold.waterCapacityKg,
  })
  const vaporKg = expectedNetKg - enteredKg

  test('an empty bottle holds vapor of the open air', () => {
    expect(vaporKg).toBeCloseTo((101_325 * (1.107 / 999) * 0.0440956) / (8.314 * fahrenheit(32)), 4)
  })

  test('the supply cools and empties, each bottle gets a little less, and mass is conserved', () => {
    const row = decantSequence(supply, [cold, cold, cold, cold])
    for (const [i, now] of row.entries()) {
      const before = row[i - 1]
      expect(now.supplyLeftKg + now.netKg).toBeCloseTo((before?.supplyLeftKg ?? supply.netKg) + vaporKg, 12)
      expect(now.supplyTemperatureK).toBeLessThan(before?.supplyTemperatureK ?? supply.temperatureK)
      expect(now.netKg).toBeLessThan(before?.netKg ?? 1)
    }
  })
  test('it ends when the supply is out of liquid', () => {
    const row = decantSequence({ ...supply, netKg: 0.8 }, [cold, cold, cold])
    expect(row.map(({ ranOut }) => ranOut)).toEqual([false, true, true])
    // What is left is the vapor that an empty bottle holds.
    expect(row[2]?.netKg).toBeCloseTo(vaporKg, 9)
    expect(row.at(-1)?.supplyLeftKg).toBeGreaterThan(0)
  })
  test('more than two dozen is not a row', () => {
    expect(() =>
      decantSequence(
        supply,
        Array.from({ length: 25 }, () => cold),
      ),
    ).toThrow(/At most 24/)
  })
  test('the outlook puts chilled, not chilled and vented side by side', () => {
    const outlook = decantOutlook({ supply, bottle: { ...cold, residualKg: 0.05 }, count: 3 })
    expect(outlook.expected.fractionOfLimit).toBeGreaterThan(outlook.unchilled.fractionOfLimit)
    expect(outlook.vented.fractionOfLimit).toBeGreaterThan(1)
    expect(outlook.row).toHaveLength(3)
    expect(outlook.figure.quantity.value / OUNCE_KG).toBeCloseTo(outlook.expected.fractionOfLimit * 16.4, 1)
  })
})
