import fc from 'fast-check'
import { densestLiquidKgM3 } from '@/core/fluids/cylinderState'
import { fluids } from '@/core/fluids/fluidData'
import { gaugePressurePa, standardAtmospherePa } from '@/core/fluids/atmosphere'
import { saturation } from '@/core/fluids/saturation'

const altitude = fc.double({ min: -500, max: 11_000, noNaN: true })

test('the air thins all the way up', () => {
  fc.assert(
    fc.property(altitude, altitude, (a, b) => {
      if (Math.abs(a - b) < 0.01) return
      expect(standardAtmospherePa(Math.max(a, b))).toBeLessThan(standardAtmospherePa(Math.min(a, b)))
    }),
  )
})

test('gauge and air together are the absolute pressure, at any altitude', () => {
  fc.assert(
    fc.property(altitude, fc.double({ min: 0, max: 3e7, noNaN: true }), (altitudeM, absolutePa) => {
      expect(gaugePressurePa(absolutePa, altitudeM) + standardAtmospherePa(altitudeM)).toBeCloseTo(absolutePa, 6)
    }),
  )
})

test.each([NaN, -501, 11_001, Infinity])('%d m is refused at its field', (altitudeM) => {
  expect(() => standardAtmospherePa(altitudeM)).toThrow(/altitude must lie/)
  expect(() => gaugePressurePa(1e6, altitudeM)).toThrow(/altitude must lie/)
})

test.each(fluids)('%s: no liquid in range is denser than the coldest', (fluid) => {
  for (let temperatureK = 217; temperatureK < 304; temperatureK += 3) {
    expect(saturation(fluid, temperatureK).liquidDensityKgM3).toBeLessThan(densestLiquidKgM3(fluid))
  }
})
