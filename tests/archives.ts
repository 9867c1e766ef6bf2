import fc from 'fast-check'
import { getTableColumns } from 'drizzle-orm'
import { soundStart } from '@tests/lines'
import { answersOf } from '../scripts/demo/demoGear'
import { cylinderKinds } from '@/core/cylinders/cylinderKind'
import { equipmentKinds } from '@/core/cylinders/equipment/equipment'
import { swapFinds } from '@/core/trip/usage/swap'
import { typedForecast } from '@/core/run/weather/typedForecast'
import { heaterKinds } from '@/core/heat/heaters/heater'
import { applianceKinds, applianceTraits } from '@/core/appliances/applianceKinds'
import { usualRunSettings } from '@/core/run/runSettings'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import { readyRooms } from '@/core/heat/room/readyRooms'
import { FORMAT, FORMAT_VERSION, type Archive, type ArchiveRow } from '@/records/archive/format/Archive'
import { archiveTables } from '@/records/archive/format/archiveTables'

/** Texts as users and attackers type them. */
const text = (most: number): fc.Arbitrary<string> =>
  fc.oneof(
    fc.string({ minLength: 1, maxLength: most, unit: 'grapheme' }).map((typed) => typed.slice(0, most)),
    fc.constantFrom('=SUM(A1)', '-5 “left”', '@home', 'a "quoted", comma', 'two\nlines', '{name}', '🔥'),
  )
const moment = fc
  .date({ min: new Date('2022-01-01T00:00:00Z'), max: new Date('2026-11-01T00:00:00Z'), noInvalidDate: true })
  .map((date) => date.toISOString())
const month = fc.tuple(fc.integer({ min: 2012, max: 2024 }), fc.integer({ min: 1, max: 12 })).map(([year, number]) => {
  return `${year}-${String(number).padStart(2, '0')}`
})
const maybe = <Value>(arbitrary: fc.Arbitrary<Value>): fc.Arbitrary<Value | null> => fc.option(arbitrary, { nil: null })
const between = (min: number, max: number): fc.Arbitrary<number> =>
  fc.double({ min, max, noNaN: true, noDefaultInfinity: true })
const voided = fc.oneof(
  fc.constant({ voidedAt: null, voidReason: null }),
  fc.record({ voidedAt: moment, voidReason: text(60) }),
)

/** Rows that each refer to one of their parents; without parents there are none. */
function rowsOf<Row extends ArchiveRow>(
  name: string,
  owners: readonly ArchiveRow[],
  most: number,
  make: (owner: string) => fc.Arbitrary<Row>,
): fc.Arbitrary<ArchiveRow[]> {
  const ids = owners.flatMap(({ id }) => (typeof id === 'string' ? [id] : []))
  if (ids.length === 0) return fc.constant([])
  return fc
    .array(
      fc.constantFrom(...ids).chain((owner) => make(owner)),
      { maxLength: most },
    )
    .map((rows) => rows.map((row, i) => ({ id: `${name} ${i}`, ...row })))
}

const gearRow = { archivedAt: maybe(moment), version: fc.integer({ min: 1, max: 9 }) }

const rigRow = fc.record({
  name: text(60),
  ruleSetId: fc.constantFrom('ten-then-five', 'us-dot', 'canada'),
  ownRule: fc.constant(null),
  bottleSchool: fc.constantFrom('never', 'home', 'refillable'),
  heatless: fc.boolean(),
  battery: fc.constant(null),
  ...gearRow,
})

const cylinderRow = (rigId: string) =>
  fc.record({
    rigId: fc.constant(rigId),
    name: text(60),
    kind: fc.constantFrom(...cylinderKinds),
    tareKg: between(0.1, 50),
    waterCapacityKg: between(0.5, 400),
    labelNetKg: maybe(between(0.1, 100)),
    manufacturedMonth: maybe(month),
    specification: maybe(text(20)),
    stampsText: maybe(text(80)),
    overfillStop: fc.constantFrom('yes', 'no', 'unknown'),
    labelIntervalMonths: maybe(fc.integer({ min: 1, max: 300 })),
    endOfLifeMonth: maybe(month),
    ruleSetId: maybe(fc.constantFrom('us-dot', 'canada')),
    ruleReason: maybe(text(60)),
    reliefGaugePa: maybe(between(1e6, 4e6)),
    fullMark: fc.constant(null),
    aboard: fc.boolean(),
    position: fc.integer({ min: 0, max: 20 }),
    ...gearRow,
  })

const applianceRow = (rigId: string) =>
  fc.constantFrom(...applianceKinds).chain((kind) =>
    fc.record({
      rigId: fc.constant(rigId),
      name: text(60),
      inputW: between(100, 20_000),
      supply: fc.constantFrom('line', 'bottles'),
      kind: fc.constant(kind),
      pilotW: between(0, 90),
      currentA: between(0, 8),
      needsBattery: fc.boolean(),
      cylinderId: fc.constant(null),
      position: fc.integer({ min: 0, max: 20 }),
      ...gearRow,
    }),
  )

const tripRow = (rigId: string) =>
  fc.integer({ min: 1, max: 5 }).chain((nights) =>
    fc.record({
      rigId: fc.constant(rigId),
      name: text(60),
      startDay: moment.map((at) => at.slice(0, 10)),
      nights: fc.constant(nights),
      altitudeM: between(-100, 3500),
      coldestK: maybe(between(240, 300)),
      reserveShare: between(0, 1),
      settings: maybe(fc.constant(usualRunSettings)),
      forecast: maybe(
        fc.constant(
          typedForecast(
            Array.from({ length: nights }, () => ({ lowK: 270, highK: 282, windMS: 2 })),
            15,
          ),
        ),
      ),
      ...gearRow,
    }),
  )

/** A whole archive of valid rows whose references all exist. */
export const anyArchive: fc.Arbitrary<Archive> = fc
  .array(rigRow, { minLength: 1, maxLength: 2 })
  .map((rows) => rows.map((row, i) => ({ id: `rig ${i}`, ...row })))
  .chain((rigs) =>
    fc
      .record({
        cylinders: rowsOf('cylinder', rigs, 4, cylinderRow),
        equipment: rowsOf('thing', rigs, 3, (rigId) =>
          fc.record({
            rigId: fc.constant(rigId),
            kind: fc.constantFrom(...equipmentKinds),
            name: text(60),
            madeMonth: maybe(month),
            replaceByMonth: maybe(month),
            position: fc.integer({ min: 0, max: 20 }),
            ...gearRow,
          }),
        ),
        offers: rowsOf('offer', rigs, 2, (rigId) =>
          fc.record({
            rigId: fc.constant(rigId),
            place: text(60),
            way: fc.constantFrom('by-volume', 'by-weight', 'exchange', 'bottles'),
            price: between(0.01, 1000),
            containsKg: maybe(between(0.1, 15)),
            archivedAt: maybe(moment),
            version: fc.integer({ min: 1, max: 9 }),
          }),
        ),
        appliances: rowsOf('appliance', rigs, 3, applianceRow),
        lines: rowsOf('line', rigs, 2, (rigId) =>
          fc.record({
            rigId: fc.constant(rigId),
            name: text(60),
            line: fc.constantFrom(soundStart('two-cylinders'), { parts: [], joints: [], types: [] }),
            position: fc.integer({ min: 0, max: 20 }),
            ...gearRow,
          }),
        ),
        rooms: rowsOf('room', rigs, 1, (rigId) =>
          fc.record({
            rigId: fc.constant(rigId),
            name: text(60),
            shelter: fc.constantFrom(...readyRooms.map(({ shelter }) => shelter)),
            position: fc.integer({ min: 0, max: 20 }),
            ...gearRow,
          }),
        ),
        heaters: rowsOf('heater', rigs, 2, (rigId) =>
          fc.record({
            rigId: fc.constant(rigId),
            applianceId: fc.constant(null),
            name: text(60),
            heater: fc.constantFrom(...heaterKinds.map((kind) => heaterTemplates[kind].heater)),
            price: maybe(between(1, 900)),
            lastsNights: maybe(between(1, 900)),
            position: fc.integer({ min: 0, max: 20 }),
            ...gearRow,
          }),
        ),
        trips: rowsOf('trip', rigs, 3, tripRow),
        ticks: rowsOf('tick', rigs, 3, (rigId) =>
          fc
            .record({
              rigId: fc.constant(rigId),
              procedure: text(40),
              subjectId: text(40),
              stepId: text(40),
              tickedAt: moment,
            })
            .chain((row) => voided.map((end) => ({ ...row, ...end }))),
        ),
      })
      .map((tables) => ({ rigs, ...tables })),
  )
  .chain((owned) => {
    const { cylinders, trips, appliances } = owned
    return fc
      .record({
        weighings: rowsOf('weighing', cylinders, 6, (cylinderId) =>
          fc
            .record({
              cylinderId: fc.constant(cylinderId),
              weighedAt: moment,
              grossKg: between(0.1, 500),
              hangingKg: between(0, 5),
              source: fc.constantFrom('typed', 'scale'),
            })
            .chain((row) => voided.map((end) => ({ ...row, ...end }))),
        ),
        swaps: rowsOf('swap', cylinders, 1, (cylinderId) =>
          fc
            .record({
              cylinderId: fc.constant(cylinderId),
              otherId: maybe(fc.constantFrom(...cylinders.map(({ id }) => id))),
              swappedAt: moment,
              found: fc.constantFrom(...swapFinds),
              otherShut: maybe(fc.boolean()),
              levelId: fc.constant(null),
            })
            .chain((row) => voided.map((end) => ({ ...row, ...end }))),
        ),
        looks: rowsOf('look', cylinders, 2, (cylinderId) =>
          fc
            .record({
              cylinderId: fc.constant(cylinderId),
              lookedAt: moment,
              answers: fc.constantFrom(answersOf('removable', []), answersOf('removable', ['rust']), {}),
              note: maybe(text(80)),
              clearedBy: fc.constant(null),
            })
            .chain((row) => voided.map((end) => ({ ...row, ...end }))),
        ),
        acceptances: rowsOf('acceptance', trips, 2, (tripId) =>
          fc
            .record({
              tripId: fc.constant(tripId),
              findingKey: text(80),
              sentence: text(40).map((name) => ({ text: '{name} is old.', parts: { name } })),
              reason: text(80),
              acceptedAt: moment,
            })
            .chain((row) => voided.map((end) => ({ ...row, ...end }))),
        ),
        trip_uses: fc
          .subarray(
            trips.flatMap(({ id: tripId, rigId }) =>
              appliances
                .filter((appliance) => appliance.rigId === rigId)
                .map(({ id: applianceId, kind }) => ({ tripId, applianceId, kind })),
            ),
          )
          .map((pairs) =>
            pairs.map(({ tripId, applianceId, kind }) => ({
              tripId,
              applianceId,
              burnPerDayS: 3600,
              habit: applianceTraits[kind as keyof typeof applianceTraits].habit,
              byNight: null,
            })),
          ),
      })
      .map((more) => ({ ...owned, ...more }))
  })
  .map((filled): Archive => {
    const rows: Readonly<Record<string, readonly ArchiveRow[]>> = filled
    const tables = archiveTables.map(({ name, table, at }) => {
      const keys = Object.keys(getTableColumns(table))
      const atKey = keys.find((key) => getTableColumns(table)[key] === at)
      const held = (rows[name] ?? []).toSorted((a, b) => {
        const by = (row: ArchiveRow): string => (atKey ? String(row[atKey]) : String(row.id ?? ''))
        return by(a) < by(b) ? -1 : by(a) > by(b) ? 1 : 0
      })
      return [name, held] as const
    })
    return { format: FORMAT, version: FORMAT_VERSION, part: 'all', tables: Object.fromEntries(tables), files: {} }
  })
