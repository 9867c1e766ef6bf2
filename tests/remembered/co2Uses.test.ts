import fc from 'fast-check'
import { fahrenheit, PSI_PA } from '@tests/tradeUnits'
import { carbonationGaugePa } from '@/core/co2/carbonation'
import { fastDraw, TRIPLE_POINT } from '@/core/co2/fastDraw'
import { tireGas } from '@/core/co2/tireGas'
import { saturation } from '@/core/fluids/saturation'

describe('carbonation', () => {
  // Brewers' table, psi by °F and volumes [from memory].
  test.each([
    [38, 2.5, 11.3],
    [32, 2.0, 3.5],
    [40, 2.6, 13.4],
    [50, 2.5, 17.6],
    [60, 3.0, 30.2],
  ])('%d °F and %d volumes: %d psi', (airF, volumes, psi) => {
    // The table is printed in steps of a fifth of a psi.
    expect(Math.abs(carbonationGaugePa(fahrenheit(airF), volumes) / PSI_PA - psi)).toBeLessThan(0.2)
  })

  test('at 2,410 m the gauge shows 3.7 psi more', () => {
    const more = carbonationGaugePa(fahrenheit(38), 2.5, 2410) - carbonationGaugePa(fahrenheit(38), 2.5)
    expect(more / PSI_PA).toBeCloseTo(3.7, 1)
  })

  test('warmer and livelier drinks need more pressure', () => {
    const pressure = (airF: number, volumes: number) => carbonationGaugePa(fahrenheit(airF), volumes)
    fc.assert(
      fc.property(
        fc.double({ min: 32, max: 85, noNaN: true }),
        fc.double({ min: 1.8, max: 4.5, noNaN: true }),
        (airF, volumes) => {
          expect(pressure(airF + 1, volumes)).toBeGreaterThan(pressure(airF, volumes))
          expect(pressure(airF, volumes + 0.1)).toBeGreaterThan(pressure(airF, volumes))
        },
      ),
    )
  })

  test('outside the table it says so', () => {
    expect(() => carbonationGaugePa(fahrenheit(20), 2.5)).toThrow('30 to 90 °F')
    expect(() => carbonationGaugePa(fahrenheit(120), 2.5)).toThrow('30 to 90 °F')
    expect(() => carbonationGaugePa(fahrenheit(40), 9)).toThrow('half a volume to six')
    expect(() => carbonationGaugePa(NaN, 2)).toThrow('30 to 90 °F')
    // At 32 °F and 0 psi a drink keeps 1.7 volumes.
    expect(() => carbonationGaugePa(fahrenheit(32), 1.5)).toThrow('with no pressure on it')
    expect(carbonationGaugePa(fahrenheit(32), 1.5, 2410)).toBeGreaterThan(0)
  })
})

describe('a tire from 28 to 50 psi', () => {
  const tire = {
    volumeM3: 0.045,
    fromGaugePa: 28 * PSI_PA,
    toGaugePa: 50 * PSI_PA,
    temperatureK: 293.15,
    altitudeM: 0,
  }

  test('by the ideal gas Δp·V/(R·T), worked by hand: 123 g', () => {
    // 22 psi = 151,685 Pa; × 0.045 m³ = 6,825.8 J; ÷ (8.31451 × 293.15) = 2.8004 mol; × 44.0098 g.
    expect(tireGas(tire).idealKg).toBeCloseTo(0.12325, 4)
  })

  test('by the density data a few hundredths more, since CO2 is easily compressed', () => {
    const { gasKg, idealKg } = tireGas(tire)
    expect(gasKg / idealKg).toBeGreaterThan(1.02)
    expect(gasKg / idealKg).toBeLessThan(1.08)
  })

  test('impossible input is refused at its field', () => {
    expect(() => tireGas({ ...tire, volumeM3: 0 })).toThrow('more than zero')
    expect(() => tireGas({ ...tire, toGaugePa: tire.fromGaugePa })).toThrow('end with more')
    expect(() => tireGas({ ...tire, fromGaugePa: -1 })).toThrow('shows 0, not less')
    expect(() => tireGas({ ...tire, toGaugePa: 5e6 })).toThrow('Check the unit')
  })
})

describe('a fast CO2 draw', () => {
  const cylinder = { volumeM3: 0.00334, massKg: 2, wallKg: 3.4, temperatureK: 293.15 }

  test('drawing nothing changes nothing', () => {
    const { endK, endPa, freezes } = fastDraw({ ...cylinder, drawnKg: 0 })
    expect(endK).toBe(293.15)
    expect(endPa).toBeCloseTo(saturation('co2', 293.15).pressurePa, 6)
    expect(freezes).toBe(false)
  })

  test('the more is drawn the colder it gets, never below the triple point', () => {
    let before = 293.15
    for (const drawnKg of [0.1, 0.4, 0.8, 1.2, 1.9]) {
      const { endK } = fastDraw({ ...cylinder, drawnKg })
      expect(endK).toBeLessThan(before)
      expect(endK).toBeGreaterThanOrEqual(TRIPLE_POINT.temperatureK)
      before = endK
    }
  })

  test('the first tenth by hand: latent heat out of liquid and wall', () => {
    // 0.1 kg × 152 kJ/kg = 15.2 kJ; 1.36 kg of liquid × 3.0 to 3.8 + 3.4 kg × 0.9 kJ/(kg·K) = 7.1 to 8.2 kJ/K.
    const fall = 293.15 - fastDraw({ ...cylinder, drawnKg: 0.1 }).endK
    expect(fall).toBeGreaterThan(1.7)
    expect(fall).toBeLessThan(2.4)
  })

  test('the most that can be drawn at once is what freezes it', () => {
    const { mostKg } = fastDraw({ ...cylinder, drawnKg: 0 })
    expect(fastDraw({ ...cylinder, drawnKg: mostKg * 0.97 }).freezes).toBe(false)
    const frozen = fastDraw({ ...cylinder, drawnKg: Math.min(2, mostKg * 1.03) })
    expect(frozen).toMatchObject({ freezes: true, endPa: TRIPLE_POINT.pressurePa })
  })

  test('without liquid nothing can boil', () => {
    expect(() => fastDraw({ ...cylinder, massKg: 0.3, drawnKg: 0.1 })).toThrow('no liquid any more')
    expect(() => fastDraw({ ...cylinder, temperatureK: 310, drawnKg: 0.1 })).toThrow('Above 88 °F')
    expect(() => fastDraw({ ...cylinder, drawnKg: 3 })).toThrow('No more can be drawn')
    expect(() => fastDraw({ ...cylinder, massKg: 0, drawnKg: 0 })).toThrow('no gas in it')
  })
})
