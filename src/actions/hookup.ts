'use server'

import { revalidatePath } from 'next/cache'
import { z } from '@/core/base/zod'
import { lineSchema } from '@/core/hookup/line/line'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { database } from '@/records/database'
import { addLine, findLine, saveLine } from '@/records/repositories/lines/lines'
import { NotFoundError } from '@/records/RecordsError'
import { findRig } from '@/records/repositories/rigs/rigs'
import { idField, nameField, versionField } from '@/actions/shared/fields'
import { act, type ActionResult } from '@/actions/shared/result'

const saveSchema = z.strictObject({
  id: idField.nullable(),
  rigId: idField,
  version: versionField.nullable(),
  name: nameField,
  line: lineSchema,
})

/** Saves a line: a new one without id, else over the given version. */
export async function saveLineAction(input: unknown): Promise<ActionResult<{ id: string; version: number }>> {
  return act(saveSchema, input, ({ id, rigId, version, ...entry }) => {
    // An impossible line is refused; a dangerous one is saved and judged.
    lineGraph(entry.line)
    const records = database()
    if (!findRig(records, rigId)) throw new NotFoundError('rig')
    const now = new Date().toISOString()
    if (id === null) {
      const added = addLine(records, rigId, entry, now)
      revalidatePath('/', 'layout')
      return { id: added.id, version: added.version }
    }
    saveLine(records, id, version ?? 0, entry, now)
    revalidatePath('/', 'layout')
    return { id, version: (version ?? 0) + 1 }
  })
}

/** Puts a line away: it leaves the lists, its history stays. */
export async function archiveLineAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({ id: idField, version: versionField }), input, ({ id, version }) => {
    if (!findLine(database(), id)) throw new NotFoundError('line')
    saveLine(database(), id, version, { archivedAt: new Date().toISOString() }, new Date().toISOString())
    revalidatePath('/', 'layout')
    return null
  })
}
