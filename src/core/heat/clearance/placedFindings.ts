import { InputError } from '@/core/base/InputError'
import type { Finding } from '@/core/findings/Finding'
import { makeFinding } from '@/core/findings/makeFinding'
import type { HeaterGear, RoomPlan, RoomGear } from '@/core/heat/room/roomPlan'
import { clearanceCheck, type ClearanceCheck } from './clearanceCheck'

/** A heater placed in a room. */
export interface PlacedHeater {
  gear: RoomGear
  heater: HeaterGear
  placed: RoomPlan['placed'][number]
}

/** The clearance check, or a sentence why it is not possible. */
export function checkPlacedHeater({ gear, heater, placed }: PlacedHeater): ClearanceCheck | string {
  const { room, things } = gear.shelter
  try {
    return clearanceCheck({ heater: heater.heater.body, pose: placed.pose, objects: things, room })
  } catch (error) {
    if (error instanceof InputError) return error.message
    throw error
  }
}

/**
 * Findings about the place of a heater: clearances, the way out, its hose.
 *
 * @param one - the heater in its room
 * @param check - from checkPlacedHeater, where already computed
 */
export function placedFindings(one: PlacedHeater, check = checkPlacedHeater(one)): Finding[] {
  const { gear, heater } = one
  const at = { subjectId: gear.id } as const
  const name = heater.name
  if (typeof check === 'string') {
    return [
      makeFinding('heat', 'placing-not-judged', {
        ...at,
        text: 'Where {name} stands cannot be judged.',
        reason: '{why}',
        parts: { name, why: check },
      }),
    ]
  }
  const found = check.violations.map((violation) =>
    makeFinding('heat', 'clearance-violated', {
      ...at,
      text: '{thing} lacks {lacks} to the {face} of {name}.',
      reason:
        'What can burn within {wanted} of that face chars, then burns. Things that move count where they can reach. The heater’s manual comes first.',
      parts: {
        thing: violation.name.replace(/^the /, 'The '),
        name,
        face: violation.face,
        lacks: { value: violation.lacksM, role: 'length', rounded: 'up' },
        wanted: { value: violation.wantedM, role: 'length', rounded: 'up' },
      },
      about: violation.id,
    }),
  )
  if (check.exit.state === 'blocked') {
    found.push(
      makeFinding('heat', 'exit-blocked', {
        ...at,
        text: '{name} is in the way from bed to door.',
        reason: 'Nobody gets past a hot heater in smoke and dark.',
        parts: { name },
      }),
    )
  }
  const { hose } = check
  if (hose && hose.crossesFront) {
    found.push(
      makeFinding('heat', 'hose-in-heat', {
        ...at,
        text: 'The hose of {name} would lie in front of it.',
        reason: 'Heat hardens and burns a hose. Turn the heater, or bring the outlet behind it.',
        parts: { name },
      }),
    )
  }
  if (hose && !hose.reaches) {
    found.push(
      makeFinding('heat', 'hose-too-short', {
        ...at,
        text: 'The hose of {name} has {has} and wants {wants}.',
        reason: 'A hose drawn tight pulls at its ends and trips whoever walks by.',
        parts: {
          name,
          has: { value: hose.hasM, role: 'run', rounded: 'down' },
          wants: { value: hose.wantedM, role: 'run', rounded: 'up' },
        },
      }),
    )
  }
  return found
}

/**
 * Heaters placed in a room, without archived ones.
 *
 * @param gear - the room
 * @param heaters - of the rig
 */
export function placedHeaters(gear: RoomGear, heaters: readonly HeaterGear[]): PlacedHeater[] {
  return gear.shelter.placed.flatMap((placed) => {
    const heater = heaters.find(({ id }) => id === placed.heaterId)
    return heater ? [{ gear, heater, placed }] : []
  })
}
