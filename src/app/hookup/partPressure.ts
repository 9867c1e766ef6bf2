import type { Quantity } from '@/core/findings/quantity'
import type { LineCheck } from '@/core/hookup/checkLine'

/**
 * What stands behind a part as it burns, in the unit of its zone; nothing where no gas comes.
 *
 * @param check - of the line
 * @param id - of the part
 */
export function partPressure({ flow, zones }: LineCheck, id: string): Quantity | null {
  const at = flow?.get(id)
  const zone = zones.get(id)?.outlet
  if (!at?.live || !zone) return null
  return { value: at.outletGaugePa, role: zone === 'low' ? 'linePressure' : 'cylinderPressure' }
}
