'use server'

import { revalidatePath } from 'next/cache'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { eventNames, voidEvent } from '@/records/repositories/events'
import { idField, reasonField } from '@/actions/shared/fields'
import { act, type ActionResult } from '@/actions/shared/result'

const voidSchema = z.strictObject({ of: z.enum(eventNames), id: idField, reason: reasonField })

/** Voids a weighing, mark, look-over, reading, fill or tick; it stays in the history with its reason. */
export async function voidEventAction(input: unknown): Promise<ActionResult> {
  return act(voidSchema, input, ({ of, id, reason }) => {
    voidEvent(database(), of, id, new Date().toISOString(), reason)
    revalidatePath('/', 'layout')
    return null
  })
}
