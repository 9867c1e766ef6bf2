import fc from 'fast-check'
import { InputError } from '@/core/base/InputError'
import { criticalPoint } from '@/core/fluids/criticalPoint'
import { cylinderState, liquidFullTemperatureK, pressureCurve } from '@/core/fluids/cylinderState'
import { fluids, type Fluid } from '@/core/fluids/fluidData'
import { onePhasePressurePa } from '@/core/fluids/onePhase'
import { saturation } from '@/core/fluids/saturation'
import { auxiliarySaturation, saturationTable, solveSaturation } from '@/core/fluids/saturationTable'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { helmholtz } from '@/core/fluids/helmholtz'

const coldest: Record<Fluid, number> = { propane: 173.15, co2: 216.592 }
const anyFluid = fc.constantFrom(...fluids)
const share = fc.double({ min: 0, max: 1, noNaN: true })

/** A density between thin vapor and cold liquid-full, and a temperature in range. */
function densityAt(fluid: Fluid, part: number): number {
  const { vaporDensity, liquidDensity, nodes } = saturationTable(fluid)
  const thin = (vaporDensity[nodes - 1] ?? 1) / 2
  return thin * ((liquidDensity[nodes - 1] ?? 1) / thin) ** part
}

function pressure(fluid: Fluid, density: number, temperatureK: number): number | null {
  try {
    return cylinderState(fluid, density, 1, temperatureK).pressurePa
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

describe('no seam', () => {
  test('pressure never falls as a closed cylinder warms', () => {
    fc.assert(
      fc.property(anyFluid, share, share, share, (fluid, part, a, b) => {
        const density = densityAt(fluid, part)
        const span = 423.15 - coldest[fluid]
        const cold = pressure(fluid, density, coldest[fluid] + span * Math.min(a, b))
        const warm = pressure(fluid, density, coldest[fluid] + span * Math.max(a, b))
        // Above 1,000 bar there is no value, at any higher temperature either.
        if (cold === null) expect(warm).toBeNull()
        if (cold !== null && warm !== null) expect(warm).toBeGreaterThanOrEqual(cold - 1e-6 * cold)
      }),
      { numRuns: 3000 },
    )
  })

  test('it is continuous at liquid-full, at dryness, and at the critical temperature', () => {
    fc.assert(
      fc.property(anyFluid, share, (fluid, part) => {
        const density = densityAt(fluid, part)
        const { critical, fromK } = saturationTable(fluid)
        const seams = [critical.temperatureK, liquidFullTemperatureK(fluid, density, 1)]
        // The dry-out temperature by bisection: where saturated vapor is as dense as the contents.
        let [wet, dry] = [fromK, critical.temperatureK]
        for (let i = 0; i < 60 && density < critical.densityKgM3; i += 1) {
          const middle = (wet + dry) / 2
          if (saturation(fluid, middle).vapourDensityKgM3 < density) wet = middle
          else dry = middle
        }
        for (const phaseBoundary of [...seams, wet]) {
          if (phaseBoundary === null || phaseBoundary < coldest[fluid] + 0.001) continue
          const before = pressure(fluid, density, phaseBoundary - 1e-6)
          const after = pressure(fluid, density, phaseBoundary + 1e-6)
          if (before !== null && after !== null) expect(Math.abs(after - before)).toBeLessThan(60)
        }
      }),
      { numRuns: 500 },
    )
  })

  test('every phase is met on the way from cold to hot', () => {
    const phases = (density: number): string[] => [
      ...new Set(pressureCurve('propane', density, 1, { fromK: 200, toK: 400, points: 400 }).map(({ phase }) => phase)),
    ]
    expect(phases(419)).toEqual(['two-phase', 'liquid-full', 'supercritical'])
    expect(phases(10)).toEqual(['two-phase', 'vapour-only'])
    expect(phases(200)).toEqual(['two-phase', 'vapour-only', 'supercritical'])
  })
})

describe('the table reproduces the solution', () => {
  test.each(fluids)('%s, between the nodes', (fluid) => {
    const { critical } = saturationTable(fluid)
    for (let part = 0.01; part < 0.998; part += 0.0217) {
      const temperatureK = coldest[fluid] + part * (critical.temperatureK - coldest[fluid])
      const read = saturation(fluid, temperatureK)
      const solved = solveSaturation(fluid, temperatureK, read)
      expect(Math.abs(read.pressurePa / solved.pressurePa - 1)).toBeLessThan(1e-7)
      expect(Math.abs(read.liquidDensityKgM3 / solved.liquidDensityKgM3 - 1)).toBeLessThan(1e-7)
      expect(Math.abs(read.vapourDensityKgM3 / solved.vapourDensityKgM3 - 1)).toBeLessThan(1e-6)
      if (fluid === 'propane' || temperatureK < 280) {
        expect(Math.abs(read.latentHeatJPerKg / solved.latentHeatJPerKg - 1)).toBeLessThan(1e-6)
      }
    }
  })

  test.each(fluids)('%s: both phases have equal pressure and potential', (fluid) => {
    for (const temperatureK of [coldest[fluid] + 1, 250, 280, 300]) {
      const { liquidDensityKgM3, vapourDensityKgM3, pressurePa } = saturation(fluid, temperatureK)
      const liquid = helmholtz(fluid, temperatureK, liquidDensityKgM3)
      const vapor = helmholtz(fluid, temperatureK, vapourDensityKgM3)
      expect(liquid.potential).toBeCloseTo(vapor.potential, 5)
      expect(Math.abs(vapor.pressurePa / pressurePa - 1)).toBeLessThan(1e-6)
    }
  })

  test.each(fluids)('%s: latent heat obeys Clapeyron, L = T·Δv·dp/dT', (fluid) => {
    for (const temperatureK of [230, 260, 275, ...(fluid === 'propane' ? [290, 302] : [])]) {
      const { liquidDensityKgM3, vapourDensityKgM3, latentHeatJPerKg } = saturation(fluid, temperatureK)
      const slope =
        (saturation(fluid, temperatureK + 0.01).pressurePa - saturation(fluid, temperatureK - 0.01).pressurePa) / 0.02
      const clapeyron = temperatureK * (1 / vapourDensityKgM3 - 1 / liquidDensityKgM3) * slope
      expect(Math.abs(latentHeatJPerKg / clapeyron - 1)).toBeLessThan(1e-4)
    }
  })

  test('close to its critical point CO2’s latent heat is as its measured vapor pressures and densities ask', () => {
    let above = Infinity
    for (let temperatureK = 285; temperatureK < 304.3; temperatureK += 0.05) {
      const here = saturation('co2', temperatureK).latentHeatJPerKg
      expect(here).toBeLessThanOrEqual(above)
      above = here
      const { liquidDensityKgM3, vapourDensityKgM3 } = auxiliarySaturation('co2', temperatureK)
      const slope =
        (auxiliarySaturation('co2', temperatureK + 1e-3).pressurePa -
          auxiliarySaturation('co2', temperatureK - 1e-3).pressurePa) /
        2e-3
      const clapeyron = temperatureK * (1 / vapourDensityKgM3 - 1 / liquidDensityKgM3) * slope
      if (temperatureK >= 290 && temperatureK < 304.1) expect(Math.abs(here / clapeyron - 1)).toBeLessThan(1e-3)
    }
    expect(above).toBe(0)
  })

  test('the equation’s critical points lie within half a kelvin of the measured ones', () => {
    expect(Math.abs(criticalPoint('propane').temperatureK - 369.89)).toBeLessThan(0.5)
    expect(Math.abs(criticalPoint('co2').temperatureK - 304.1282)).toBeLessThan(0.5)
  })

  test.each(fluids)('%s: the solution converges as close to the critical point as wanted', (fluid) => {
    const { critical } = saturationTable(fluid)
    for (let s = 0.0012; s < 0.05; s *= 1.13) {
      const temperatureK = critical.temperatureK * (1 - s * s)
      const { liquidDensityKgM3, vapourDensityKgM3 } = saturation(fluid, temperatureK)
      const guess = { liquidDensityKgM3: liquidDensityKgM3 * 1.0002, vapourDensityKgM3: vapourDensityKgM3 * 0.9998 }
      const solved = solveSaturation(fluid, temperatureK, guess)
      expect(Math.abs(solved.liquidDensityKgM3 / liquidDensityKgM3 - 1)).toBeLessThan(1e-5)
      expect(Math.abs(solved.vapourDensityKgM3 / vapourDensityKgM3 - 1)).toBeLessThan(1e-5)
    }
  })

  test('slopes of the equation are those of its pressure', () => {
    const h = 1e-3
    const middle = helmholtz('co2', 290, 800)
    const byDensity = (helmholtz('co2', 290, 800 + h).pressurePa - helmholtz('co2', 290, 800 - h).pressurePa) / (2 * h)
    const byTemperature =
      (helmholtz('co2', 290 + h, 800).pressurePa - helmholtz('co2', 290 - h, 800).pressurePa) / (2 * h)
    expect(middle.pressureByDensity / byDensity).toBeCloseTo(1, 6)
    expect(middle.pressureByTemperature / byTemperature).toBeCloseTo(1, 6)
  })
})

describe('a closed cylinder', () => {
  test('liquid and vapor together weigh the contents', () => {
    fc.assert(
      fc.property(anyFluid, share, share, (fluid, part, warmth) => {
        const { critical } = saturationTable(fluid)
        const temperatureK = coldest[fluid] + warmth * (critical.temperatureK - 0.5 - coldest[fluid])
        const { liquidDensityKgM3, vapourDensityKgM3 } = saturation(fluid, temperatureK)
        const density = vapourDensityKgM3 + (0.001 + 0.998 * part) * (liquidDensityKgM3 - vapourDensityKgM3)
        const state = cylinderState(fluid, density * 0.02, 0.02, temperatureK)
        const level = state.liquidVolumeFraction ?? NaN
        expect(state.phase).toBe('two-phase')
        expect(level * liquidDensityKgM3 + (1 - level) * vapourDensityKgM3).toBeCloseTo(density, 6)
      }),
    )
  })

  test('at the liquid-full temperature the liquid has just the density of the contents', () => {
    fc.assert(
      fc.property(anyFluid, share, (fluid, part) => {
        const { critical, liquidDensity, nodes } = saturationTable(fluid)
        const density =
          critical.densityKgM3 * 1.02 + 0.9999 * part * ((liquidDensity[nodes - 1] ?? 0) - critical.densityKgM3 * 1.02)
        const fullAt = liquidFullTemperatureK(fluid, density, 1)
        expect(fullAt).not.toBeNull()
        expect(saturation(fluid, fullAt ?? 0).liquidDensityKgM3).toBeCloseTo(density, 5)
      }),
    )
  })

  test('too little aboard is never liquid-full', () => {
    expect(liquidFullTemperatureK('propane', 100, 1)).toBeNull()
    expect(cylinderState('propane', 1, 1, 300)).toMatchObject({ phase: 'vapour-only', liquidVolumeFraction: 0 })
  })
})

describe('outside the range', () => {
  const refused = (run: () => unknown): string | undefined => {
    try {
      run()
    } catch (error) {
      if (error instanceof InputError) return error.issues[0]?.path
      throw error
    }
    return undefined
  }

  test.each<[string, () => unknown, string]>([
    ['−101 °C', () => saturation('propane', 172.15), 'temperatureK'],
    ['151 °C', () => cylinderState('propane', 9, 0.02, 424.15), 'temperatureK'],
    ['no number', () => saturation('propane', NaN), 'temperatureK'],
    ['boiling above the critical temperature', () => saturation('co2', 310), 'temperatureK'],
    ['CO2 under its triple point', () => cylinderState('co2', 1, 0.01, 210), 'temperatureK'],
    ['nothing inside', () => cylinderState('propane', 0, 0.02, 290), 'massKg'],
    ['less than zero inside', () => cylinderState('propane', -1, 0.02, 290), 'massKg'],
    ['no room', () => cylinderState('propane', 1, 0, 290), 'volumeM3'],
    ['more than fits', () => cylinderState('propane', 9, 0.0001, 290), 'massKg'],
    ['pressed beyond 1,000 bar', () => cylinderState('propane', 640, 1, 400), 'massKg'],
    ['a density between the phases', () => onePhasePressurePa('propane', 290, 200), 'densityKgM3'],
    ['a density of nothing', () => onePhasePressurePa('propane', 290, 0), 'densityKgM3'],
    [
      'a curve that runs backwards',
      () => pressureCurve('propane', 9, 0.02, { fromK: 300, toK: 290, points: 5 }),
      'toK',
    ],
    ['a curve of one point', () => pressureCurve('propane', 9, 0.02, { fromK: 290, toK: 300, points: 1 }), 'points'],
    ['out of the atmosphere', () => standardAtmospherePa(12000), 'altitudeM'],
  ])('%s', (_, run, path) => {
    expect(refused(run)).toBe(path)
  })
})

test('a curve ends with the first point above the pressure asked for', () => {
  const span = { fromK: 250, toK: 360, points: 56 }
  const whole = pressureCurve('propane', 9, 0.0216, span)
  const cut = pressureCurve('propane', 9, 0.0216, { ...span, untilPa: 1.5e6 })
  expect(whole).toHaveLength(56)
  expect(cut).toEqual(whole.slice(0, cut.length))
  expect(cut.at(-1)?.pressurePa).toBeGreaterThan(1.5e6)
  expect(cut.at(-2)?.pressurePa).toBeLessThanOrEqual(1.5e6)
})
