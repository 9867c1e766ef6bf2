import { panel, radiant } from '@tests/heat'
import { BTU_PER_HOUR_W, FOOT_M } from '@tests/tradeUnits'
import { altitudeFigures, heaterAltitude } from '@/core/heat/heaters/heaterAltitude'
import { heaterKinds, heaterSchema } from '@/core/heat/heaters/heater'
import { compareHeater, type HeaterMoney } from '@/core/heat/heaters/compareHeater'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import { heaterProcedures, lightingSteps } from '@/core/heat/heaters/lightingSteps'

describe('altitude', () => {
  test('7,000 ft for a heater with a cut-off, by common practice; the manual takes precedence', () => {
    const common = heaterAltitude({ ...radiant, highestM: null }, 2410)
    expect(common).toMatchObject({ isAbove: true, from: 'common' })
    expect((common.limitM ?? 0) / FOOT_M).toBeCloseTo(7000, 6)
    expect(heaterAltitude({ ...radiant, highestM: 3000 }, 2410)).toMatchObject({ isAbove: false, from: 'manual' })
  })
  test('an unknown heater is assumed to have a cut-off; without one only the manual sets a limit', () => {
    expect(heaterAltitude({ ...radiant, highestM: null, oxygenCutOff: 'not-known' }, 2410).isAbove).toBe(true)
    expect(heaterAltitude({ ...panel, highestM: null }, 2410)).toMatchObject({ limitM: null, isAbove: false })
  })
  test('input is derated 4 % per 1,000 ft above sea level, from 2,000 ft up. NFPA 54 [from memory]', () => {
    expect(heaterAltitude(panel, 1999 * FOOT_M).deratedShare).toBe(1)
    expect(heaterAltitude(panel, 5000 * FOOT_M).deratedShare).toBeCloseTo(0.8, 9)
    expect(heaterAltitude(panel, 7907 * FOOT_M).deratedShare).toBeCloseTo(1 - 0.04 * 7.907, 9)
  })
  test('as quantities, each with its source', () => {
    const figures = altitudeFigures(radiant, 2410)
    expect(figures.map(({ figure }) => figure.basis)).toEqual([
      'atmosphere',
      'altitude-limit',
      'derating',
      'atmosphere',
    ])
    expect(altitudeFigures({ ...panel, highestM: null }, 2410)).toHaveLength(3)
  })
})

describe('one heater beside another', () => {
  const warmth = { lossWPerK: 50, capacityJPerK: 180_000 }
  const night = { outsideK: 268.15, insideK: 288.15, keepS: 36_000 }
  const money: HeaterMoney = { gasPerKg: 2, price: 90, lastsNights: 100 }
  const compare = (kind: keyof typeof heaterTemplates, of = money) =>
    compareHeater(heaterTemplates[kind].heater, warmth, night, 0, of)

  test('at 1,000 W required the panel holds, the radiant cycles above its low setting, and a small one falls short', () => {
    // A panel gives 1,600 to 3,000 BTU/h, 469 to 879 W; a radiant 4,000 to 9,000, 1,172 to 2,638 W.
    expect(compare('catalytic-panel').evenness).toBe('too-small')
    expect(compare('catalytic-panel').offByK).toBeCloseTo((1000 - 3000 * BTU_PER_HOUR_W) / 50, 6)
    expect(compare('portable-radiant').evenness).toBe('cycles')
    expect(compare('portable-radiant').offByK).toBeCloseTo((4000 * BTU_PER_HOUR_W - 1000) / 50, 6)
    const mild = compareHeater(
      heaterTemplates['catalytic-panel'].heater,
      warmth,
      { ...night, insideK: 280.15 },
      0,
      money,
    )
    expect(mild).toMatchObject({ evenness: 'steady', offByK: 0 })
  })
  test('gas for warming up and keeping warm, its price, and the share from the heater itself', () => {
    const { gasKg, gasCost, nightCost, warmUpS } = compare('portable-radiant')
    const inputW = 9000 * BTU_PER_HOUR_W
    const warmUp = 3600 * Math.log(inputW / 50 / (inputW / 50 - 20))
    expect(warmUpS).toBeCloseTo(warmUp, 6)
    expect(gasKg).toBeCloseTo((warmUp * inputW + 36e6) / 50.35e6, 9)
    expect(gasCost).toBeCloseTo(2 * gasKg, 9)
    expect(nightCost).toBeCloseTo(2 * gasKg + 0.9, 9)
    expect(compare('portable-radiant', { ...money, gasPerKg: null })).toMatchObject({ gasCost: null, nightCost: null })
    expect(compare('portable-radiant', { ...money, price: null }).nightCost).toBeCloseTo(2 * gasKg, 9)
  })
  test('a furnace burns more for the same heat, needs no window, and draws current', () => {
    const furnace = compare('furnace')
    expect(furnace.keepW).toBeGreaterThan(1000)
    expect(furnace.openAreaM2).toBe(0)
    // About six amperes for the share of the time it runs.
    expect((furnace.batteryC ?? 0) / 3600).toBeGreaterThan(10)
    expect((furnace.batteryC ?? 1e9) / 3600).toBeLessThan(60)
    expect(compare('catalytic-panel').batteryC).toBeNull()
    expect(compare('catalytic-panel').openAreaM2).toBeGreaterThan(0)
  })
})

describe('steps', () => {
  test.each(heaterKinds)('%s: every procedure has steps with reasons and unique names', (kind) => {
    const { heater } = heaterTemplates[kind]
    expect(heaterSchema.safeParse(heater).success).toBe(true)
    for (const procedure of heaterProcedures) {
      const steps = lightingSteps(heater, procedure)
      expect(steps.length).toBeGreaterThanOrEqual(2)
      expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length)
      for (const { why, does } of steps) {
        expect(why.length).toBeGreaterThan(10)
        expect(String(does).length).toBeGreaterThan(5)
        expect(`${why}${does}`).not.toMatch(/!/)
      }
    }
  })
  test('manual, alarm, openings, distances and leak test block what follows; pilot and spark are held', () => {
    const steps = lightingSteps(radiant, 'light')
    expect(steps[0]?.id).toBe('manual')
    expect(steps.filter(({ holds }) => holds).map(({ id }) => id)).toEqual(['alarm', 'open', 'clear', 'tight'])
    expect(steps.filter(({ holdS }) => holdS !== undefined).map(({ id }) => id)).toEqual(['pilot', 'spark'])
    for (const { holdS } of steps) if (holdS !== undefined) expect(holdS).toBeGreaterThanOrEqual(30)
  })
  test('shutting down closes knob and valve and takes the bottle out', () => {
    const ids = lightingSteps(radiant, 'stop').map(({ id }) => id)
    expect(ids.slice(0, 3)).toEqual(['knob', 'valve', 'bottle'])
    expect(lightingSteps(panel, 'stop').map(({ id }) => id)).toContain('plug')
  })
  test('the tip test is done outside', () => {
    expect(lightingSteps(radiant, 'tip')[0]).toMatchObject({ id: 'outside', holds: true })
  })
})
