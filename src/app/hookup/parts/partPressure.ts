import type { Quantity } from '@/core/base/quantity'
import type { LineCheck } from '@/core/hookup/checks/checkLine'

/**
 * What stands behind a part in the unit of its zone; nothing where no gas comes.
 *
 * @param check - of the line
 * @param id - of the part
 * @param when - as chosen to burn, or with nothing burning
 */
export function partPressure(
  { flow, zones }: LineCheck,
  id: string,
  when: 'burning' | 'locked up' = 'burning',
): Quantity | null {
  const at = flow?.get(id)
  const zone = zones.get(id)?.outlet
  if (!at?.live || !zone) return null
  return {
    value: when === 'burning' ? at.outletGaugePa : at.staticGaugePa,
    role: zone === 'low' ? 'linePressure' : 'cylinderPressure',
  }
}
