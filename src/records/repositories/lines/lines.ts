import { and, asc, eq, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Line } from '@/core/hookup/line/line'
import { describeLineChanges } from '@/core/hookup/line/lineChanges'
import type { Database } from '@/records/databaseType'
import { appendEvent, latestFirst } from '@/records/repositories/appendEvent'
import { lineChanges, lines } from '@/records/schema/lineTables'
import { insertRow, updateVersion, write } from '@/records/write'

export type StoredLine = typeof lines.$inferSelect
export type StoredLineChange = typeof lineChanges.$inferSelect

/** What an owner enters of a line. */
export type LineEntry = Pick<StoredLine, 'name' | 'line'>

/** The rig's lines in the owner's order, without those archived. */
export function listLines(database: Database, rigId: string): StoredLine[] {
  return database
    .select()
    .from(lines)
    .where(and(eq(lines.rigId, rigId), isNull(lines.archivedAt)))
    .orderBy(asc(lines.position))
    .all()
}

export function findLine(database: Database, id: string): StoredLine | undefined {
  return database.select().from(lines).where(eq(lines.id, id)).get()
}

/** Changes of a line, newest first. */
export function listLineChanges(database: Database, lineId: string): StoredLineChange[] {
  return database
    .select()
    .from(lineChanges)
    .where(eq(lineChanges.lineId, lineId))
    .orderBy(...latestFirst(lineChanges.changedAt, lineChanges.sequence))
    .all()
}

function noteChange(database: Database, lineId: string, changedAt: string, before: Line | null, after: Line): void {
  const words = describeLineChanges(before, after)
  if (words.length === 0) return
  appendEvent(database, lineChanges, { id: randomUUID(), lineId, changedAt, words: words.join('; ') }, 'changedAt')
}

/** Adds a line, its history beginning at `changedAt`. */
export function addLine(
  database: Database,
  rigId: string,
  entry: LineEntry,
  changedAt: string,
  id: string = randomUUID(),
): StoredLine {
  return write(database, () => {
    const position = database.$count(lines, eq(lines.rigId, rigId))
    const added = insertRow(database, lines, { ...entry, id, rigId, position })
    noteChange(database, id, changedAt, null, entry.line)
    return added
  })
}

/**
 * Saves over version `version` of a line and notes in its history what was changed.
 *
 * @throws ConflictError when a newer version exists
 */
export function saveLine(
  database: Database,
  id: string,
  version: number,
  entry: Partial<LineEntry & Pick<StoredLine, 'archivedAt'>>,
  changedAt: string,
): void {
  write(database, () => {
    const before = findLine(database, id)
    updateVersion(database, lines, { id, version }, entry, 'line')
    if (before && entry.line) noteChange(database, id, changedAt, before.line, entry.line)
  })
}
