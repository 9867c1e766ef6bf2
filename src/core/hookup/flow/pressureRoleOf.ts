import type { DisplayRole } from '@/core/base/quantity'

/** From this pressure on it is read in psi, below in inches of water. */
const PSI_FROM_PA = 5000

/** How an appliance's pressures read, by the least it wants. */
export function pressureRoleOf(wantsGaugePa: number): DisplayRole {
  return wantsGaugePa > PSI_FROM_PA ? 'cylinderPressure' : 'linePressure'
}
