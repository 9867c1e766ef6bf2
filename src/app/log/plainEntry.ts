import { eq, getTableColumns } from 'drizzle-orm'
import type { HistoryEntry } from '@/app/historyEntry'
import type { Phrase } from '@/core/findings/quantity'
import { leakGrades } from '@/core/leaktest/leakGrades'
import { gradeWords } from '@/core/leaktest/leakGrades'
import { database } from '@/records/database'
import { eventTables } from '@/records/events'
import type { LogRow } from '@/records/logbook'
import { lineChanges } from '@/records/lineTables'
import { verdicts } from '@/records/tripTables'
import { stateWords } from '@/ui/StateMark'
import { logTitles } from './logKinds'

type Stored = Readonly<Record<string, unknown>>

const text = (value: unknown): string => (typeof value === 'string' ? value : '')

/** What a stored event came to, where a short sentence says all of it. */
const sayings: Readonly<Partial<Record<LogRow['of'], (stored: Stored) => Phrase>>> = {
  look: ({ sound, note }) => ({
    text: note ? '{state}: {note}' : '{state}',
    parts: { state: sound === true ? 'sound' : 'not sound', note: text(note) },
  }),
  soaping: ({ itemId, grade, leftForTechnician }) => ({
    text: leftForTechnician === true ? '{place}: {grade}, left for a technician' : '{place}: {grade}',
    parts: {
      place: text(itemId),
      grade: gradeWords[leakGrades.find((one) => one === grade) ?? 'none'].name.toLowerCase(),
    },
  }),
  closing: ({ burned }) => ({ text: 'All read none; {burned} burned', parts: { burned: text(burned) } }),
  tick: ({ stepId }) => ({ text: '{step}', parts: { step: text(stepId).replaceAll(' | ', ' · ') } }),
  acceptance: ({ reason, sentence }) => {
    const { text: said, parts } = sentence as Phrase
    return { text: `${said} “{acceptedReason}”`, parts: { ...parts, acceptedReason: text(reason) } }
  },
  lesson: ({ answer, factor, burntKg }) => ({
    text: '{answer}: {burnt} burnt, {factor} of the habits',
    parts: {
      answer: text(answer),
      burnt: { value: Number(burntKg), role: 'cylinderMass' },
      factor: { value: Number(factor), role: 'share' },
    },
  }),
}

function storedOf(row: LogRow): Stored | undefined {
  const records = database()
  if (row.of === 'line-change') return records.select().from(lineChanges).where(eq(lineChanges.id, row.id)).get()
  if (row.of === 'verdict') {
    const { kept: _, ...head } = getTableColumns(verdicts)
    return records.select(head).from(verdicts).where(eq(verdicts.id, row.id)).get()
  }
  const table = eventTables[row.of]
  return records.select().from(table).where(eq(table.id, row.id)).get()
}

function saysOf(row: LogRow, stored: Stored): Phrase {
  if (row.of === 'line-change') return { text: '{words}', parts: { words: text(stored.words) } }
  if (row.of === 'verdict') {
    const state = stored.verdict === 'stop' ? 'stop' : stored.verdict === 'ready' ? 'ready' : 'fix-first'
    return { text: stateWords[state] }
  }
  return sayings[row.of]?.(stored) ?? { text: '' }
}

/** A line of the logbook whose event says all in a sentence. */
export function plainEntry(row: LogRow): HistoryEntry {
  const stored = storedOf(row) ?? {}
  const isKept = row.of === 'line-change' || row.of === 'verdict'
  return {
    of: row.of === 'line-change' || row.of === 'verdict' ? null : row.of,
    id: row.id,
    at: row.at,
    what: logTitles[row.of],
    says: saysOf(row, stored),
    voidReason: isKept ? null : text(stored.voidReason) || null,
  }
}
