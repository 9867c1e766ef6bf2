import { unit } from 'mathjs'
import type { Dimension } from '@/core/base/quantity'
import { fromUnit } from '@/core/units/convert'

/** Outside reference: the unit tables of mathjs. */
test.each<[Dimension, string, string, string]>([
  ['mass', 'lb', 'lbm', 'kg'],
  ['mass', 'oz', 'oz', 'kg'],
  ['mass', 'g', 'g', 'kg'],
  ['pressure', 'psi', 'psi', 'Pa'],
  ['pressure', 'bar', 'bar', 'Pa'],
  ['pressure', 'mbar', 'mbar', 'Pa'],
  ['volume', 'gal', 'gal', 'm3'],
  ['volume', 'L', 'L', 'm3'],
  ['volume', 'ft3', 'cuft', 'm3'],
  ['volume', 'in3', 'cuin', 'm3'],
  ['temperature', 'F', 'degF', 'K'],
  ['temperature', 'C', 'degC', 'K'],
  ['power', 'kW', 'kW', 'W'],
  ['power', 'btuh', 'BTU/hour', 'W'],
  ['energy', 'btu', 'BTU', 'J'],
  ['energy', 'kWh', 'kWh', 'J'],
  ['length', 'ft', 'ft', 'm'],
  ['length', 'in', 'in', 'm'],
  ['area', 'in2', 'sqin', 'm2'],
  ['area', 'ft2', 'sqft', 'm2'],
  ['duration', 'd', 'day', 's'],
])('%s: %s agrees with mathjs', (dimension, key, theirs, si) => {
  for (const number of [1, 37.8, -40]) {
    const reference = unit(number, theirs).toNumber(si)
    const ours = fromUnit(number, dimension, key)
    expect(Math.abs(ours - reference)).toBeLessThanOrEqual(2e-6 * Math.abs(reference))
  }
})

/** NIST Special Publication 811 (2008), appendix B [from memory]. */
test.each<[Dimension, string, number]>([
  ['mass', 'lb', 0.45359237],
  ['mass', 'oz', 0.028349523125],
  ['pressure', 'psi', 6894.757],
  ['pressure', 'inWC', 249.082],
  ['volume', 'gal', 0.003785411784],
  ['power', 'btuh', 0.2930711],
  ['energy', 'btu', 1055.056],
  ['length', 'ft', 0.3048],
  ['area', 'in2', 6.4516e-4],
])('%s: 1 %s by NIST SP 811', (dimension, key, factor) => {
  expect(fromUnit(1, dimension, key) / factor).toBeCloseTo(1, 6)
})

/** Common practice: 11 inWC is 27.4 mbar; −40 is where the two scales of temperature meet. */
test('facts of the trade', () => {
  expect(fromUnit(11, 'gaugePressure', 'inWC') / 100).toBeCloseTo(27.4, 1)
  expect(fromUnit(-40, 'temperature', 'F')).toBeCloseTo(fromUnit(-40, 'temperature', 'C'), 9)
})
