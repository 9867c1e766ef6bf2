import { format } from 'date-fns'
import { InputError } from '@/core/base/InputError'
import { formatPhrase } from '@/core/units/formatQuantity'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import type { TripPlan } from '@/core/run/tripPlan'
import type { Database } from '@/records/databaseType'
import { listRigs } from '@/records/repositories/rigs/rigs'
import { loadRig } from '@/records/repositories/rigs/loadRig'
import { nextTrip } from '@/records/repositories/trips/trips'
import { FileError } from './FileError'

/** Without a trip the gear is judged too. */
const anyPlan: TripPlan = {
  id: 'any',
  name: '',
  startDay: '2026-01-01',
  nights: 1,
  reserveShare: 0,
  altitudeM: 0,
  coldestK: null,
  uses: [],
}

/**
 * Checks that every page can show the records: each rig is judged with its next trip.
 *
 * @throws FileError for what core refuses
 */
export function validateRecords(database: Database): void {
  const now = new Date()
  for (const rig of listRigs(database)) {
    try {
      const trip = nextTrip(database, rig.id, format(now, 'yyyy-MM-dd'))
      const gear = loadRig(database, rig).gear
      const { findings } = judgeTrip(gear, trip?.plan ?? anyPlan, now.toISOString())
      const unreadable = findings.find(({ code }) => code.endsWith('-not-readable'))
      if (unreadable) throw new InputError('', formatPhrase(unreadable.sentence, 'us'))
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      const path = error.issues[0]?.path ?? ''
      throw new FileError([{ path, message: `The rig ${rig.name} could not be judged: ${error.message}`, line: null }])
    }
  }
}
