import type { Figure, Slip } from '@/core/rules/figure'
import type { UsageCalibration } from './calibrateUsage'

/** Worked sum of a calibration: burned by each cylinder, compared with the plan. */
export function calibrationSlip({ parts, burnedKg, plannedKg, factor, range }: UsageCalibration): Slip {
  const mass = (value: number) => ({ value, role: 'cylinderMass' as const })
  const share = (value: number): Figure => ({
    basis: 'learned-use',
    quantity: { value, role: 'share' },
    inputs: [],
  })
  return {
    lines: [
      ...parts.map((part, i) => ({
        sign: i === 0 ? ('' as const) : ('+' as const),
        label: part.name,
        figure: { basis: 'burnt-by-weight' as const, quantity: mass(part.burnedKg), inputs: [] },
      })),
      { sign: '=', label: 'Burned', figure: { basis: 'burnt-by-weight', quantity: mass(burnedKg), inputs: [] } },
      { sign: '÷', label: 'Planned', figure: { basis: 'trip-by-hours', quantity: mass(plannedKg), inputs: [] } },
    ],
    result: {
      label: 'Of the habits as entered',
      figure: {
        basis: 'learned-use',
        quantity: { value: factor, role: 'share' },
        inputs: [
          { label: 'Burned', quantity: mass(burnedKg) },
          { label: 'Planned', quantity: mass(plannedKg) },
        ],
      },
    },
    further: [
      { sign: '', label: 'By the errors of the scale from', figure: share(range.least) },
      { sign: '', label: 'to', figure: share(range.most) },
    ],
  }
}
