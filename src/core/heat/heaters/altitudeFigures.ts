import type { Figure } from '@/core/rules/figure'
import { altitudeOfHeater } from './altitudeOfHeater'
import type { Heater } from './heater'

/**
 * A heater at a height, as figures.
 *
 * @param heater - its limit and inputs
 * @param altitudeM - of the place
 */
export function altitudeFigures(heater: Heater, altitudeM: number): { label: string; figure: Figure }[] {
  const { limitM, deratedShare, pressurePa } = altitudeOfHeater(heater, altitudeM)
  const here = { label: 'Height', quantity: { value: altitudeM, role: 'altitude' } } as const
  return [
    { label: 'the place', figure: { basis: 'altitude-limit', quantity: here.quantity, inputs: [] } },
    ...(limitM === null
      ? []
      : [
          {
            label: 'may be used up to',
            figure: {
              basis: 'altitude-limit',
              quantity: { value: limitM, role: 'altitude' },
              inputs: [here],
            } satisfies Figure,
          },
        ]),
    {
      label: 'input by the rule for orifices',
      figure: {
        basis: 'derating',
        quantity: { value: heater.highW * deratedShare, role: 'power' },
        inputs: [{ label: 'On its plate', quantity: { value: heater.highW, role: 'power' } }, here],
      },
    },
    {
      label: 'air presses with',
      figure: { basis: 'atmosphere', quantity: { value: pressurePa, role: 'absolutePressure' }, inputs: [here] },
    },
  ]
}
