import { lineSchema } from '@/core/hookup/line/line'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import {
  addLine,
  findLine,
  listLineChanges,
  listLines,
  saveLine as saveRow,
  type StoredLine,
  type StoredLineChange,
} from '@/records/repositories/lines/lines'
import { factsOfRig } from '@/services/rigs/rigSnapshot'
import { requireRig } from '@/services/rigs/rigs'
import { addOrSave, type ArchivedRow, nameField, savedFields } from '@/services/shared/fields'

export type { StoredLine, StoredLineChange }

/** The lines of a rig, without those archived. */
export function linesOf(rigId: string): StoredLine[] {
  const records = database()
  const rows = listLines(records, rigId)
  const facts = factsOfRig(rigId)
  if (!facts) return rows
  return rows.map((row) => ({ ...row, line: facts.line(row.line) }))
}

/** Changes of a line, newest first. */
export function changesOf(lineId: string): StoredLineChange[] {
  return listLineChanges(database(), lineId)
}

/**
 * A line of the records.
 *
 * @throws NotFoundError when there is none of this identifier
 */
export function requireLine(id: string): StoredLine {
  const line = findLine(database(), id)
  if (!line) throw new NotFoundError('line')
  return line
}

export const lineEntrySchema = z.strictObject({ ...savedFields, name: nameField, line: lineSchema })

/**
 * Saves a line: a new one without id, else over the given version. An impossible line is refused; a dangerous one is
 * saved and judged.
 *
 * @throws InputError at the part that cannot be
 */
export function saveLine(
  { id, rigId, version, ...entry }: z.output<typeof lineEntrySchema>,
  now: Date,
): { id: string; version: number } {
  lineGraph(entry.line)
  requireRig(rigId)
  return addOrSave(
    { id, version },
    () => addLine(database(), rigId, entry, now.toISOString()),
    (known, over) => saveRow(database(), known, over, entry, now.toISOString()),
  )
}

/** A line as it is saved. */
export function savedLine(id: string): StoredLine | undefined {
  return findLine(database(), id)
}

/** Archives a line: it leaves the lists, its history stays. */
export function archiveLine({ id, version }: ArchivedRow, now: Date): null {
  requireLine(id)
  saveRow(database(), id, version, { archivedAt: now.toISOString() }, now.toISOString())
  return null
}
