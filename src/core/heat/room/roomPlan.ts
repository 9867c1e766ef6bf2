import { z } from '@/core/base/zod'
import { heaterUses, poseSchema, type Heater } from '@/core/heat/heaters/heater'
import { MAX_THINGS, thingSchema } from './thing'
import { roomSchema } from './room'

/** A room with what stands in it and where its heaters are meant to be. */
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

/** A heater of the rig. */
export interface HeaterGear {
  id: string
  name: string
  /** The appliance of the rig that it is; null when the owner did not say. */
  applianceId: string | null
  heater: Heater
}

/** What a trip plans to burn: a heater is one of its appliances. */
export interface PlannedBurning {
  id: string
  inputW: number
  burnPerDayS: number
}
