import type { DisplayRole } from '@/core/base/quantity'
import { formatQuantity } from '@/core/units/formatQuantity'
import { fromUnit } from '@/core/units/convert'

const inch = (number: number): number => fromUnit(number, 'length', 'in')

test.each<[DisplayRole, number, string, string]>([
  ['run', fromUnit(12, 'length', 'ft'), '12 ft', '3.7 m'],
  ['bore', inch(0.311), '0.311 in', '7.9 mm'],
  ['column', inch(5.5), '5.5 in', '14.0 cm'],
  ['lineVolume', 0.0007, '43 in³', '700 mL'],
  ['space', 20, '706 ft³', '20.0 m³'],
  ['minutes', 180, '3 min', '3 min'],
  ['massFlow', 1.6e-8, '0.06 g/h', '0.06 g/h'],
  ['gasFlow', 0.028316846592 / 3600, '1.000 ft³/h', '28.32 L/h'],
  ['pricePerWeek', 5 / 604_800, '$5.00 per week', '$5.00 per week'],
])('%s reads as is usual in the trade', (role, value, us, metric) => {
  expect(formatQuantity({ value, role }, 'us').replaceAll('\u00a0', ' ')).toBe(us)
  expect(formatQuantity({ value, role }, 'metric').replaceAll('\u00a0', ' ')).toBe(metric)
})
