import type { Quantity } from '@/core/base/quantity'
import type { LineCheck } from '@/core/hookup/checks/checkLine'

/**
 * Pressure after a part in the unit of its zone; null without gas.
 *
 * @param check - of the line
 * @param id - of the part
 * @param when - flowing or static
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
