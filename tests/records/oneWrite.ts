import type { Database } from '@/records/databaseType'
import { storedUses } from '@/core/run/tripPlan'
import { addFill } from '@/records/repositories/cylinders/fills'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { addAcceptance } from '@/records/repositories/trips/acceptances'
import { addTick } from '@/records/repositories/trips/ticks'
import { findTrip, saveTrip, tripFields } from '@/records/repositories/trips/trips'

const at = (i: number): string => new Date(Date.UTC(2026, 0, 1, 0, 0, i)).toISOString()

/**
 * One of five kinds of writes to the demo's records.
 *
 * @returns what was saved, for isSaved
 */
export function writeOnce(records: Database, i: number, id: string): string {
  const weighing = { grossKg: 12, hangingKg: 0, source: 'typed' } as const
  switch (i % 5) {
    case 0:
      addWeighing(records, { ...weighing, cylinderId: 'left', weighedAt: at(i) }, id)
      return `weighings ${id}`
    case 1: {
      const fill = { meteredM3: null, shownBefore: null, paid: 1, note: null, netKg: 4, mode: 'pump' } as const
      addFill(records, { ...fill, cylinderId: 'left', filledAt: at(i) }, { weighing }, id)
      return `fills ${id}`
    }
    case 2:
      addTick(records, { rigId: 'marigold', procedure: 'x', subjectId: '', stepId: 'y', tickedAt: at(i) }, id)
      return `ticks ${id}`
    case 3: {
      const answer = { findingKey: 'k', sentence: { text: 'x' }, reason: 'r' }
      addAcceptance(records, { ...answer, tripId: 'larkspur', acceptedAt: at(i) }, id)
      return `acceptances ${id}`
    }
    default: {
      const trip = findTrip(records, 'larkspur')
      if (!trip) throw new Error('The demo has no trip')
      saveTrip(records, 'larkspur', trip.row.version, { ...tripFields(trip.row), uses: storedUses(trip.plan.uses) })
      return `version ${trip.row.version + 1}`
    }
  }
}

/** Whether a write is in the records; a version also when a later one is. */
export function isSaved({ $client }: Database, saved: string): boolean {
  const [table = '', ...id] = saved.split(' ')
  if (table === 'version') {
    const version = Number($client.prepare(`SELECT version FROM trips WHERE id = 'larkspur'`).pluck().get())
    return version >= Number(id[0])
  }
  return $client.prepare(`SELECT count(*) FROM ${table} WHERE id = ?`).pluck().get(id.join(' ')) === 1
}

/** Rows of which the other half is missing: a fill without its weighing, a trip without its uses. */
export function torn({ $client }: Database): number {
  const fills = $client.prepare(
    'SELECT count(*) FROM fills WHERE weighing_id IS NOT NULL AND weighing_id NOT IN (SELECT id FROM weighings)',
  )
  const uses = $client.prepare(`SELECT count(*) = 0 FROM trip_uses WHERE trip_id = 'larkspur'`)
  return Number(fills.pluck().get()) + Number(uses.pluck().get())
}
