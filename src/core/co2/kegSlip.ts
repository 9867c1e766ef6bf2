import { marginSize } from '@/core/base/quantity'
import type { Figure, Slip } from '@/core/rules/figure'
import { kegPlan, type Keg } from './kegPlan'
import { usesLeft } from './toolGas'

/**
 * A keg’s gas as a worked sum: what is in the cylinder − for the drink − for the glasses = left.
 *
 * @param keg - drink, glass and cylinder
 * @throws InputError as kegPlan does
 */
export function kegSlip(keg: Keg): Slip {
  const plan = kegPlan(keg)
  const mass = (value: number): Figure['quantity'] => ({ value, role: 'bottleMass' })
  const serving = plan.perKegKg - plan.carbonateKg
  const short = plan.leftKg < 0
  return {
    lines: [
      { sign: '', label: 'In the cylinder', figure: { basis: 'net-by-weight', quantity: mass(keg.gasKg), inputs: [] } },
      {
        sign: '−',
        label: 'Into the drink',
        figure: {
          basis: 'carbonation-gas',
          quantity: mass(plan.carbonateKg),
          inputs: [
            { label: 'Drink', quantity: { value: keg.drinkM3, role: 'liquidVolume' } },
            { label: 'Wished for', quantity: { value: keg.volumes, role: 'gasVolumes' } },
            { label: 'In it already', quantity: { value: keg.startVolumes, role: 'gasVolumes' } },
          ],
        },
      },
      {
        sign: '−',
        label: 'To push it out',
        figure: {
          basis: 'serving-gas',
          quantity: mass(serving),
          inputs: [
            { label: 'Drink', quantity: { value: keg.drinkM3, role: 'liquidVolume' } },
            { label: 'One glass takes', quantity: mass(plan.perGlassKg) },
            { label: 'Glasses', quantity: { value: plan.glasses, role: 'count' } },
          ],
        },
      },
    ],
    result: {
      label: short ? 'Short by' : 'Left after this keg',
      figure: { basis: 'kegs-left', quantity: marginSize(plan.leftKg, 'bottleMass'), inputs: [] },
    },
    further: [
      {
        sign: '',
        label: 'Set the regulator to',
        figure: {
          basis: 'carbonation',
          quantity: { value: plan.gaugePa, role: 'cylinderPressure' },
          inputs: [
            { label: 'Drink', quantity: { value: keg.temperatureK, role: 'temperature' } },
            { label: 'Wished for', quantity: { value: keg.volumes, role: 'gasVolumes' } },
            { label: 'Altitude', quantity: { value: keg.altitudeM, role: 'altitude' } },
          ],
        },
      },
      {
        sign: '',
        label: 'Kegs in the cylinder',
        figure: {
          basis: 'kegs-left',
          quantity: { value: usesLeft(keg.gasKg, plan.perKegKg), role: 'count' },
          inputs: [],
        },
      },
    ],
  }
}
