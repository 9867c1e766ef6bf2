import type { HistoryEntry } from '@/app/shared/History'
import type { Phrase } from '@/core/base/quantity'
import { verdicts } from '@/core/findings/verdict'
import { leakGrades, gradeLabels } from '@/core/leak-test/sheet/leakReading'
import { drillTitleOf } from '@/core/practice/drills/drills'
import { faultLabelOf } from '@/core/practice/faults/faults'
import { loggedRows, type LogRow } from '@/services/log/logbook'
import { stateLabels } from '@/ui/figures/StateMark'
import { logKey, logTitles } from './logKinds'

type Stored = Readonly<Record<string, unknown>>

const text = (value: unknown): string => (typeof value === 'string' ? value : '')

const part = (value: unknown, key: string): unknown =>
  value && typeof value === 'object' ? Object.entries(value).find(([name]) => name === key)?.[1] : undefined

/** Descriptions of events that need only a short sentence. */
const sayings: Readonly<Partial<Record<LogRow['of'], (stored: Stored) => Phrase>>> = {
  look: ({ sound, note }) => ({
    text: note ? '{state}: {note}' : '{state}',
    parts: { state: sound === true ? 'sound' : 'not sound', note: text(note) },
  }),
  soaping: ({ itemId, grade, leftForTechnician, proof, repair }) => ({
    text: proof
      ? '{place}, by a {means}'
      : repair
        ? '{place}: {grade}, repaired by {technician}'
        : leftForTechnician === true
          ? '{place}: {grade}, left for a technician'
          : '{place}: {grade}',
    parts: {
      place: text(itemId),
      means: text(part(proof, 'means')),
      technician: text(part(repair, 'technician')),
      grade: gradeLabels[leakGrades.find((one) => one === grade) ?? 'none'].name.toLowerCase(),
    },
  }),
  closing: ({ burned }) => ({ text: 'All read none; {burned} burned', parts: { burned: text(burned) } }),
  tick: ({ stepId }) => ({ text: '{step}', parts: { step: text(stepId).replaceAll(' | ', ' · ') } }),
  acceptance: ({ reason, sentence }) => {
    const { text: said, parts } = sentence as Phrase
    return { text: `${said} “{acceptedReason}”`, parts: { ...parts, acceptedReason: text(reason) } }
  },
  drill: ({ drill, result, reason }) => ({
    text: reason ? '{drill}: {result}. {reason}' : '{drill}: {result}',
    parts: {
      drill: drillTitleOf(text(drill)),
      result: result === 'good' ? 'good end' : 'bad end',
      reason: text(reason),
    },
  }),
  rehearsal: ({ people, sheets, note }) => ({
    text: note ? '{people} people, {sheets} sheets: {note}' : '{people} people, {sheets} sheets',
    parts: {
      people: String(people),
      sheets: String(Array.isArray(sheets) ? sheets.length : 0),
      note: text(note),
    },
  }),
  fault: ({ what, kind, note }) => ({
    text: note ? '{what}: {fault}. {note}' : '{what}: {fault}',
    parts: { what: what === 'repaired' ? 'Repaired' : 'Found', fault: faultLabelOf(text(kind)), note: text(note) },
  }),
  lesson: ({ answer, factor, burntKg }) => ({
    text: '{answer}: {burned} burned, {factor} of the habits',
    parts: {
      answer: text(answer),
      burned: { value: Number(burntKg), role: 'cylinderMass' },
      factor: { value: Number(factor), role: 'share' },
    },
  }),
}

function saysOf(row: LogRow, stored: Stored): Phrase {
  if (row.of === 'line-change') return { text: '{words}', parts: { words: text(stored.words) } }
  if (row.of === 'verdict') {
    return { text: stateLabels[verdicts.find((one) => one === stored.verdict) ?? 'fix-first'] }
  }
  return sayings[row.of]?.(stored) ?? { text: '' }
}

/** Logbook entries that are one sentence, by kind and identifier. */
export function plainEntries(rows: readonly LogRow[]): Map<string, HistoryEntry> {
  const kinds = [...new Set(rows.map(({ of }) => of))]
  const entries = kinds.flatMap((kind) => {
    const own = rows.filter(({ of }) => of === kind)
    const ids = own.map(({ id }) => id)
    const stored = new Map(loggedRows(kind, ids).map((one) => [one.id, one]))
    return own.map((row): [string, HistoryEntry] => {
      const found = stored.get(row.id) ?? {}
      const voidable = kind === 'line-change' || kind === 'verdict' ? null : kind
      const entry = {
        of: voidable,
        id: row.id,
        at: row.at,
        what: logTitles[kind],
        says: saysOf(row, found),
        voidReason: voidable === null ? null : text(found.voidReason) || null,
      }
      return [logKey(row), entry]
    })
  })
  return new Map(entries)
}
