import { fromUnit } from '@/core/units/convert'
import type { Dimension } from '@/core/base/quantity'

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
