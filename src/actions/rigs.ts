'use server'

import { revalidatePath } from 'next/cache'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { findRig, activeRig, saveRig, activateRig, type Rig } from '@/records/repositories/rigs/rigs'
import { copyRig } from '@/records/archive/import/copyRig'
import { idField, nameField, versionField } from '@/actions/shared/fields'
import { act, type ActionResult } from '@/actions/shared/result'

function requireRig(id: string): Rig {
  const rig = findRig(database(), id)
  if (!rig) throw new NotFoundError('rig')
  return rig
}

/** Activates a rig. */
export async function activateRigAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({ id: idField }), input, ({ id }) => {
    requireRig(id)
    activateRig(database(), id)
    revalidatePath('/', 'layout')
    return null
  })
}

/** Calls a rig by another name. */
export async function renameRigAction(input: unknown): Promise<ActionResult> {
  const schema = z.strictObject({ id: idField, version: versionField, name: nameField })
  return act(schema, input, ({ id, version, name }) => {
    requireRig(id)
    saveRig(database(), id, version, { name })
    revalidatePath('/', 'layout')
    return null
  })
}

/** A second rig with the same gear and no history. */
export async function copyRigAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(z.strictObject({ id: idField, name: nameField }), input, ({ id, name }) => {
    requireRig(id)
    const copied = copyRig(database(), id, name)
    revalidatePath('/', 'layout')
    return { id: copied }
  })
}

/** Archives or restores a rig; its records stay. */
export async function archiveRigAction(input: unknown): Promise<ActionResult> {
  const schema = z.strictObject({ id: idField, version: versionField, away: z.boolean() })
  return act(schema, input, ({ id, version, away }) => {
    requireRig(id)
    const records = database()
    saveRig(records, id, version, { archivedAt: away ? new Date().toISOString() : null })
    // A restored rig is not active.
    const next = away ? activeRig(records) : undefined
    if (next) activateRig(records, next.id)
    revalidatePath('/', 'layout')
    return null
  })
}
