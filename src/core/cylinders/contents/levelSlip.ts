import type { DisplayRole, Quantity } from '@/core/base/quantity'
import { saturation } from '@/core/fluids/saturation'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { liquidTemperature, liquidTemperatureInput } from './liquidTemperature'
import { FIXED_TANK_FULL, massAtLevelKg } from './liquidLevel'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { waterCapacityVolumeM3 } from './waterCapacity'
import type { BasisId } from '@/core/rules/basis/basis'
import type { FigureInput, Slip, SlipLine } from '@/core/rules/figure'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'

/**
 * Gas in a vessel from its level, as a worked sum: inside × level × density.
 *
 * @param cylinder - stamps
 * @param liquidFraction - share of the inside that is liquid
 * @param measuredK - temperature of the liquid; null when nobody measured it
 * @param basis - how the level was found
 * @throws InputError as massAtLevelKg does
 */
export function levelSlip(
  cylinder: Pick<CylinderGear, 'kind' | 'waterCapacityKg' | 'labelNetKg'>,
  liquidFraction: number,
  measuredK: number | null,
  basis: Extract<BasisId, 'gauge-level' | 'height-level' | 'learned-gauge' | 'ran-out'>,
): Slip {
  const { gas, small, isFixed } = kindFacts[cylinder.kind]
  const { temperatureK } = liquidTemperature(measuredK)
  const role: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const insideM3 = waterCapacityVolumeM3(cylinder.waterCapacityKg)
  const netKg = massAtLevelKg(gas, cylinder.waterCapacityKg, liquidFraction, temperatureK)
  const limitKg = isFixed
    ? massAtLevelKg(gas, cylinder.waterCapacityKg, FIXED_TANK_FULL, temperatureK)
    : gearLimitKg(cylinder)
  const mass = (value: number): Quantity => ({ value, role })
  const volume = (value: number): Quantity => ({ value, role: 'liquidVolume' })
  const share: Quantity = { value: liquidFraction, role: 'share' }
  const temperature = liquidTemperatureInput(measuredK)
  const inside: FigureInput = { label: 'Inside', quantity: volume(insideM3) }
  const lines: SlipLine[] = [
    { sign: '', label: 'Inside', figure: { basis: 'water-capacity', quantity: inside.quantity, inputs: [] } },
    { sign: '×', label: 'Liquid', figure: { basis, quantity: share, inputs: [] } },
    {
      sign: '=',
      label: 'Liquid',
      figure: {
        basis,
        quantity: volume(insideM3 * liquidFraction),
        inputs: [inside, { label: 'Level', quantity: share }],
      },
    },
    {
      sign: '',
      label: 'Temperature of the liquid',
      figure: { basis: 'mass-of-level', quantity: temperature.quantity, source: temperature.source, inputs: [] },
    },
  ]
  const vaporKg = (1 - liquidFraction) * insideM3 * saturation(gas, temperatureK).vapourDensityKgM3
  return {
    lines,
    result: {
      label: 'Aboard',
      figure: {
        basis: 'mass-of-level',
        quantity: mass(netKg),
        inputs: [
          { label: 'As liquid', quantity: mass(netKg - vaporKg) },
          { label: 'As vapor', quantity: mass(vaporKg) },
          temperature,
        ],
      },
    },
    further: [
      {
        sign: '',
        label: 'Most it may hold',
        figure: {
          basis: isFixed ? 'fixed-tank-full' : 'fill-limit-propane',
          quantity: mass(limitKg),
          inputs: [],
        },
      },
      {
        sign: '',
        label: 'How full',
        figure: { basis: 'share-of-limit', quantity: { value: netKg / limitKg, role: 'share' }, inputs: [] },
      },
    ],
  }
}
