'use server'

import { revalidatePath } from 'next/cache'
import { equipmentKinds } from '@/core/cylinders/equipment/equipment'
import { z } from '@/core/base/zod'
import { heaterKinds } from '@/core/heat/heaters/heater'
import { applianceKinds } from '@/core/appliances/applianceKinds'
import { beginRig } from '@/records/repositories/rigs/beginRig'
import { database } from '@/records/database'
import { requireTripPlace, tripFieldsSchema } from '@/actions/shared/tripFields'
import { massField, monthField, nameField } from '@/actions/shared/fields'
import { act, type ActionResult } from '@/actions/shared/result'

const beginSchema = z.strictObject({
  rigName: nameField,
  cylinder: z
    .strictObject({
      sizeId: z.string().min(1).max(64),
      grossKg: massField.nullable(),
      madeMonth: monthField.nullable(),
    })
    .nullable(),
  heater: z.enum([...heaterKinds, 'none']).nullable(),
  burns: z.array(z.enum(applianceKinds)).max(20),
  equipment: z.array(z.strictObject({ kind: z.enum(equipmentKinds), madeMonth: monthField.nullable() })).max(20),
  trip: tripFieldsSchema.nullable(),
})

/** A rig with what its owner knows of it on the first evening. */
export async function beginAction(input: unknown): Promise<ActionResult<{ tripId: string | null }>> {
  return act(beginSchema, input, (said) => {
    if (said.trip) requireTripPlace(said.trip, 'trip.')
    const { tripId } = beginRig(database(), said, new Date().toISOString())
    revalidatePath('/', 'layout')
    return { tripId }
  })
}
