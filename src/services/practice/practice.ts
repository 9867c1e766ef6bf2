import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { dangerSigns } from '@/core/practice/diagnosis/symptoms'
import { drillIds } from '@/core/practice/drills/drills'
import { faultContext, faultKindIds, findFault } from '@/core/practice/faults/faults'
import type { PracticeRig } from '@/core/practice/rig/practiceRig'
import { rigsOfGear } from '@/core/practice/rig/rigOfGear'
import { siteConditions } from '@/core/run/siteConditions'
import { database } from '@/records/database'
import {
  addDrillRun,
  addFaultEvent,
  addRehearsal,
  listDrillRuns,
  listRehearsals,
  openFaults,
  type StoredDrill,
  type StoredFault,
  type StoredRehearsal,
} from '@/records/repositories/practice/practice'
import { listLineChanges } from '@/records/repositories/lines/lines'
import { requireRig } from '@/services/rigs/rigs'
import { type RigSnapshot, rigSnapshot } from '@/services/rigs/rigSnapshot'
import { idField, noteField } from '@/services/shared/fields'

export type { StoredDrill, StoredFault, StoredRehearsal }

/** A line of the rig that can be practiced on. */
export interface PracticeLine {
  id: string
  name: string
  rig: PracticeRig
}

/** The rig's lines as the diagnosis and the drills take them; those with the most appliances first. */
export function practiceLines({ rig, gear, trip, appliances, nowIso }: RigSnapshot): PracticeLine[] {
  if (!rig) return []
  const { altitudeM, temperatureK } = siteConditions(trip?.plan)
  const site = { outsideK: temperatureK, altitudeM }
  const records = database()
  const changedAt = new Map(
    gear.lines.flatMap(({ gear: { id } }) => {
      const [last] = listLineChanges(records, id)
      return last ? [[id, last.changedAt] as const] : []
    }),
  )
  return rigsOfGear({ name: rig.name, gear, appliances, ...site, changedAt, nowIso })
    .map(({ id, name, rig: own }) => ({ id, name, rig: own }))
    .toSorted((a, b) => appliancesOn(b.rig) - appliancesOn(a.rig))
}

const appliancesOn = (rig: PracticeRig): number => faultContext(rig).appliances.length

/** What was practiced and found on a rig. */
export function practiceRecords(rigId: string): {
  drills: StoredDrill[]
  rehearsals: StoredRehearsal[]
  faults: StoredFault[]
} {
  const records = database()
  return {
    drills: listDrillRuns(records, rigId),
    rehearsals: listRehearsals(records, rigId),
    faults: openFaults(records, rigId),
  }
}

const amount = z.number().min(0, 'Enter zero or more.')

export const drillRunSchema = z.strictObject({
  rigId: idField,
  drill: z.enum(drillIds),
  seed: z.int().min(0).max(4_294_967_295),
  result: z.enum(['good', 'bad']),
  reason: z.string().trim().max(300).nullable(),
  durationS: amount.max(1e6),
  expertDurationS: amount.max(1e6),
  gasKg: amount.max(2000),
})

/** Appends a drill that was played to an end. */
export function recordDrill(entry: z.output<typeof drillRunSchema>, now: Date, key?: string): StoredDrill {
  requireRig(entry.rigId)
  return addDrillRun(database(), { ...entry, finishedAt: now.toISOString() }, key)
}

/** Sheets that there are: those of the danger signs, fire, driving and frostbite. */
const sheetField = z.enum([
  ...new Set(Object.values(dangerSigns).map(({ sheet }) => sheet)),
  'fire',
  'driving',
  'frostbite',
])

export const rehearsalSchema = z.strictObject({
  rigId: idField,
  people: z
    .int('Enter a whole number of people.')
    .min(1, 'Enter 1 or more: somebody has to walk the steps.')
    .max(20, 'Enter 20 or fewer.'),
  sheets: z.array(sheetField).min(1, 'Walk through one sheet or more.').max(20),
  note: noteField,
})

/** Appends a rehearsal of the emergency sheets. */
export function recordRehearsal(entry: z.output<typeof rehearsalSchema>, now: Date, key?: string): StoredRehearsal {
  requireRig(entry.rigId)
  return addRehearsal(database(), { ...entry, rehearsedAt: now.toISOString() }, key)
}

export const faultSchema = z.strictObject({
  rigId: idField,
  lineId: idField,
  kind: z.enum(faultKindIds),
  place: z.string().min(1).max(140),
  note: noteField,
})

/**
 * Appends a fault that the diagnosis found: the verdict knows it until it is repaired.
 *
 * @throws InputError for a line or a place that is not there
 */
export function recordFault(entry: z.output<typeof faultSchema>, now: Date, key?: string): StoredFault {
  const { rigId, lineId, kind, note } = entry
  requireRig(rigId)
  const snapshot = rigSnapshot(now)
  const line = snapshot.rig?.id === rigId ? practiceLines(snapshot).find(({ id }) => id === lineId) : undefined
  if (!line) throw new InputError('lineId', 'This line is not on the active rig.')
  const { place } = findFault(faultContext(line.rig), { kind, at: entry.place }, 'place')
  const isOpen = openFaults(database(), rigId).some(
    (one) => one.kind === kind && one.place === place.at && one.lineId === lineId,
  )
  if (isOpen) throw new InputError('kind', 'This fault is recorded already.')
  return addFaultEvent(
    database(),
    {
      rigId,
      what: 'found',
      kind,
      lineId,
      place: place.at,
      partId: place.partId,
      name: place.name,
      happenedAt: now.toISOString(),
      note,
    },
    key,
  )
}

export const faultRepairSchema = z.strictObject({
  rigId: idField,
  faultId: idField,
  note: z.string().trim().min(1, 'Say who repaired it and how.').max(300),
})

/**
 * Appends the repair of a fault.
 *
 * @throws InputError when the fault is not open
 */
export function recordFaultRepair(
  { rigId, faultId, note }: z.output<typeof faultRepairSchema>,
  now: Date,
  key?: string,
): StoredFault {
  const fault = openFaults(database(), rigId).find(({ id }) => id === faultId)
  if (!fault) throw new InputError('faultId', 'This fault is not open.')
  const { kind, lineId, place, partId, name } = fault
  return addFaultEvent(
    database(),
    { rigId, what: 'repaired', kind, lineId, place, partId, name, happenedAt: now.toISOString(), note },
    key,
  )
}

/** Half a year: a drill played last season is played again before the next. [common practice] */
const FRESH_MS = 182 * 86_400_000

/** Whether a drill should be played again: its last good end is long ago, or it last ended badly. */
export function isRefreshDue(runs: readonly Pick<StoredDrill, 'result' | 'finishedAt'>[], nowIso: string): boolean {
  const [last] = runs
  const good = runs.find(({ result }) => result === 'good')
  if (!last) return false
  return last.result === 'bad' || !good || Date.parse(nowIso) - Date.parse(good.finishedAt) > FRESH_MS
}
