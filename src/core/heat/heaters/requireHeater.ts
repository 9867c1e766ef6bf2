import { InputError } from '@/core/base/InputError'
import type { HeaterBody } from './heater'
import type { Room } from '@/core/heat/room/room'

/**
 * Refuses a heater that no turn would bring into the room, and clearances that are none.
 *
 * @throws InputError at the field
 */
export function requireHeater({ widthM, depthM, heightM, clearances }: HeaterBody, room: Room): void {
  for (const [face, distanceM] of Object.entries(clearances)) {
    if (!(distanceM >= 0)) {
      throw new InputError(`heater.clearances.${face}`, 'A clearance cannot be less than nothing.')
    }
  }
  if (heightM > room.heightM) throw new InputError('heater.heightM', 'The heater is higher than the room.')
  const longest = Math.max(room.lengthM, room.widthM)
  const shortest = Math.min(room.lengthM, room.widthM)
  if (Math.max(widthM, depthM) > longest || Math.min(widthM, depthM) > shortest) {
    throw new InputError('heater.widthM', 'The heater is larger than the room.')
  }
}
