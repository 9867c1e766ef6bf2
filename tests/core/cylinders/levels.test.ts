import fc from 'fast-check'
import { cylinderGear, tankGear } from '@tests/gear'
import { fahrenheit, POUND_KG, PSI_PA } from '@tests/tradeUnits'
import { gaugeLevel, massAtLevelKg } from '@/core/cylinders/contents/liquidLevel'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { cylinderState } from '@/core/fluids/cylinderState'
import { SIXTY_F_K } from '@/core/units/convert'
import { heightLevel, type VesselShape } from '@/core/cylinders/contents/heightLevel'
import { calibrateGauge } from '@/core/cylinders/contents/calibrateGauge'
import type { Slip } from '@/core/rules/figure'
import { pumpSlip } from '@/core/fill/pumpSlip'
import { stopWeightSlip } from '@/core/fill/stopWeightSlip'
import { levelSlip } from '@/core/cylinders/contents/levelSlip'
import { interpretPressureGauge } from '@/core/cylinders/contents/pressureGauge'

const INCH_M = 0.0254

describe('a gauge', () => {
  test('both meanings of its full mark', () => {
    expect(gaugeLevel(0.5, 'usable')).toBeCloseTo(0.4, 12)
    expect(gaugeLevel(4 / 8, 'eighths')).toBeCloseTo(0.4, 12)
    expect(gaugeLevel(0.5, 'whole')).toBe(0.5)
    expect(() => gaugeLevel(1.01, 'whole')).toThrow(/from empty to full/)
    expect(() => gaugeLevel(NaN, 'usable')).toThrow(/from empty to full/)
  })

  test('a fixed tank is known by its gauge; a later weighing or reading counts', () => {
    const tank = tankGear()
    expect(gearContents(tank)?.fractionOfLimit).toBeCloseTo(0.51, 1)
    expect(gearContents(tankGear({ lastLevel: null }))).toBeNull()
    const level = { liquidFraction: 0.2, temperatureK: SIXTY_F_K, readAt: '2026-11-30T10:00:00.000Z' }
    const later = gearContents(cylinderGear({ lastLevel: level }))
    expect(later?.netKg).toBeCloseTo(massAtLevelKg('propane', 47.6 * POUND_KG, 0.2, SIXTY_F_K), 9)
    const earlier = cylinderGear({ lastLevel: { ...level, readAt: '2026-11-29T10:00:00.000Z' } })
    expect((gearContents(earlier)?.netKg ?? 0) / POUND_KG).toBeCloseTo(13.6, 9)
  })

  test('full to its stop it is full, not overfilled', () => {
    const full = tankGear({
      lastLevel: { liquidFraction: 0.8, temperatureK: SIXTY_F_K, readAt: '2026-11-30T10:00:00Z' },
    })
    expect(gearContents(full)).toMatchObject({ overfilled: false })
    expect(gearContents(full)?.netKg).toBeCloseTo(gearLimitKg(full), 9)
    // Filled by its gauge on a cold day it holds more mass, and is full all the same.
    const cold = { liquidFraction: 0.8, temperatureK: fahrenheit(0), readAt: '2026-11-30T10:00:00Z' }
    expect(gearContents(tankGear({ lastLevel: cold }))).toMatchObject({ overfilled: false })
    const over = { ...cold, liquidFraction: 0.85 }
    expect(gearContents(tankGear({ lastLevel: over }))).toMatchObject({ overfilled: true })
  })
})

test('mass from level and level from mass are each other’s undoing', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.02, max: 0.98, noNaN: true }),
      fc.double({ min: 230, max: 340, noNaN: true }),
      (share, kelvin) => {
        const massKg = massAtLevelKg('propane', 21.59, share, kelvin)
        expect(cylinderState('propane', massKg, 21.59 / 999.016, kelvin).liquidVolumeFraction).toBeCloseTo(share, 9)
      },
    ),
  )
  expect(() => massAtLevelKg('propane', 21.59, 1.1, 290)).toThrow(/between empty and brim-full/)
})

describe('height of the liquid', () => {
  const upright: VesselShape = { stands: 'upright', diameterM: 12 * INCH_M, lengthM: 15 * INCH_M }
  const lying: VesselShape = { stands: 'lying', diameterM: 16 * INCH_M, lengthM: 40 * INCH_M }

  test('empty, half and brim-full, by symmetry', () => {
    for (const shape of [upright, lying]) {
      const highest = shape.stands === 'upright' ? shape.lengthM : shape.diameterM
      expect(heightLevel(shape, 0)).toBeCloseTo(0, 12)
      expect(heightLevel(shape, highest / 2)).toBeCloseTo(0.5, 12)
      expect(heightLevel(shape, highest)).toBeCloseTo(1, 12)
    }
  })

  /** Geometry: a spheroid of two 2:1 ends alone, its axis upright, holds 2/3 of the cylinder around it. */
  test('two ends alone form a spheroid', () => {
    const ball: VesselShape = { stands: 'upright', diameterM: 1, lengthM: 0.5 }
    const z = 0.3
    expect(heightLevel(ball, 0.5 * z)).toBeCloseTo(z * z * (3 - 2 * z), 9)
    expect(heightLevel({ stands: 'lying', diameterM: 1, lengthM: 0.5 }, z)).toBeCloseTo(z * z * (3 - 2 * z), 9)
  })

  test('more height is never less liquid', () => {
    const height = fc.double({ min: 0, max: 1, noNaN: true })
    fc.assert(
      fc.property(fc.constantFrom(upright, lying), height, height, (shape, a, b) => {
        const highest = shape.stands === 'upright' ? shape.lengthM : shape.diameterM
        const [low, high] = [Math.min(a, b), Math.max(a, b)]
        expect(heightLevel(shape, high * highest)).toBeGreaterThanOrEqual(heightLevel(shape, low * highest) - 1e-12)
      }),
    )
  })

  test('impossible input', () => {
    expect(() => heightLevel(upright, 16 * INCH_M)).toThrow(/higher than the vessel/)
    expect(() => heightLevel({ ...upright, lengthM: 0.1 }, 0.05)).toThrow(/shorter than its two dished ends/)
    expect(() => heightLevel({ ...upright, diameterM: 0 }, 0.05)).toThrow(/diameter/)
  })

  test('the sum on the slip', () => {
    const slip = levelSlip(cylinderGear(), 0.4, SIXTY_F_K, 'height-level')
    expect(slip.result.figure.quantity.value).toBeCloseTo(massAtLevelKg('propane', 47.6 * POUND_KG, 0.4, SIXTY_F_K), 12)
    expect(slip.lines.map(({ sign }) => sign)).toEqual(['', '×', '=', ''])
  })
  test('a temperature that nobody measured is 60 °F, marked assumed wherever it counts', () => {
    const [told, untold] = [SIXTY_F_K, null].map((measured) => [
      levelSlip(cylinderGear(), 0.4, measured, 'gauge-level'),
      pumpSlip(cylinderGear(), 3, measured).slip,
      stopWeightSlip(cylinderGear(), { hangingKg: 0, grossKg: null, liquidTemperatureK: measured, share: 1 }).slip,
    ])
    const temperatures = ({ lines, result, further }: Slip) =>
      [...lines, result, ...further]
        .flatMap(({ figure }) => [figure, ...figure.inputs])
        .filter(({ quantity }) => quantity.role === 'temperature')
    for (const [i, slip] of (untold ?? []).entries()) {
      const known = told?.[i]
      if (!known) throw new Error('no slip')
      expect(slip.result.figure.quantity).toEqual(known.result.figure.quantity)
      expect(temperatures(slip).map(({ source }) => source?.source)).toEqual(temperatures(slip).map(() => 'assumed'))
      expect(temperatures(slip).length).toBeGreaterThan(0)
      expect(temperatures(known).map(({ source }) => source)).toEqual(temperatures(known).map(() => undefined))
    }
  })
})

describe('a gauge that jumps, learned', () => {
  const full = 4.8
  test('without fills the dial is read linearly', () => {
    expect(calibrateGauge([], full, 0.5)).toEqual({ liquidM3: full / 2, strayM3: null, fills: 0 })
  })
  test('a fill larger than the dial indicated lowers the curve there', () => {
    const fills = [0.5, 0.5, 0.5].map((shown) => ({ shown, meteredM3: 3.6 }))
    const { liquidM3, strayM3 } = calibrateGauge(fills, full, 0.5)
    expect(liquidM3).toBeCloseTo(1.2, 9)
    expect(strayM3).toBeCloseTo(0, 9)
  })
  test('fills from one place of the dial are averaged in any order', () => {
    const fill = (meteredM3: number) => ({ shown: 0.5, meteredM3 })
    for (const order of [
      [3.5, 3.6, 3.7],
      [3.7, 3.5, 3.6],
      [3.6, 3.7, 3.5],
    ]) {
      expect(calibrateGauge(order.map(fill), full, 0.5).liquidM3).toBeCloseTo(1.2, 9)
    }
  })
  test('more on the dial never means less in the tank', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true })
    const fill = fc.record({ shown: share, meteredM3: fc.double({ min: 0, max: full, noNaN: true }) })
    fc.assert(
      fc.property(fc.array(fill, { maxLength: 8 }), share, share, (fills, a, b) => {
        const at = (shown: number) => calibrateGauge(fills, full, shown).liquidM3
        expect(at(Math.max(a, b))).toBeGreaterThanOrEqual(at(Math.min(a, b)) - 1e-9)
        expect(at(a)).toBeGreaterThanOrEqual(-1e-9)
        expect(at(a)).toBeLessThanOrEqual(full + 1e-9)
      }),
    )
  })
  test('more metered than the tank holds is refused', () => {
    expect(() => calibrateGauge([{ shown: 0.2, meteredM3: 5.2 }], full, 0.5)).toThrow(/more than the tank holds/)
  })
})

describe('a pressure gauge', () => {
  test('shows the temperature of the liquid at any content', () => {
    const { boilingK, tells } = interpretPressureGauge(174 * PSI_PA, fahrenheit(100), 0)
    expect(boilingK).toBeCloseTo(fahrenheit(100), 0)
    expect(tells).toBe('liquid')
  })
  test('far too low: liquid nearly gone; far too high: liquid-full, or the gauge is wrong', () => {
    expect(interpretPressureGauge(40 * PSI_PA, fahrenheit(80), 0).tells).toBe('nearly-gone')
    expect(interpretPressureGauge(200 * PSI_PA, fahrenheit(60), 0).tells).toBe('too-high')
  })
  test('the same absolute pressure at altitude shows more on the gauge', () => {
    const sea = interpretPressureGauge(100 * PSI_PA, 290, 0)
    const high = interpretPressureGauge(100 * PSI_PA, 290, 2410)
    expect(high.expectedGaugePa - sea.expectedGaugePa).toBeCloseTo(3.7 * PSI_PA, -3)
  })
  test('behind the regulator it makes no sense', () => {
    expect(() => interpretPressureGauge(-100_000, 290, 0)).toThrow(/behind the regulator/)
    expect(() => interpretPressureGauge(900 * PSI_PA, 290, 0)).toThrow(/No propane cylinder/)
  })
})
