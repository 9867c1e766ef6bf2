import type { Database } from '@/records/databaseType'
import type { EventName } from './events'

/** Subject of a logbook line: an event, or a record that cannot be voided. */
export type LogName = EventName | 'line-change' | 'verdict'

/** A logbook line without its text. */
export interface LogRow {
  of: LogName
  id: string
  at: string
  subjectId: string
  subject: string
}

export interface LogFilter {
  /** Only these; all when empty. */
  names: readonly LogName[]
  /** Found in the name of the thing, a note, or in these kinds. */
  search: string
  /** Kinds whose title contains the search text. */
  searchedNames: readonly LogName[]
  fromIso: string
  toIso: string
}

interface Source {
  of: LogName
  /** Columns: id, at, subject_id, subject, note. */
  select: string
  /** The same ordered by an index on time, when only the latest of many rows are needed. */
  latest?: string
}

const ofCylinder = (table: string, at: string, note = `''`, join = 'JOIN'): string =>
  `SELECT e.id, e.${at} AS at, c.id AS subject_id, c.name AS subject, ${note} AS note FROM ${table} e ${join} cylinders c ON c.id = e.cylinder_id WHERE c.rig_id = @rig`
const ofLine = (table: string, at: string, note = `''`): string =>
  `SELECT e.id, e.${at} AS at, l.id AS subject_id, l.name AS subject, ${note} AS note FROM ${table} e JOIN lines l ON l.id = e.line_id WHERE l.rig_id = @rig`
const ofTest = (table: string, at: string, note: string): string =>
  `SELECT e.id, e.${at} AS at, l.id AS subject_id, l.name AS subject, ${note} AS note FROM ${table} e JOIN leak_tests t ON t.id = e.test_id JOIN lines l ON l.id = t.line_id WHERE l.rig_id = @rig`
const ofTrip = (table: string, at: string, note: string): string =>
  `SELECT e.id, e.${at} AS at, t.id AS subject_id, t.name AS subject, ${note} AS note FROM ${table} e JOIN trips t ON t.id = e.trip_id WHERE t.rig_id = @rig`
const ofRig = (table: string, at: string, note: string, subject = 'r.name'): string =>
  `SELECT e.id, e.${at} AS at, e.rig_id AS subject_id, ${subject} AS subject, ${note} AS note FROM ${table} e JOIN rigs r ON r.id = e.rig_id WHERE e.rig_id = @rig`

const sources: readonly Source[] = [
  {
    of: 'weighing',
    select: ofCylinder('weighings', 'weighed_at'),
    // CROSS JOIN keeps SQLite from reordering the tables.
    latest: ofCylinder('weighings', 'weighed_at', `''`, 'CROSS JOIN'),
  },
  { of: 'reading', select: ofCylinder('levels', 'read_at') },
  { of: 'fill', select: ofCylinder('fills', 'filled_at', 'e.note') },
  { of: 'swap', select: ofCylinder('swaps', 'swapped_at', 'e.found') },
  { of: 'mark', select: ofCylinder('marks', 'entered_at', 'e.requalifier') },
  {
    of: 'look-over',
    select: ofCylinder('looks', 'looked_at', `coalesce(e.note, '') || ' ' || coalesce(e.cleared_by, '')`),
  },
  {
    of: 'look',
    select:
      'SELECT e.id, e.looked_at AS at, q.id AS subject_id, q.name AS subject, e.note AS note FROM equipment_looks e JOIN equipment q ON q.id = e.equipment_id WHERE q.rig_id = @rig',
  },
  { of: 'line-change', select: ofLine('line_changes', 'changed_at', 'e.words') },
  { of: 'leak-test', select: ofLine('leak_tests', 'started_at') },
  { of: 'soaping', select: ofTest('leak_readings', 'read_at', `e.item_id || ' ' || e.grade`) },
  { of: 'closing', select: ofTest('leak_closings', 'closed_at', 'e.burned') },
  { of: 'hold-test', select: ofLine('hold_tests', 'held_at', 'e.outcome') },
  {
    of: 'warm-up',
    select: `SELECT e.id, e.logged_at AS at, r.id AS subject_id, r.name AS subject, '' AS note FROM warm_ups e JOIN rooms r ON r.id = e.room_id WHERE r.rig_id = @rig`,
  },
  {
    of: 'tick',
    select:
      'SELECT e.id, e.ticked_at AS at, e.subject_id, e.procedure AS subject, e.step_id AS note FROM ticks e WHERE e.rig_id = @rig',
  },
  { of: 'acceptance', select: ofTrip('acceptances', 'accepted_at', 'e.reason') },
  { of: 'lesson', select: ofTrip('lessons', 'learned_at', 'e.answer') },
  { of: 'verdict', select: ofTrip('verdicts', 'judged_at', 'e.verdict') },
  { of: 'drill', select: ofRig('drill_runs', 'finished_at', 'e.drill') },
  { of: 'rehearsal', select: ofRig('rehearsals', 'rehearsed_at', 'e.note') },
  { of: 'fault', select: ofRig('fault_events', 'happened_at', `coalesce(e.note, '') || ' ' || e.kind`, 'e.name') },
]

export const logNames: readonly LogName[] = sources.map(({ of }) => of)

/** Search text with the special characters of LIKE escaped. */
function pattern(search: string): string {
  return `%${search.replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`
}

function query({ names, search, searchedNames }: LogFilter, top = ''): string {
  const wanted = sources.filter(({ of }) => names.length === 0 || names.includes(of))
  const each = wanted.map(({ of, select, latest = select }) => {
    const within = `AND at >= @from AND at <= @to`
    // A kind whose title matches needs no further match.
    const found =
      search === '' || searchedNames.includes(of)
        ? ''
        : ` AND (subject LIKE @search ESCAPE '\\' OR note LIKE @search ESCAPE '\\')`
    const rows = `SELECT '${of}' AS of, id, at, subject_id AS subjectId, subject FROM (${top === '' ? select : latest}) WHERE 1 ${within}${found}${top}`
    return top === '' ? rows : `SELECT * FROM (${rows})`
  })
  return each.join(' UNION ALL ')
}

/** One page of the logbook, newest first, with the total number of lines. */
export function logPage(
  database: Database,
  rigId: string,
  filter: LogFilter,
  page: number,
  pageSize: number,
): { rows: LogRow[]; count: number } {
  const union = query(filter)
  const bound = { rig: rigId, from: filter.fromIso, to: filter.toIso, search: pattern(filter.search) }
  const client = database.$client
  const count = Number(client.prepare(`SELECT count(*) FROM (${union})`).pluck().get(bound))
  const offset = (page - 1) * pageSize
  // Each source is read by its own index, up to the end of the page.
  const tops = query(filter, ' ORDER BY at DESC, id LIMIT @most')
  const rows = client
    .prepare(`SELECT * FROM (${tops}) ORDER BY at DESC, id LIMIT @limit OFFSET @offset`)
    .all({ ...bound, limit: pageSize, offset, most: offset + pageSize }) as LogRow[]
  return { rows, count }
}
