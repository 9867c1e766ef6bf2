import type { Finding } from '@/core/findings/Finding'
import { gasKinds } from '@/core/heat/room/thing'
import { exitState } from '@/core/heat/clearance/exitState'
import { makeFinding } from '@/core/findings/makeFinding'
import type { RoomGear } from '@/core/heat/room/roomPlan'

const at = (gear: RoomGear) => ({ subjectId: gear.id, label: 'To the plan' }) as const

/** Finding for gas stored in the living space. */
function gasInside(gear: RoomGear): Finding[] {
  return gear.shelter.things.flatMap((thing) => {
    if (!gasKinds.includes(thing.kind)) return []
    const isUnknown = thing.kind === 'cylinder-locker' && thing.sealed === 'not-known'
    if (thing.kind === 'cylinder-locker' && thing.sealed === 'yes') return []
    return [
      makeFinding('heat', isUnknown ? 'locker-not-known' : 'cylinder-inside', {
        ...at(gear),
        text: isUnknown
          ? 'Enter whether {thing} is closed to the room.'
          : thing.kind === 'cylinder'
            ? '{thing} is in the living space.'
            : '{thing} is open to the living space.',
        reason:
          'Gas that leaks pools on the floor where people sleep. Cylinders stay outside, or in a locker sealed to the room and open to the air below.',
        parts: { thing: thing.name },
        about: thing.id,
      }),
    ]
  })
}

/**
 * Findings about a room with any heater: gas stored inside, and the way out.
 *
 * @param gear - the room
 */
export function roomFindings(gear: RoomGear): Finding[] {
  const found = gasInside(gear)
  const { state } = exitState(gear.shelter.room, gear.shelter.things, null)
  if (state === 'unknown') {
    found.push(
      makeFinding('heat', 'exit-not-drawn', {
        ...at(gear),
        text: '{room}: a bed or a door is not drawn.',
        reason: 'Without both nobody can say whether the way out stays free.',
        parts: { room: gear.name },
      }),
    )
  }
  if (state === 'no-way-even-without') {
    found.push(
      makeFinding('heat', 'no-way-out', {
        ...at(gear),
        text: '{room}: no way from bed to door as it is drawn.',
        reason: 'Something is in it, or the drawing is not as the room is.',
        parts: { room: gear.name },
      }),
    )
  }
  return found
}
