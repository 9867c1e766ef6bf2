import fc from 'fast-check'
import { Solver } from '@/core/heat/air/odex'
import { fahrenheit, POUND_KG, PSI_PA } from '@tests/tradeUnits'
import { cylinderState } from '@/core/fluids/cylinderState'
import { saturation } from '@/core/fluids/saturation'
import {
  interpolateSaturation,
  SATURATION_COLUMN,
  boilingTemperatureK,
} from '@/core/vaporization/propaneSaturationTable'
import {
  WALL_J_KG_K,
  saturatedVaporMassKg,
  internalEnergyJ,
  isVaporOnly,
  liquidFraction,
  cylinderPressurePa,
  unusableMassKg,
  cylinderAtRest,
  wallConductanceWPerK,
} from '@/core/vaporization/cylinderThermalState'
import { isFrosted } from '@/core/run/simulation/runningSource'
import { vesselBody, wettedAreaM2 } from '@/core/vaporization/vessel'
import { stepCylinders, type StepEnvironment } from '@/core/vaporization/stepCylinders'
import { heatTransferCoefficientWPerM2K } from '@/core/vaporization/heatTransfer'

const twenty = vesselBody({ waterCapacityKg: 47.6 * POUND_KG, stands: 'upright', wallKg: 7.9 })
const NEED_PA = 101_325 + 10 * PSI_PA

function around(airK: number, stepS = 60, needPa = NEED_PA, u = 11.5): StepEnvironment {
  return { airK, heatTransferCoefficientWPerM2K: u, stepS, needPa, leastK: boilingTemperatureK(needPa) }
}

const kelvin = fc.double({ min: 215, max: 320, noNaN: true })

describe('the saturation table', () => {
  test('reproduces the fluid’s own data', () => {
    fc.assert(
      fc.property(kelvin, (temperatureK) => {
        const phaseBoundary = saturation('propane', temperatureK)
        expect(
          interpolateSaturation(SATURATION_COLUMN.pressurePa, temperatureK) / phaseBoundary.pressurePa,
        ).toBeCloseTo(1, 3)
        expect(
          interpolateSaturation(SATURATION_COLUMN.vaporKgM3, temperatureK) / phaseBoundary.vapourDensityKgM3,
        ).toBeCloseTo(1, 3)
      }),
    )
  })

  test('inverted, it returns the temperature', () => {
    fc.assert(
      fc.property(kelvin, (temperatureK) => {
        expect(boilingTemperatureK(interpolateSaturation(SATURATION_COLUMN.pressurePa, temperatureK))).toBeCloseTo(
          temperatureK,
          5,
        )
      }),
    )
    expect(boilingTemperatureK(0)).toBeCloseTo(173.15, 6)
    expect(boilingTemperatureK(1e9)).toBeCloseTo(343.15, 0)
  })

  test('boils at −44 °F at atmospheric pressure', () => {
    expect(boilingTemperatureK(101_325)).toBeCloseTo(fahrenheit(-44), 0)
  })
})

describe('a cylinder at rest', () => {
  test('has the pressure and the level of the fluid’s own state', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 9, noNaN: true }), kelvin, (massKg, temperatureK) => {
        const thermal = cylinderAtRest(twenty, massKg, temperatureK)
        const state = cylinderState('propane', massKg, twenty.volumeM3, temperatureK)
        if (state.phase === 'two-phase') {
          expect(cylinderPressurePa(thermal) / state.pressurePa).toBeCloseTo(1, 3)
          expect(liquidFraction(thermal)).toBeCloseTo(state.liquidVolumeFraction ?? NaN, 3)
        } else {
          // Gas alone: a short virial series against the equation of state.
          expect(isVaporOnly(thermal)).toBe(true)
          expect(Math.abs(cylinderPressurePa(thermal) / state.pressurePa - 1)).toBeLessThan(0.02)
        }
      }),
    )
  })

  test('its residue is the gas below useful pressure', () => {
    const cold = cylinderAtRest(twenty, 5, 270)
    const thin = { ...cold, massKg: unusableMassKg(cold, NEED_PA) }
    expect(cylinderPressurePa(thin)).toBeCloseTo(NEED_PA, 3)
    expect(saturatedVaporMassKg(twenty, 270)).toBeGreaterThan(thin.massKg)
  })
})

describe('wetted wall', () => {
  test('an upright cylinder: bottom and side up to the liquid', () => {
    const body = { ...twenty, diameterM: 0.3, lengthM: 0.4 }
    expect(wettedAreaM2(body, 0.5)).toBeCloseTo((Math.PI / 4) * 0.09 + Math.PI * 0.3 * 0.2, 9)
    expect(wettedAreaM2(body, 0)).toBe(0)
  })

  test('a horizontal tank at half: half its side and half its ends', () => {
    const body = { ...twenty, stands: 'lying' as const, diameterM: 0.3, lengthM: 0.8 }
    expect(wettedAreaM2(body, 0.5)).toBeCloseTo((Math.PI * 0.3 * 0.8) / 2 + (Math.PI / 4) * 0.09, 6)
    expect(wettedAreaM2(body, 1)).toBeCloseTo(Math.PI * 0.3 * 0.8 + (Math.PI / 2) * 0.09, 4)
  })

  test('more liquid never wets less, in either orientation', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.constantFrom('upright' as const, 'lying' as const),
        (a, b, stands) => {
          const body = { ...twenty, stands }
          const [less, more] = a < b ? [a, b] : [b, a]
          expect(wettedAreaM2(body, more)).toBeGreaterThanOrEqual(wettedAreaM2(body, less) - 1e-9)
        },
      ),
    )
  })

  test('wind adds by exposure; none adds in a locker', () => {
    expect(heatTransferCoefficientWPerM2K(0, 'open')).toBe(heatTransferCoefficientWPerM2K(9, 'locker'))
    expect(heatTransferCoefficientWPerM2K(5, 'open')).toBeGreaterThan(heatTransferCoefficientWPerM2K(5, 'cover'))
    expect(heatTransferCoefficientWPerM2K(5, 'cover')).toBeGreaterThan(heatTransferCoefficientWPerM2K(5, 'locker'))
    expect(() => heatTransferCoefficientWPerM2K(-1, 'open')).toThrow('calm')
    expect(() => heatTransferCoefficientWPerM2K(99, 'open')).toThrow('60 m/s')
  })

  test('common sizes lie between their neighbors, and what is flatter than any vessel is refused', () => {
    const wide = (waterCapacityKg: number) => vesselBody({ waterCapacityKg, stands: 'upright' }).diameterM
    expect(wide(47.6 * POUND_KG)).toBeCloseTo(0.31, 2)
    expect(wide(1.107)).toBeCloseTo(0.098, 3)
    for (const [small, large] of [
      [0.5, 1.1],
      [1.2, 5],
      [60, 108],
      [454, 900],
    ] as const) {
      expect(wide(large)).toBeGreaterThan(wide(small))
    }
    expect(() => vesselBody({ waterCapacityKg: 10, stands: 'upright', diameterM: 1 })).toThrow('flatter')
  })
})

describe('a draw', () => {
  test('mass and energy balance for any draw from any number of cylinders', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.05, max: 9, noNaN: true }), { minLength: 1, maxLength: 3 }),
        fc.double({ min: 0, max: 0.02, noNaN: true }),
        fc.double({ min: 240, max: 310, noNaN: true }),
        fc.constantFrom(30, 300, 900),
        (masses, wantKg, airK, stepS) => {
          const open = masses.map((massKg) => cylinderAtRest(twenty, massKg, airK))
          const before = open.map(internalEnergyJ)
          let givenKg = 0
          for (let i = 0; i < 60; i += 1) givenKg += stepCylinders(open, wantKg, around(airK, stepS))
          const leftKg = open.reduce((sum, { massKg }) => sum + massKg, 0)
          const startKg = masses.reduce((sum, massKg) => sum + massKg, 0)
          expect(leftKg + givenKg).toBeCloseTo(startKg, 9)
          open.forEach((thermal, i) => {
            const stored = internalEnergyJ(thermal) - (before[i] ?? 0)
            expect(Math.abs(stored - thermal.heatInJ + thermal.gasOutJ)).toBeLessThan(
              1e-6 * Math.abs(internalEnergyJ(thermal)),
            )
            expect(thermal.massKg).toBeGreaterThanOrEqual(0)
          })
        },
      ),
      { numRuns: 60 },
    )
  })

  test('none is drawn below the useful pressure', () => {
    const thermal = cylinderAtRest(twenty, 2, 265)
    for (let i = 0; i < 300; i += 1) {
      stepCylinders([thermal], 0.05, around(265))
      expect(cylinderPressurePa(thermal)).toBeGreaterThan(NEED_PA * 0.999)
    }
    // The requested 15 kg were never available.
    expect(thermal.drawnKg).toBeLessThan(1.9)
  })

  test('agrees with an independent integrator on the same balance', () => {
    const [drawKgS, airK, startK] = [2.5e-4, 268, 268]
    const thermal = cylinderAtRest(twenty, 8, startK)
    for (let timeS = 0; timeS < 3 * 3600; timeS += 60) stepCylinders([thermal], drawKgS * 60, around(airK, 60, 101_325))
    // Temperature and mass; heat capacity by finite differences of the energy.
    const solver = new Solver(2)
    solver.relativeTolerance = 1e-8
    solver.absoluteTolerance = 1e-8
    const end = solver.solve(
      (_, [massKg = 0, temperatureK = 0]) => {
        const at = (m: number, t: number) => internalEnergyJ({ ...cylinderAtRest(twenty, m, t) })
        const capacity = (at(massKg, temperatureK + 0.25) - at(massKg, temperatureK - 0.25)) / 0.5
        const byMass = (at(massKg + 0.001, temperatureK) - at(massKg - 0.001, temperatureK)) / 0.002
        const heat =
          wallConductanceWPerK(cylinderAtRest(twenty, massKg, temperatureK), 11.5, massKg) * (airK - temperatureK)
        const vapor = interpolateSaturation(SATURATION_COLUMN.vaporEnthalpyJPerKg, temperatureK)
        return [-drawKgS, (heat - drawKgS * (vapor - byMass)) / capacity]
      },
      0,
      [8, startK],
      3 * 3600,
    ).y
    expect(thermal.massKg).toBeCloseTo(end[0] ?? NaN, 9)
    expect(thermal.temperatureK).toBeCloseTo(end[1] ?? NaN, 1)
  })

  test('property: energy closes where the last liquid boils away as an idle cylinder warms', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 225, max: 300, noNaN: true }),
        fc.double({ min: 1.000001, max: 1.05, noNaN: true }),
        fc.double({ min: 0, max: 12, noNaN: true }),
        (temperatureK, wetness, warmerK) => {
          const massKg = saturatedVaporMassKg(twenty, temperatureK) * wetness
          const thermal = cylinderAtRest(twenty, massKg, temperatureK)
          const startJ = internalEnergyJ(thermal)
          for (let i = 0; i < 5; i += 1) stepCylinders([thermal], 0, around(temperatureK + warmerK, 600))
          expect(thermal.heatInJ).toBeCloseTo(internalEnergyJ(thermal) - startJ, 3)
          expect(thermal.massKg).toBe(massKg)
        },
      ),
    )
  })

  test('two alike and open share the draw to the gram, and chill less than one alone', () => {
    const pair = [cylinderAtRest(twenty, 6, 270), cylinderAtRest(twenty, 6, 270)]
    const single = cylinderAtRest(twenty, 6, 270)
    for (let i = 0; i < 120; i += 1) {
      stepCylinders(pair, 0.012, around(270))
      stepCylinders([single], 0.012, around(270))
    }
    expect(pair[0]?.massKg).toBeCloseTo(pair[1]?.massKg ?? NaN, 9)
    expect(pair[0]?.temperatureK).toBeGreaterThan(single.temperatureK + 1)
  })

  test('a colder one beside a warm one gives nothing, and takes nothing back', () => {
    const [warm, cold] = [cylinderAtRest(twenty, 6, 285), cylinderAtRest(twenty, 6, 262)]
    stepCylinders([warm, cold], 0.003, around(270))
    expect(cold.massKg).toBe(6)
    expect(warm.massKg).toBeCloseTo(5.997, 9)
  })

  test('at the end: vapor alone, then nothing', () => {
    const thermal = cylinderAtRest(twenty, 0.35, 285)
    let givenKg = 0
    for (let i = 0; i < 400; i += 1) givenKg += stepCylinders([thermal], 0.002, around(285))
    expect(isVaporOnly(thermal)).toBe(true)
    expect(thermal.massKg).toBeCloseTo(unusableMassKg(thermal, NEED_PA), 3)
    expect(givenKg).toBeCloseTo(0.35 - thermal.massKg, 9)
    expect(thermal.temperatureK).toBeGreaterThan(280)
  })

  test('at rest it returns to air temperature', () => {
    const thermal = cylinderAtRest(twenty, 5, 250)
    for (let i = 0; i < 48 * 60; i += 1) stepCylinders([thermal], 0, around(280))
    expect(thermal.temperatureK).toBeCloseTo(280, 1)
    expect(thermal.heatInJ).toBeGreaterThan(twenty.wallKg * WALL_J_KG_K * 29)
  })
})

test('frost needs both: below freezing and below the dew point', () => {
  expect(isFrosted(265, 280)).toBe(true)
  expect(isFrosted(274, 300)).toBe(false)
  // In deep cold the air is too dry to frost a wall that is hardly colder.
  expect(isFrosted(262.5, 263)).toBe(false)
})

describe('two cylinders on one header, one of them running dry', () => {
  test('the header gives what is wanted and no more, and mass and energy close', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 1.5, noNaN: true }),
        fc.double({ min: 1, max: 9, noNaN: true }),
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        fc.double({ min: 268, max: 300, noNaN: true }),
        (littleKg, muchKg, wantKg, airK) => {
          const body = vesselBody({ waterCapacityKg: 21.6, stands: 'upright', wallKg: 8 })
          const open = [littleKg, muchKg].map((massKg) => cylinderAtRest(body, massKg, airK))
          const before = open.map((thermal) => internalEnergyJ(thermal))
          const needPa = 101_325 + 69_000
          const environment = {
            airK,
            heatTransferCoefficientWPerM2K: 11.5,
            stepS: 3600,
            needPa,
            leastK: boilingTemperatureK(needPa),
          }
          const givenKg = stepCylinders(open, wantKg, environment)
          expect(givenKg).toBeLessThanOrEqual(wantKg * (1 + 1e-6))
          expect(open.reduce((sum, { massKg }) => sum + massKg, 0) + givenKg).toBeCloseTo(littleKg + muchKg, 9)
          open.forEach((thermal, i) => {
            expect(thermal.massKg).toBeGreaterThanOrEqual(0)
            const stored = internalEnergyJ(thermal) - (before[i] ?? 0)
            const scale = Math.max(1, Math.abs(thermal.gasOutJ), Math.abs(thermal.heatInJ))
            expect(Math.abs(stored - thermal.heatInJ + thermal.gasOutJ) / scale).toBeLessThan(1e-6)
          })
        },
      ),
      { numRuns: 300 },
    )
  })
})

describe('wind on a cylinder', () => {
  test('still air 11.5, and at 10 m/s about 36 W/(m² K): Churchill and Bernstein by hand, with radiation', () => {
    expect(heatTransferCoefficientWPerM2K(0, 'open')).toBeCloseTo(11.5, 9)
    // Re = 10 × 0.3 ÷ 1.33e-5 = 225,564; Nu = 0.3 + 230.4 × 1.648 = 380; × 0.0243 ÷ 0.3 = 30.8; + 4.6.
    expect(heatTransferCoefficientWPerM2K(10, 'open')).toBeGreaterThan(35)
    expect(heatTransferCoefficientWPerM2K(10, 'open')).toBeLessThan(37)
  })
  test('more wind is never less, a cover less than the open, a locker none', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 59, noNaN: true }), (windMS) => {
        const open = heatTransferCoefficientWPerM2K(windMS, 'open')
        expect(heatTransferCoefficientWPerM2K(windMS + 1, 'open')).toBeGreaterThan(open)
        expect(heatTransferCoefficientWPerM2K(windMS, 'cover')).toBeLessThanOrEqual(open)
        expect(heatTransferCoefficientWPerM2K(windMS, 'locker')).toBeCloseTo(11.5, 9)
      }),
    )
  })
})
