import { marginSize } from '@/core/base/quantity'
import type { Slip, SlipLine } from '@/core/rules/figure'
import type { ClearanceCheck, ClearanceMargin } from './clearanceCheck'

/** Others that are listed under the nearest. */
const MAX_FURTHER = 4

function lineOf({ name, face, marginM, wantedM }: ClearanceMargin): SlipLine {
  return {
    sign: '',
    label: `${name}, ${face}`,
    figure: {
      basis: 'clearance',
      quantity: { value: marginM, role: 'length' },
      inputs: [
        { label: 'Distance', quantity: { value: marginM + wantedM, role: 'length' } },
        { label: 'Asked for', quantity: { value: wantedM, role: 'length' } },
      ],
    },
  }
}

/**
 * Worked sum for the nearest object: distance − required = margin; the next ones below.
 *
 * @param check - from clearanceCheck
 * @param fromManual - the distances are from the heater's own manual
 */
export function clearanceSlip({ margins }: ClearanceCheck, fromManual: boolean): Slip | null {
  const [least, ...others] = margins
  if (!least) return null
  const { name, face, marginM, wantedM, isCylinder } = least
  return {
    lines: [
      {
        sign: '',
        label: `${face} to ${name}`,
        figure: { basis: 'clearance', quantity: { value: marginM + wantedM, role: 'length' }, inputs: [] },
      },
      {
        sign: '−',
        label: fromManual ? 'its manual asks for' : 'commonly asked for',
        figure: {
          basis: isCylinder ? 'cylinder-distance' : fromManual ? 'clearance' : 'clearance-common',
          quantity: { value: wantedM, role: 'length', rounded: 'up' },
          inputs: [],
        },
      },
    ],
    result: {
      label: marginM < 0 ? 'Lacks' : 'Least margin',
      figure: {
        basis: 'clearance',
        quantity: marginSize(marginM, 'length'),
        inputs: [
          { label: 'Distance', quantity: { value: marginM + wantedM, role: 'length' } },
          { label: 'Asked for', quantity: { value: wantedM, role: 'length' } },
        ],
      },
    },
    further: others.slice(0, MAX_FURTHER).map(lineOf),
  }
}
