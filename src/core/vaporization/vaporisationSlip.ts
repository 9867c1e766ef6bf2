import { heatingValueJPerKg } from '@/core/fluids/heatingValueJPerKg'
import { saturation } from '@/core/fluids/saturation'
import type { Figure, Slip } from '@/core/rules/figure'
import type { ColdDraw } from './coldDraw'
import { dlkRuleW } from './dlkRuleW'
import { vaporisation, type VaporisationInput } from './vaporization'
import { vesselBody } from './vesselBody'

/**
 * The draw a cylinder can keep up, as a worked sum; for a lying tank the suppliers’ rule beside it.
 *
 * @param input - vessel, gas, air and the least pressure of use
 * @param draw - how long a steady draw is kept up, where one was tried
 * @throws InputError as vaporisation does
 */
export function vaporisationSlip(input: VaporisationInput, draw: ColdDraw | null): Slip {
  const found = vaporisation(input)
  const body = vesselBody(input.vessel)
  const { latentHeatJPerKg, liquidDensityKgM3 } = saturation('propane', found.liquidK)
  const liquidM3 = input.liquidKg / liquidDensityKgM3
  const figure = (basis: Figure['basis'], quantity: Figure['quantity'], inputs: Figure['inputs'] = []): Figure => ({
    basis,
    quantity,
    inputs,
  })
  const rule =
    input.vessel.stands === 'lying'
      ? dlkRuleW(body.diameterM, body.lengthM, liquidM3 / body.volumeM3, input.airTemperatureK)
      : null
  return {
    lines: [
      { sign: '', label: 'Wetted wall', figure: figure('wetted-wall', { value: found.wettedAreaM2, role: 'area' }) },
      {
        sign: '×',
        label: 'Air warmer than the liquid by',
        figure: figure(
          'cold-cylinder',
          { value: Math.max(0, input.airTemperatureK - found.liquidK), role: 'temperatureStep' },
          [
            { label: 'Air', quantity: { value: input.airTemperatureK, role: 'temperature' } },
            { label: 'Liquid at the least pressure', quantity: { value: found.liquidK, role: 'temperature' } },
          ],
        ),
      },
      {
        sign: '=',
        label: 'Heat through the wall',
        figure: figure('cold-cylinder', { value: found.wallW, role: 'power' }, [
          { label: 'A square metre and kelvin pass', quantity: { value: found.wallUWPerM2K, role: 'power' } },
        ]),
      },
      {
        sign: '×',
        label: 'Gas boiled by each heat of boiling',
        figure: figure('vaporisation', { value: heatingValueJPerKg() / latentHeatJPerKg, role: 'count' }),
      },
    ],
    result: {
      label: 'Can be kept up',
      figure: figure('vaporisation', { value: found.continuousW, role: 'power' }, [
        { label: 'Gas in it', quantity: { value: input.liquidKg, role: 'cylinderMass' } },
        { label: 'Least gauge pressure', quantity: { value: input.minimumGaugePa, role: 'cylinderPressure' } },
      ]),
    },
    further: [
      ...(rule === null
        ? []
        : [
            {
              sign: '' as const,
              label: 'By the suppliers’ rule',
              figure: figure('dlk-rule', { value: rule, role: 'power' }),
            },
          ]),
      ...(draw?.endS
        ? [
            {
              sign: '' as const,
              label: draw.cause === 'cold' ? 'Your draw, until too cold' : 'Your draw, until empty',
              figure: figure('draw-until', { value: draw.endS, role: 'duration' }, [
                { label: 'Left in it then', quantity: { value: draw.leftKg, role: 'cylinderMass' } },
              ]),
            },
          ]
        : []),
    ],
  }
}
