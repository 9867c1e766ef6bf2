import { marginSize } from '@/core/base/quantity'
import type { Slip, SlipLine } from '@/core/rules/figure'
import type { VentilationCheck } from './ventilationCheck'
import type { VentilationNeed } from './ventilationNeed'

/**
 * Worked sum of free area and needed area.
 *
 * @param check - from ventilationCheck
 * @param needs - of the heaters that burn, from ventilationNeed
 */
export function ventilationSlip(
  check: VentilationCheck,
  needs: readonly { name: string; need: VentilationNeed }[],
): Slip {
  const open = check.openings.filter(({ areaM2 }) => areaM2 > 0)
  const openings = open.map(({ opening, areaM2 }, i): SlipLine => ({
    sign: i === 0 ? '' : '+',
    label: opening.name,
    figure: {
      basis: 'open-area',
      quantity: { value: areaM2, role: 'area' },
      inputs: [
        { label: 'Width', quantity: { value: opening.widthM, role: 'length' } },
        { label: 'Open', quantity: { value: opening.openM, role: 'length' } },
      ],
    },
  }))
  const counted: SlipLine = {
    sign: '=',
    label: check.isTwoWay || open.length === 0 ? 'counts' : 'counts half: all in one place',
    figure: {
      basis: 'open-area',
      quantity: { value: check.countedM2, role: 'area' },
      inputs: [{ label: 'Open', quantity: { value: check.openM2, role: 'area' } }],
    },
  }
  const wanted = needs.map(({ name, need }): SlipLine => ({
    sign: '−',
    label: `${name} wants${need.from === 'manual' ? '' : ', commonly'}`,
    figure: { basis: 'area-needed', quantity: { value: need.areaM2, role: 'area' }, inputs: [] },
  }))
  const codes = needs.flatMap(({ name, need }): SlipLine[] => [
    {
      sign: '',
      label: `codes, ${name}: two to outdoors, each`,
      figure: { basis: 'area-codes', quantity: { value: need.codes.twoToOutdoorsM2, role: 'area' }, inputs: [] },
    },
    {
      sign: '',
      label: `codes, ${name}: two to another room, each`,
      figure: { basis: 'area-codes', quantity: { value: need.codes.twoToRoomM2, role: 'area' }, inputs: [] },
    },
  ])
  return {
    lines: [...openings, counted, ...wanted],
    result: {
      label: check.isEnough ? 'More than it wants by' : 'Lacks',
      figure: {
        basis: 'area-needed',
        quantity: marginSize(check.spareM2, 'area'),
        inputs: [
          { label: 'Counts', quantity: { value: check.countedM2, role: 'area' } },
          { label: 'Wanted', quantity: { value: check.neededM2, role: 'area', rounded: 'up' } },
        ],
      },
    },
    further: codes,
  }
}
