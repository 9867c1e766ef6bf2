import type { Slip } from '@/core/rules/figure'
import type { Lesson } from './usageCalibration'

/** What was learned, as a sum: burnt by each cylinder, against the plan. */
export function lessonSlip({ parts, burntKg, plannedKg, factor }: Lesson): Slip {
  const mass = (value: number) => ({ value, role: 'cylinderMass' as const })
  return {
    lines: [
      ...parts.map((part, i) => ({
        sign: i === 0 ? ('' as const) : ('+' as const),
        label: part.name,
        figure: { basis: 'burnt-by-weight' as const, quantity: mass(part.burntKg), inputs: [] },
      })),
      { sign: '=', label: 'Burnt', figure: { basis: 'burnt-by-weight', quantity: mass(burntKg), inputs: [] } },
      { sign: '÷', label: 'Planned', figure: { basis: 'trip-by-hours', quantity: mass(plannedKg), inputs: [] } },
    ],
    result: {
      label: 'Of the habits as entered',
      figure: {
        basis: 'learned-use',
        quantity: { value: factor, role: 'share' },
        inputs: [
          { label: 'Burnt', quantity: mass(burntKg) },
          { label: 'Planned', quantity: mass(plannedKg) },
        ],
      },
    },
    further: [],
  }
}
