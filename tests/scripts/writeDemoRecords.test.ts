import { fromUnit } from '@/core/units/convert'
import { temporaryDatabase } from '@tests/records/temporary'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { equipmentEndMonth } from '@/core/cylinders/equipment/equipment'
import { fillCosts } from '@/core/fill/cost/fillCosts'
import { vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { listAppliances } from '@/records/repositories/trips/appliances'
import { listCylinders } from '@/records/repositories/cylinders/cylinders'
import type { Database } from '@/records/databaseType'
import { listEquipment } from '@/records/repositories/cylinders/equipment'
import { listHeat } from '@/records/repositories/heat/heaters'
import { listJudgedLines } from '@/records/repositories/lines/judgedLines'
import { listOffers } from '@/records/repositories/cylinders/offers'
import { findRig, listRigs, readFact } from '@/records/repositories/rigs/rigs'
import { nextTrip } from '@/records/repositories/trips/trips'
import { writeDemoRecords } from '../../scripts/demo/writeDemoRecords'

const now = new Date('2026-11-24T12:00:00Z')
let records: Database

beforeAll(() => {
  records = temporaryDatabase()
  writeDemoRecords(records, now)
})
afterAll(() => records.$client.close())

test('is marked as the demo, and is the Marigold on its way to Larkspur Saddle', () => {
  expect(readFact(records, 'demo')).toBe('yes')
  expect(listRigs(records).map(({ name }) => name)).toEqual(['Marigold'])
  const trip = nextTrip(records, 'marigold', '2026-11-24')
  expect(trip?.row).toMatchObject({
    name: 'Larkspur Saddle',
    startDay: '2026-12-04',
    nights: 4,
    altitudeM: fromUnit(7900, 'length', 'ft'),
  })
  expect(trip?.plan.uses).toHaveLength(listAppliances(records, 'marigold').length)
})

test('its gear: two cylinders, four bottles, CO2, and nothing impossible', () => {
  const kinds = listCylinders(records, 'marigold').map(({ row }) => row.kind)
  expect(kinds).toEqual([
    'removable',
    'removable',
    'refillable-bottle',
    'refillable-bottle',
    'refillable-bottle',
    'bottle',
    'co2',
  ])
  for (const { gear } of listCylinders(records, 'marigold')) {
    if (gear.lastWeighing) expect(gearContents(gear)).not.toBeNull()
  }
})

test('every planted fault is found', () => {
  const cylinders = listCylinders(records, 'marigold').map(({ gear }) => gear)
  const trip = nextTrip(records, 'marigold', '2026-11-24')
  if (!trip) throw new Error('no trip')
  const judged = judgeTrip(
    {
      cylinders,
      equipment: listEquipment(records, 'marigold'),
      lines: listJudgedLines(records, 'marigold'),
      heat: listHeat(records, 'marigold'),
      battery: findRig(records, 'marigold')?.battery ?? null,
    },
    trip.plan,
    now.toISOString(),
  )
  expect(judged.verdict).toBe('stop')
  expect(judged.enoughBySupply).toEqual([
    { supply: 'line', enough: 'enough' },
    { supply: 'bottles', enough: 'unknown' },
  ])
  expect(judged.findings.map(({ code, remedy }) => [code, remedy.subjectId ?? ''])).toEqual([
    ['cylinder-overfilled', 'bottle-2'],
    ['refilled-non-refillable', 'throwaway'],
    ['joint-taped', 'house'],
    ['heater-above-altitude', 'small-radiant'],
    ['clearance-violated', 'saloon'],
    ['ventilation-short', 'saloon'],
    ['heater-lit-asleep', ''],
    ['look-over-found', 'right'],
    ['date-overdue', 'right'],
    ['cylinder-not-weighed', 'bottle-3'],
    ['never-looked-over', 'bottle-3'],
    ['equipment-old', ''],
    ['alarm-not-tested', ''],
    ['refused-at-pump', 'bottle-2'],
    ['branch-without-valve', 'house'],
    ['line-not-supported', 'house'],
    ['line-changed-since-test', 'house'],
    ['leak-test-missing', 'soda-line'],
    ['heater-hours-beyond-use', 'panel-heater'],
    ['clearances-not-from-manual', 'small-radiant'],
    ['gas-not-enough', 'bottle-1'],
    ['battery-short', ''],
    ['weighing-old', 'throwaway'],
    ['weighing-old', 'soda'],
  ])
})

test('something is wrong at each built station, and can be fixed there', () => {
  const gear = new Map(listCylinders(records, 'marigold').map((one) => [one.row.id, one.gear]))
  const of = (id: string) => {
    const found = gear.get(id)
    if (!found) throw new Error(id)
    return found
  }
  expect(vesselFitness(of('left'), '2026-11-24').fill.answer).toBe('yes')
  expect(vesselFitness(of('right'), '2026-11-24').fill).toMatchObject({
    answer: 'no',
    reasons: [{ about: 'date' }, {}, {}, {}],
  })
  expect(of('throwaway').fitness.refilledAt).not.toBeNull()
  const old = listEquipment(records, 'marigold').filter((thing) => (equipmentEndMonth(thing) ?? '') < '2026-11')
  expect(old.map(({ name }) => name)).toEqual(['Left pigtail'])
})

test('its prices cover every way of selling, and give the intended results', () => {
  const offers = listOffers(records, 'marigold')
  expect(new Set(offers.map(({ way }) => way)).size).toBe(4)
  const [cheapest] = fillCosts(offers, { residualKg: 0, heaterW: 880 })
  expect(cheapest?.offer.place).toBe('Quarry Road Farm Store')
})
