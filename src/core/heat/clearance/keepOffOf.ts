import type { HeaterBody } from '@/core/heat/heaters/heater'
import type { KeepOff } from './marginTo'
import { gasKinds, type Thing } from '@/core/heat/room/thing'

const touching: KeepOff = { frontM: 0, rearM: 0, sidesM: 0, topM: 0 }

/**
 * Distances a heater keeps from a thing: its clearances from what can burn, its distance from cylinders, room for its
 * own body from everything else.
 *
 * @param thing - what it is
 * @param body - the heater
 */
export function keepOffOf(thing: Pick<Thing, 'kind' | 'combustible'>, body: HeaterBody): KeepOff {
  if (gasKinds.includes(thing.kind)) {
    const { cylinderM } = body
    return { frontM: cylinderM, rearM: cylinderM, sidesM: cylinderM, topM: cylinderM }
  }
  return thing.combustible || thing.kind === 'sleeper' ? body.clearances : touching
}
