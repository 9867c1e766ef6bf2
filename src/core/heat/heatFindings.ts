import type { Equipment } from '@/core/cylinders/equipment/equipment'
import { InputError } from '@/core/base/InputError'
import type { Finding } from '@/core/findings/Finding'
import { unventedInUse } from '@/core/heat/ventilation/ventilationCheck'
import { heaterFindings } from '@/core/heat/heaters/heaterFindings'
import { placedFindings, placedHeaters } from '@/core/heat/clearance/placedFindings'
import { judgeRoomAir } from '@/core/heat/ventilation/judgeRoomAir'
import { makeFinding } from '@/core/findings/makeFinding'
import { roomFindings } from './roomFindings'
import type { HeaterGear, PlannedBurning, RoomGear } from '@/core/heat/room/roomPlan'

/** Everything of the rig that heats and where. */
export interface RigHeatInput {
  rooms: readonly RoomGear[]
  heaters: readonly HeaterGear[]
  /** The owner entered that nothing heats this rig. */
  heatless: boolean
  altitudeM: number
  /** Outside at the mildest hour that is heated; null or absent when not known. */
  mildestK?: number | null
  equipment: readonly Equipment[]
  /** What the trip plans to burn, by appliance; none without a trip. */
  planned: readonly PlannedBurning[]
}

function nothingKnown(): Finding {
  return makeFinding('heat', 'heaters-not-entered', {
    text: 'What heats the rig is not entered.',
    reason: 'A heater uses up the air and sets fire to what is near. If nothing heats it, say so there.',
  })
}

/** A room that cannot be read is one finding and does not keep the rest of the rig from being judged. */
function ofRoom({ id, name }: RoomGear, findings: () => Finding[]): Finding[] {
  try {
    return findings()
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return [
      makeFinding('heat', 'room-not-readable', {
        text: '{name} cannot be read: {why}',
        parts: { name, why: error.message },
        reason: 'What cannot be read is not judged. Draw this room again, or restore a backup.',
        reasonParts: null,
        subjectId: id,
      }),
    ]
  }
}

/**
 * Findings about heaters, rooms and air.
 *
 * @param rig - rooms, heaters, alarms, and how high it goes
 */
export function heatFindings(rig: RigHeatInput): Finding[] {
  const { rooms, heaters, heatless, altitudeM, mildestK = null, equipment, planned } = rig
  if (heaters.length === 0)
    return [...rooms.flatMap((gear) => ofRoom(gear, () => roomFindings(gear))), ...(heatless ? [] : [nothingKnown()])]
  const placed = rooms.flatMap((gear) => placedHeaters(gear, heaters))
  const used = placed.filter((one) => one.placed.use !== 'not-used')
  return [
    ...heaters.flatMap((gear) => {
      const here = placed.filter(({ heater }) => heater.id === gear.id)
      const uses = here.map((one) => one.placed.use)
      if (here.length > 0 && uses.every((use) => use === 'not-used')) return []
      const found = heaterFindings(gear, {
        uses,
        altitudeM,
        equipment,
        planned: planned.find(({ id }) => id === gear.applianceId) ?? null,
      })
      if (here.length > 0 || gear.heater.vented) return found
      return [
        ...found,
        makeFinding('heat', 'heater-not-placed', {
          text: 'Where {name} stands is not drawn.',
          reason: 'What is not drawn is not judged: its distances, the air it wants and the way out.',
          parts: { name: gear.name },
          ...(rooms[0] && { subjectId: rooms[0].id }),
        }),
      ]
    }),
    ...used.flatMap((one) => placedFindings(one)),
    ...rooms.flatMap((gear) =>
      ofRoom(gear, () => [
        ...roomFindings(gear),
        ...judgeRoomAir(gear, unventedInUse(placed.filter((one) => one.gear.id === gear.id)), {
          planned,
          altitudeM,
          mildestK,
        }).findings,
      ]),
    ),
  ]
}
