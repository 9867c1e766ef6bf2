import { interpolateRows } from '@/core/math/interpolation'
import { InputError } from '@/core/base/InputError'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { saturation } from '@/core/fluids/saturation'
import type { Figure, Slip } from '@/core/rules/figure'
import { fromUnit, toUnit } from '@/core/units/convert'
import type { ColdDraw } from './coldDraw'
import { vaporization, type VaporizationInput } from './vaporization'
import { vesselBody } from './vessel'

/** Factor K by the liquid share of a lying tank, for BTU/h and inches. */
const K_BY_SHARE: readonly (readonly [share: number, k: number])[] = [
  [0.1, 45],
  [0.2, 60],
  [0.3, 70],
  [0.4, 80],
  [0.5, 90],
  [0.6, 100],
]

/** The rule gives 0 at this temperature and K at 0 °F. */
const ENDS_F = -20

/**
 * Vaporization rate of a lying tank by the suppliers’ rule: diameter × length × K at 0 °F, times (t + 20)/20.
 *
 * The rule ends at an air temperature of −20 °F; a cylinder drawn down to ambient pressure works to
 * about −45 °F, so the two differ near and below −20 °F.
 *
 * @param diameterM - outside
 * @param lengthM - over all
 * @param share - liquid share of the volume; clamped to 0.1 to 0.6
 * @param airK - air
 * @returns heat input, W; 0 at −20 °F and below
 * @throws InputError for a tank without size
 * @see suppliers’ handbooks, “rule of thumb for vaporization” [from memory]
 */
export function dlkRuleW(diameterM: number, lengthM: number, share: number, airK: number): number {
  if (!(diameterM > 0)) throw new InputError('diameterM', 'The diameter is more than zero.')
  if (!(lengthM > 0)) throw new InputError('lengthM', 'The length is more than zero.')
  const inches = toUnit(diameterM, 'length', 'in') * toUnit(lengthM, 'length', 'in')
  const warm = Math.max(0, (toUnit(airK, 'temperature', 'F') - ENDS_F) / -ENDS_F)
  return fromUnit(inches * interpolateRows(K_BY_SHARE, share) * warm, 'power', 'btuh')
}

/**
 * Worked sum of the sustainable draw of a cylinder, with the suppliers’ rule for a lying tank.
 *
 * @param input - vessel, gas, air and the least pressure of use
 * @param draw - result of a constant draw, if one was computed
 * @throws InputError as vaporization does
 */
export function vaporizationSlip(input: VaporizationInput, draw: ColdDraw | null): Slip {
  const found = vaporization(input)
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
          { label: 'A square meter and kelvin pass', quantity: { value: found.wallUWPerM2K, role: 'power' } },
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
