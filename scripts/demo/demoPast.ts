import { addDays, format, subDays } from 'date-fns'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { verdictSnapshot } from '@/core/trip/readiness/verdictSnapshot'
import { readiness } from '@/core/trip/readiness/readiness'
import { fromUnit } from '@/core/units/convert'
import type { Database } from '@/records/databaseType'
import { addFill } from '@/records/repositories/cylinders/fills'
import { loadRig } from '@/records/repositories/rigs/loadRig'
import { addTrip, findTrip } from '@/records/repositories/trips/trips'
import { saveVerdict } from '@/records/repositories/trips/verdicts'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { demoAppliances } from './demoRun'

const pounds = (number: number): number => fromUnit(number, 'mass', 'lb')

const STARTED_DAYS_AGO = 64
const NIGHTS = 3

/** Weigh-ins of the left cylinder around that trip: days after its start, and the scale reading. */
const weighIns = [
  { after: 0, grossLb: 36.4 },
  { after: 1, grossLb: 34.1 },
  { after: 2, grossLb: 30.9 },
  { after: 3, grossLb: 28.2 },
] as const

/** The previous trip: gas burned, cost of the fill after it, and its verdict at departure. */
export function loadDemoPast(records: Database, rigId: string, now: Date): void {
  const start = subDays(now, STARTED_DAYS_AGO)
  const at = (after: number, hour: string): string => `${format(addDays(start, after), 'yyyy-MM-dd')}T${hour}:00.000Z`
  for (const { after, grossLb } of weighIns) {
    const weighedAt = at(after, '19:30')
    addWeighing(records, { cylinderId: 'left', grossKg: pounds(grossLb), hangingKg: 0, source: 'scale', weighedAt })
  }
  addFill(
    records,
    {
      cylinderId: 'left',
      filledAt: at(22, '16:10'),
      mode: 'by-weight',
      netKg: pounds(19.8),
      meteredM3: null,
      shownBefore: null,
      paid: 9.4,
      note: 'Quarry Road, on their scale',
    },
    { weighing: { grossKg: pounds(37.6), hangingKg: 0, source: 'scale' } },
  )
  const entry = {
    name: 'Quarry Lake',
    startDay: format(start, 'yyyy-MM-dd'),
    nights: NIGHTS,
    altitudeM: fromUnit(2900, 'length', 'ft'),
    coldestK: 277.15,
    reserveShare: 0.2,
    uses: demoAppliances
      .filter(({ entry: { supply } }) => supply === 'line')
      .map(({ id, use: { byNight: _, ...use } }) => ({ applianceId: id, ...use })),
  }
  const { id } = addTrip(records, rigId, entry, 'quarry-lake')
  const trip = findTrip(records, id)
  if (!trip) throw new RangeError(id)
  const judgedAt = at(0, '08:20')
  const gear = loadRig(records, { id: rigId, battery: null }).gear
  const judgment = judgeTrip(gear, trip.plan, judgedAt)
  saveVerdict(records, {
    tripId: id,
    judgedAt,
    verdict: readiness(judgment.findings, []).verdict,
    fingerprint: 'demo',
    kept: verdictSnapshot({ gear, plan: trip.plan, acceptances: [], judgment }, '0.6.0'),
  })
}
