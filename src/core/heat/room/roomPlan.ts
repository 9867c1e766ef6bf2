import type { ApplianceKind } from '@/core/appliances/applianceKinds'
import type { Habit } from '@/core/appliances/habit'
import { z } from '@/core/base/zod'
import { heaterUses, poseSchema, type Heater } from '@/core/heat/heaters/heater'
import { MAX_THINGS, thingSchema } from './thing'
import { roomSchema } from './room'

/** A room with its contents and placed heaters. */
export const roomPlanSchema = z.strictObject({
  room: roomSchema,
  things: z.array(thingSchema).max(MAX_THINGS),
  placed: z
    .array(z.strictObject({ heaterId: z.string().min(1).max(64), pose: poseSchema, use: z.enum(heaterUses) }))
    .max(20),
})

export type RoomPlan = z.output<typeof roomPlanSchema>

/** A room of the rig as the trip verdict needs it. */
export interface RoomGear {
  id: string
  name: string
  shelter: RoomPlan
}

/** Identifiers of the heaters that stand in a room to be used. */
export function heatersInUse(rooms: readonly RoomGear[]): Set<string> {
  const placed = rooms.flatMap(({ shelter }) => shelter.placed)
  return new Set(placed.filter(({ use }) => use !== 'not-used').map(({ heaterId }) => heaterId))
}

/** A heater of the rig. */
export interface HeaterGear {
  id: string
  name: string
  /** The appliance of the rig; null when not entered. */
  applianceId: string | null
  heater: Heater
}

/** Planned burning of an appliance on a trip. */
export interface PlannedBurning {
  id: string
  inputW: number
  burnPerDayS: number
  name?: string
  kind?: ApplianceKind
  /** With all burners at full; null or absent where nobody read it. */
  ratedInputW?: number | null
  habit?: Habit | null
}
