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
