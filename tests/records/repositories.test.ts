import { BTU_PER_HOUR_W, POUND_KG } from '@tests/tradeUnits'
import { addAppliance, findAppliance, listAppliances, saveAppliance } from '@/records/repositories/trips/appliances'
import {
  addCylinder,
  findCylinder,
  listCylinders,
  saveCylinder,
  plainCylinder,
  type CylinderEntry,
} from '@/records/repositories/cylinders/cylinders'
import { voidEvent } from '@/records/repositories/events'
import { addWeighing, listWeighings } from '@/records/repositories/cylinders/weighings'
import type { Database } from '@/records/databaseType'
import { ConflictError, NotFoundError } from '@/records/RecordsError'
import { addRig } from '@/records/repositories/rigs/rigs'
import { addTrip, findTrip, listTrips, nextTrip, saveTrip, type TripEntry } from '@/records/repositories/trips/trips'
import { temporaryDatabase } from './temporary'

const entry: CylinderEntry = {
  ...plainCylinder,
  name: 'Left',
  kind: 'removable',
  tareKg: 17.8 * POUND_KG,
  waterCapacityKg: 47.6 * POUND_KG,
  manufacturedMonth: '2020-03',
  specification: 'DOT-4BA240',
  aboard: true,
}

const trip: TripEntry = {
  name: 'Larkspur Saddle',
  startDay: '2026-12-04',
  nights: 4,
  altitudeM: 2410,
  coldestK: 264.15,
  reserveShare: 0.2,
  uses: [],
}

let records: Database

beforeEach(() => {
  records = temporaryDatabase()
  addRig(records, 'Marigold', 'rig')
})
afterEach(() => records.$client.close())

function weigh(cylinderId: string, pounds: number, weighedAt: string) {
  return addWeighing(records, { cylinderId, grossKg: pounds * POUND_KG, hangingKg: 0, source: 'typed', weighedAt })
}

describe('cylinders and weighings', () => {
  test('stamps are returned exactly, months as months', () => {
    const { id } = addCylinder(records, 'rig', entry)
    expect(findCylinder(records, id)?.row).toMatchObject(entry)
    expect(findCylinder(records, id)?.gear.lastWeighing).toBeNull()
  })

  test('the last valid weighing counts; of two at one moment the one entered later', () => {
    addCylinder(records, 'rig', entry, 'left')
    weigh('left', 30, '2026-11-01T10:00:00.000Z')
    weigh('left', 35, '2026-11-03T10:00:00.000Z')
    weigh('left', 31, '2026-11-02T10:00:00.000Z')
    const last = weigh('left', 34, '2026-11-03T10:00:00.000Z')
    expect(findCylinder(records, 'left')?.gear.lastWeighing).toEqual({
      grossKg: last.grossKg,
      hangingKg: last.hangingKg,
      weighedAt: last.weighedAt,
    })
    expect(last.grossKg).toBeCloseTo(34 * POUND_KG, 12)
    voidEvent(records, 'weighing', last.id, '2026-11-04T00:00:00.000Z', 'adapter forgotten')
    expect(listCylinders(records, 'rig')[0]?.gear.lastWeighing?.grossKg).toBeCloseTo(35 * POUND_KG, 12)
  })

  test('a voided weighing stays, with its reason; voiding twice keeps the first reason', () => {
    addCylinder(records, 'rig', entry, 'left')
    const { id } = weigh('left', 30, '2026-11-01T10:00:00.000Z')
    voidEvent(records, 'weighing', id, '2026-11-02T00:00:00.000Z', 'wrong cylinder')
    voidEvent(records, 'weighing', id, '2026-11-03T00:00:00.000Z', 'another reason')
    expect(listWeighings(records, 'left')).toMatchObject([
      { voidedAt: '2026-11-02T00:00:00.000Z', voidReason: 'wrong cylinder' },
    ])
    expect(() => voidEvent(records, 'weighing', 'nowhere', 'x', 'y')).toThrow(NotFoundError)
  })

  test('the database itself lets no weighing be changed or erased', () => {
    addCylinder(records, 'rig', entry, 'left')
    const { id } = weigh('left', 30, '2026-11-01T10:00:00.000Z')
    const sql = records.$client
    expect(() => sql.prepare('DELETE FROM weighings').run()).toThrow(/never erased/)
    expect(() => sql.prepare('UPDATE weighings SET gross_kg = 1').run()).toThrow(/never changed/)
    voidEvent(records, 'weighing', id, '2026-11-02T00:00:00.000Z', 'wrong')
    expect(() => sql.prepare('UPDATE weighings SET voided_at = NULL, void_reason = NULL').run()).toThrow(
      /never changed/,
    )
    expect(() => sql.prepare(`UPDATE weighings SET void_reason = 'other'`).run()).toThrow(/never changed/)
  })

  test('the database itself refuses a zero tare and a cylinder without a rig', () => {
    expect(() => addCylinder(records, 'rig', { ...entry, tareKg: 0 })).toThrow(/CHECK/)
    expect(() => addCylinder(records, 'no rig', entry)).toThrow(/FOREIGN KEY/)
  })

  test('an archived cylinder leaves the shelf, not the records', () => {
    addCylinder(records, 'rig', entry, 'left')
    saveCylinder(records, 'left', 1, { archivedAt: '2026-11-01T00:00:00.000Z' })
    expect(listCylinders(records, 'rig')).toEqual([])
    expect(findCylinder(records, 'left')).toBeDefined()
  })
})

describe('row versions', () => {
  test('saving over a newer version is refused, and the newer one stays', () => {
    addCylinder(records, 'rig', entry, 'left')
    saveCylinder(records, 'left', 1, { name: 'Left, repainted' })
    expect(() => saveCylinder(records, 'left', 1, { name: 'Mine' })).toThrow(ConflictError)
    expect(findCylinder(records, 'left')?.row.name).toBe('Left, repainted')
  })

  test('a missing record cannot be saved', () => {
    expect(() => saveAppliance(records, 'nowhere', 1, { name: 'x' })).toThrow(NotFoundError)
  })
})

describe('appliances and trips', () => {
  const heater = { name: 'Heater', inputW: 3000 * BTU_PER_HOUR_W, supply: 'line' } as const

  test('appliances are in the order they were entered', () => {
    addAppliance(records, 'rig', heater, 'a')
    addAppliance(records, 'rig', { ...heater, name: 'Another' }, 'b')
    expect(listAppliances(records, 'rig').map(({ id }) => id)).toEqual(['a', 'b'])
    saveAppliance(records, 'a', 1, { archivedAt: '2026-11-01T00:00:00.000Z' })
    expect(listAppliances(records, 'rig').map(({ id }) => id)).toEqual(['b'])
    expect(findAppliance(records, 'a')?.version).toBe(2)
  })

  test('a trip is returned with its hours; zero hours are not stored', () => {
    addAppliance(records, 'rig', heater, 'a')
    addAppliance(records, 'rig', { ...heater, name: 'Idle' }, 'b')
    const uses = [
      { applianceId: 'a', burnPerDayS: 3600 },
      { applianceId: 'b', burnPerDayS: 0 },
    ]
    const { id } = addTrip(records, 'rig', { ...trip, uses })
    expect(findTrip(records, id)?.plan).toMatchObject({
      nights: 4,
      uses: [{ id: 'a', name: 'Heater', burnPerDayS: 3600 }],
    })
  })

  test('saving a trip is all or nothing', () => {
    addAppliance(records, 'rig', heater, 'a')
    const { id } = addTrip(records, 'rig', { ...trip, uses: [{ applianceId: 'a', burnPerDayS: 3600 }] })
    const broken = { ...trip, name: 'Changed', uses: [{ applianceId: 'nowhere', burnPerDayS: 60 }] }
    expect(() => saveTrip(records, id, 1, broken)).toThrow(/FOREIGN KEY/)
    expect(findTrip(records, id)).toMatchObject({ row: { name: trip.name, version: 1 }, plan: { uses: [{ id: 'a' }] } })
    expect(() => saveTrip(records, id, 7, trip)).toThrow(ConflictError)
    saveTrip(records, id, 1, { ...trip, uses: [] })
    expect(findTrip(records, id)).toMatchObject({ row: { version: 2 }, plan: { uses: [] } })
  })

  test('the next trip is the one under way, else the first upcoming, else the latest past', () => {
    expect(nextTrip(records, 'rig', '2026-11-24')).toBeUndefined()
    addTrip(records, 'rig', { ...trip, startDay: '2026-10-01' }, 'past')
    addTrip(records, 'rig', { ...trip, startDay: '2027-01-01' }, 'later')
    addTrip(records, 'rig', trip, 'next')
    expect(nextTrip(records, 'rig', '2026-12-04')?.row.id).toBe('next')
    // Its last day still counts.
    expect(nextTrip(records, 'rig', '2026-12-08')?.row.id).toBe('next')
    expect(nextTrip(records, 'rig', '2026-12-09')?.row.id).toBe('later')
    expect(nextTrip(records, 'rig', '2028-01-01')?.row.id).toBe('later')
    expect(listTrips(records, 'rig').map(({ id }) => id)).toEqual(['later', 'next', 'past'])
  })
})
