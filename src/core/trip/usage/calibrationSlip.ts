import type { Slip } from '@/core/rules/figure'
import type { UsageCalibration } from './calibrateUsage'

/** Worked sum of a calibration: burned by each cylinder, compared with the plan. */
export function calibrationSlip({ parts, burnedKg, plannedKg, factor }: UsageCalibration): Slip {
  const mass = (value: number) => ({ value, role: 'cylinderMass' as const })
  return {
    lines: [
      ...parts.map((part, i) => ({
        sign: i === 0 ? ('' as const) : ('+' as const),
        label: part.name,
        figure: { basis: 'burnt-by-weight' as const, quantity: mass(part.burnedKg), inputs: [] },
      })),
      { sign: '=', label: 'Burnt', figure: { basis: 'burnt-by-weight', quantity: mass(burnedKg), inputs: [] } },
      { sign: '÷', label: 'Planned', figure: { basis: 'trip-by-hours', quantity: mass(plannedKg), inputs: [] } },
    ],
    result: {
      label: 'Of the habits as entered',
      figure: {
        basis: 'learned-use',
        quantity: { value: factor, role: 'share' },
        inputs: [
          { label: 'Burnt', quantity: mass(burnedKg) },
          { label: 'Planned', quantity: mass(plannedKg) },
        ],
      },
    },
    further: [],
  }
}
