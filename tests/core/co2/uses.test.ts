import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import fc from 'fast-check'
import { fahrenheit } from '@tests/tradeUnits'
import { co2InRoom } from '@/core/co2/co2InRoom'
import { kegPlan, type Keg } from '@/core/co2/kegPlan'
import { kegSlip } from '@/core/co2/kegSlip'
import { usesLeft, airTools, toolGasKg } from '@/core/co2/toolGas'

const keg: Keg = {
  drinkM3: 0.019,
  temperatureK: fahrenheit(38),
  volumes: 2.5,
  startVolumes: 0,
  glassM3: 0.00035,
  altitudeM: 0,
  gasKg: 2,
}

describe('a keg', () => {
  test('2.5 volumes into 19 L weigh 94 g, and 54 glasses come out', () => {
    const plan = kegPlan(keg)
    // 2.5 × 19 L × 1.977 g/L, CO2 at 0 °C and 1 atm.
    expect(plan.carbonateKg).toBeCloseTo(0.0939, 4)
    expect(plan.glasses).toBe(54)
    expect(plan.kegs * plan.perKegKg).toBeCloseTo(2, 9)
    expect(plan.leftKg).toBeCloseTo(2 - plan.perKegKg, 12)
  })

  test('all glasses together need no more gas than the whole drink', () => {
    const { perGlassKg, glasses, perKegKg, carbonateKg } = kegPlan(keg)
    expect(perGlassKg * glasses).toBeLessThanOrEqual(perKegKg - carbonateKg + 1e-12)
  })

  test('a drink that is already carbonated needs less; one above the target needs none', () => {
    expect(kegPlan({ ...keg, startVolumes: 1.25 }).carbonateKg).toBeCloseTo(kegPlan(keg).carbonateKg / 2, 12)
    expect(kegPlan({ ...keg, startVolumes: 3 }).carbonateKg).toBe(0)
  })

  test('its slip adds up and shows a shortage', () => {
    for (const gasKg of [2, 0.05]) {
      const { lines, result } = kegSlip({ ...keg, gasKg })
      const sum = lines.reduce((total, { sign, figure }) => total + (sign === '−' ? -1 : 1) * figure.quantity.value, 0)
      expect(result.figure.quantity.value).toBeCloseTo(Math.abs(sum), 12)
      expect(result.label).toBe(sum < 0 ? 'Short by' : 'Left after this keg')
    }
  })

  test.each([
    [{ drinkM3: 0 }, 'drinkM3'],
    [{ glassM3: 0.02 }, 'glassM3'],
    [{ gasKg: -1 }, 'gasKg'],
    [{ startVolumes: -1 }, 'startVolumes'],
    [{ volumes: 20 }, 'volumes'],
  ])('%o is refused at its field', (change, path) => {
    expect(() => kegPlan({ ...keg, ...change })).toThrow(
      expect.objectContaining({ issues: [expect.objectContaining({ path })] }),
    )
  })
})

describe('in a closed room', () => {
  test('5 lb let go in a van of 10 m³: a tenth of its air, far over the 40,000 ppm of immediate danger', () => {
    // 2.268 kg ÷ 44.01 g/mol × 24.06 L/mol = 1.24 m³.
    const { allPpm } = co2InRoom(2.268, 0, 10, 0.002, 101_325)
    expect(allPpm).toBeGreaterThan(105_000)
    expect(allPpm).toBeLessThan(125_000)
  })

  test('without a leak it is outside air; a leak settles where inflow carries it off', () => {
    expect(co2InRoom(0, 0, 10, 0.002, 101_325)).toEqual({ allPpm: 420, leakPpm: 420 })
    // 100 g a day are 0.63 mL/s: in 2 L/s of fresh air some 316 ppm more.
    expect(co2InRoom(2, 0.1, 10, 0.002, 101_325).leakPpm).toBeCloseTo(420 + 316, -1)
  })

  test('never more than all of the air, and the more the smaller the room', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.double({ min: 1, max: 60, noNaN: true }),
        (kg, m3) => {
          const { allPpm } = co2InRoom(kg, 0, m3, 0.01, 101_325)
          expect(allPpm).toBeLessThanOrEqual(1_000_420)
          expect(co2InRoom(kg, 0, m3 * 2, 0.01, 101_325).allPpm).toBeLessThanOrEqual(allPpm)
        },
      ),
    )
    expect(() => co2InRoom(1, 0, 0, 0.01, 101_325)).toThrow('A room has more than zero')
    expect(() => co2InRoom(1, 0, 10, 0, 101_325)).toThrow('leaks some air')
    expect(() => co2InRoom(-1, 0, 10, 1, 101_325)).toThrow('less than zero')
    expect(() => co2InRoom(1, -1, 10, 1, 101_325)).toThrow('less than zero')
  })
})

test.each(airTools)('$name swallows twice as much in twice the time, and less gas where the air is thin', ({ id }) => {
  const once = toolGasKg(id, 60, 290, 0)
  expect(once).toBeGreaterThan(0)
  expect(toolGasKg(id, 120, 290, 0)).toBeCloseTo(2 * once, 12)
  expect(toolGasKg(id, 60, 290, 2410)).toBeLessThan(once)
  expect(() => toolGasKg(id, -1, 290, 0)).toThrow('less than zero')
})

test('only whole uses, and a bounded number', () => {
  expect(usesLeft(1, 0.3)).toBe(3)
  expect(usesLeft(0.9, 0.3)).toBe(3)
  expect(usesLeft(0.2, 0.3)).toBe(0)
  expect(usesLeft(1, 0)).toBe(9999)
})

test('in thin air the same leak is more of the room: at 7,907 ft about a third more', () => {
  const sea = co2InRoom(2.268, 0.5, 10, 0.00025, 101_325)
  const high = co2InRoom(2.268, 0.5, 10, 0.00025, standardAtmospherePa(2410))
  const ratio = 101_325 / standardAtmospherePa(2410)
  expect(ratio).toBeGreaterThan(1.3)
  // A slow leak is the share of the gas in what comes in: amounts of substance at the pressure of the place.
  const leak = (ppm: number): number => (ppm - 420) / 1e6
  const share = (part: number): number => part / (1 - part)
  expect(share(leak(high.leakPpm)) / share(leak(sea.leakPpm))).toBeCloseTo(ratio, 6)
  expect(high.allPpm).toBeGreaterThan(sea.allPpm)
  expect(() => co2InRoom(1, 0, 10, 1, 0)).toThrow('air pressure above 0')
})

test('kegs are counted down: gas for 1.9 kegs is one', () => {
  const keg = {
    drinkM3: 0.019,
    temperatureK: 277,
    volumes: 2.5,
    startVolumes: 0,
    glassM3: 0.00047,
    altitudeM: 0,
    gasKg: 1,
  }
  const { perKegKg } = kegPlan(keg)
  const kegs = (gasKg: number) =>
    kegSlip({ ...keg, gasKg }).further.find(({ label }) => label === 'Kegs in the cylinder')?.figure.quantity.value
  expect(kegs(1.9 * perKegKg)).toBe(1)
  expect(kegs(2 * perKegKg)).toBe(2)
  expect(kegs(0.99 * perKegKg)).toBe(0)
})
