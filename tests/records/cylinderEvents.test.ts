import { liquidTemperature, measuredTemperatureK } from '@/core/cylinders/contents/liquidTemperature'
import { answers } from '@tests/gear'
import { OUNCE_KG, POUND_KG } from '@tests/tradeUnits'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import { InputError } from '@/core/base/InputError'
import {
  addCylinder,
  findCylinder,
  listCylinders,
  plainCylinder,
  saveCylinder,
  type CylinderEntry,
} from '@/records/repositories/cylinders/cylinders'
import type { Database } from '@/records/databaseType'
import {
  addEquipment,
  addEquipmentLook,
  listEquipment,
  saveEquipment,
} from '@/records/repositories/cylinders/equipment'
import { addAcceptance } from '@/records/repositories/trips/acceptances'
import { addCalibration } from '@/records/repositories/trips/calibrations'
import { addTrip } from '@/records/repositories/trips/trips'
import { testedLine } from './testedLine'
import { warmedRoom } from './warmedRoom'
import { eventNames, eventTables, voidEvent } from '@/records/repositories/events'
import { addFill, listFills } from '@/records/repositories/cylinders/fills'
import { addLevel, listLevels } from '@/records/repositories/cylinders/levels'
import { addInspection, listInspections } from '@/records/repositories/cylinders/inspections'
import { addMark, listMarks } from '@/records/repositories/cylinders/marks'
import { addOffer, listOffers, saveOffer } from '@/records/repositories/cylinders/offers'
import { addPhoto, readPhoto } from '@/records/repositories/photos'
import { ConflictError, NotFoundError } from '@/records/RecordsError'
import { addRig, findRig, saveRig } from '@/records/repositories/rigs/rigs'
import { addPracticed } from './practiced'
import { addSwap, listSwapsOf } from '@/records/repositories/trips/swaps'
import { addTick, ticksSince } from '@/records/repositories/trips/ticks'
import { addWeighing, listWeighings } from '@/records/repositories/cylinders/weighings'
import { temporaryDatabase } from './temporary'

const entry: CylinderEntry = {
  ...plainCylinder,
  name: 'Left',
  kind: 'removable',
  tareKg: 17.8 * POUND_KG,
  waterCapacityKg: 47.6 * POUND_KG,
  manufacturedMonth: '2011-06',
}
const at = (day: number): string => `2026-11-${String(day).padStart(2, '0')}T10:00:00.000Z`

let records: Database
beforeEach(() => {
  records = temporaryDatabase()
  addRig(records, 'Marigold', 'rig')
  addCylinder(records, 'rig', entry, 'left')
})
afterEach(() => records.$client.close())

const gear = () => {
  const found = findCylinder(records, 'left')
  if (!found) throw new Error('gone')
  return found.gear
}
const mark = (month: string, day = 1) =>
  addMark(records, {
    cylinderId: 'left',
    enteredAt: at(day),
    month,
    letter: 'E',
    requalifier: null,
    form: 'stamp',
    photoId: null,
  })
const look = (day: number, bad: readonly string[], clearedBy: string | null = null) =>
  addInspection(records, {
    cylinderId: 'left',
    lookedAt: at(day),
    answers: answers('removable', bad),
    note: null,
    clearedBy,
  })

describe('dates', () => {
  test('an overdue date ends with a new mark, and returns when the mark is voided', () => {
    expect(gearRequalification(gear(), '2026-11-24').status).toBe('overdue')
    const { id } = mark('2026-10')
    expect(gearRequalification(gear(), '2026-11-24')).toMatchObject({ status: 'good', dueMonth: '2031-10' })
    voidEvent(records, 'mark', id, at(3), 'another cylinder’s')
    expect(gearRequalification(gear(), '2026-11-24').status).toBe('overdue')
    expect(listMarks(records, 'left')).toMatchObject([{ voidReason: 'another cylinder’s' }])
  })
  test('the rig’s rule, and a cylinder’s own with its reason', () => {
    saveRig(records, 'rig', 1, { ruleSetId: 'us-dot' })
    expect(gear().fitness.rule.id).toBe('us-dot')
    const ownRule = {
      firstMonths: 240,
      afterEMonths: 60,
      afterSMonths: 60,
      afterNoneMonths: 60,
      highPressureMonths: 60,
    }
    saveRig(records, 'rig', 2, { ruleSetId: 'own', ownRule })
    expect(gearRequalification(gear(), '2026-11-24').dueMonth).toBe('2031-06')
    expect(() => saveRig(records, 'rig', 2, { ruleSetId: 'canada' })).toThrow(ConflictError)
    saveCylinder(records, 'left', 1, { ruleSetId: 'canada', ruleReason: 'bought there' })
    expect(gear().fitness.rule.id).toBe('canada')
    expect(findRig(records, 'rig')?.ownRule).toEqual(ownRule)
  })
})

describe('inspections', () => {
  test('one defect retires it; another inspection does not return it to service, a clearance does', () => {
    look(1, ['bulge'])
    look(2, [])
    expect(gear().fitness.retiredBy?.lookedAt).toBe(at(1))
    expect(gear().fitness.lastLook?.lookedAt).toBe(at(2))
    look(3, [], 'A licensed inspector')
    expect(gear().fitness.retiredBy).toBeNull()
    expect(gear().fitness.lastLook?.lookedAt).toBe(at(2))
    look(4, ['fire'])
    expect(gear().fitness.retiredBy?.lookedAt).toBe(at(4))
    expect(listInspections(records, 'left')).toHaveLength(4)
  })
  test('a mistaken one is voided', () => {
    const { id } = look(1, ['bulge'])
    voidEvent(records, 'look-over', id, at(2), 'tapped the wrong one')
    expect(gear().fitness).toMatchObject({ retiredBy: null, lastLook: null })
  })
})

describe('fills', () => {
  const fill = (change: object = {}) => ({
    cylinderId: 'left',
    filledAt: at(5),
    mode: 'by-weight' as const,
    netKg: 9,
    meteredM3: null,
    shownBefore: null,
    paid: 12.5,
    note: null,
    ...change,
  })
  const weighing = { grossKg: 37.8 * POUND_KG, hangingKg: 0, source: 'scale' as const }

  test('a fill and the weighing after it are stored and voided together', () => {
    addWeighing(records, {
      cylinderId: 'left',
      weighedAt: at(1),
      grossKg: 30 * POUND_KG,
      hangingKg: 0,
      source: 'typed',
    })
    const { id } = addFill(records, fill(), { weighing })
    expect((gearContents(gear())?.netKg ?? 0) / POUND_KG).toBeCloseTo(20, 6)
    voidEvent(records, 'fill', id, at(6), 'not this one')
    expect((gearContents(gear())?.netKg ?? 0) / POUND_KG).toBeCloseTo(12.2, 6)
    expect(listWeighings(records, 'left')[0]).toMatchObject({ voidReason: 'not this one' })
  })
  test('a fill that cannot be stored stores no weighing either', () => {
    expect(() => addFill(records, fill({ cylinderId: 'nowhere' }), { weighing })).toThrow(/FOREIGN KEY/)
    expect(listWeighings(records, 'left')).toEqual([])
  })
  test('a reading after it, and none at all', () => {
    const { levelId } = addFill(records, fill(), { level: { shown: 1, liquidFraction: 0.8, temperatureK: 288.7 } })
    expect(listLevels(records, 'left')).toMatchObject([{ id: levelId, way: 'fill' }])
    expect(addFill(records, fill(), null)).toMatchObject({ weighingId: null, levelId: null })
    expect(listFills(records, 'left')).toHaveLength(2)
  })
  test('a filled disposable bottle is marked as refilled for good', () => {
    const bottle = { ...entry, kind: 'bottle' as const, tareKg: 14.6 * OUNCE_KG, waterCapacityKg: 1.107 }
    addCylinder(records, 'rig', bottle, 'throwaway')
    expect(findCylinder(records, 'throwaway')?.gear.fitness.refilledAt).toBeNull()
    addFill(records, fill({ cylinderId: 'throwaway', mode: 'bottles' }), null)
    expect(findCylinder(records, 'throwaway')?.gear.fitness.refilledAt).toBe(at(5))
    expect(gear().fitness.refilledAt).toBeNull()
  })
})

test('the last reading of each cylinder is its own', () => {
  addCylinder(records, 'rig', { ...entry, name: 'Right' }, 'right')
  const level = { way: 'gauge' as const, shown: 0.5, temperatureK: 288.7 }
  addLevel(records, { ...level, cylinderId: 'left', readAt: at(2), liquidFraction: 0.3 })
  addLevel(records, { ...level, cylinderId: 'right', readAt: at(3), liquidFraction: 0.6 })
  addLevel(records, { ...level, cylinderId: 'left', readAt: at(1), liquidFraction: 0.5 })
  expect(listCylinders(records, 'rig').map((one) => one.gear.lastLevel?.liquidFraction)).toEqual([0.3, 0.6])
})

test('how the temperature of a reading is known is kept with it, and never changed', () => {
  const read = { way: 'gauge' as const, shown: 0.5, liquidFraction: 0.4 }
  addLevel(records, { ...read, ...liquidTemperature(null), cylinderId: 'left', readAt: at(2) }, 'untold')
  expect(measuredTemperatureK(listCylinders(records, 'rig')[0]?.gear.lastLevel ?? {})).toBeNull()
  addLevel(records, { ...read, ...liquidTemperature(280), cylinderId: 'left', readAt: at(3) }, 'told')
  expect(measuredTemperatureK(listCylinders(records, 'rig')[0]?.gear.lastLevel ?? {})).toBe(280)
  // A reading of an older version says nothing of its sources: entered.
  addLevel(records, { ...read, temperatureK: 281, cylinderId: 'left', readAt: at(4) })
  expect(measuredTemperatureK(listCylinders(records, 'rig')[0]?.gear.lastLevel ?? {})).toBe(281)
  const change = records.$client.prepare(`UPDATE levels SET sources = '{}' WHERE id = 'untold'`)
  expect(() => change.run()).toThrow(/never changed/)
})

test('a swap: an empty one is read as empty, the other was shut; voiding removes both', () => {
  addCylinder(records, 'rig', { ...entry, name: 'Right' }, 'right')
  const told = { cylinderId: 'left', otherId: 'right', swappedAt: at(3), otherShut: true }
  const { id, levelId } = addSwap(records, { ...told, found: 'empty' })
  const gears = () => listCylinders(records, 'rig').map((one) => one.gear)
  expect(gears()).toMatchObject([
    { lastLevel: { liquidFraction: 0, readAt: at(3) }, shutUntil: null },
    { lastLevel: null, shutUntil: at(3) },
  ])
  // Only cold: it says something about the other alone.
  addSwap(records, { ...told, swappedAt: at(4), found: 'cold' })
  expect(gears()[1]?.shutUntil).toBe(at(4))
  expect(listLevels(records, 'left')).toHaveLength(1)
  voidEvent(records, 'swap', id, at(5), 'it was the other one')
  expect(listLevels(records, 'left')).toMatchObject([{ id: levelId, voidReason: 'it was the other one' }])
  expect(gears()[0]?.lastLevel).toBeNull()
  expect(listSwapsOf(records, 'left').map(({ voidedAt }) => voidedAt)).toEqual([null, at(5)])
  addSwap(records, { ...told, swappedAt: at(6), found: 'cold', otherShut: null })
  expect(gears()[1]?.shutUntil).toBe(at(4))
})

test('ticks belong to a run: of this procedure, on this thing, since then, and not undone', () => {
  const run = { rigId: 'rig', procedure: 'fill by-weight', subjectId: 'left' }
  addTick(records, { ...run, stepId: 'date', tickedAt: at(1) })
  const { id } = addTick(records, { ...run, stepId: 'out', tickedAt: at(3) })
  addTick(records, { ...run, stepId: 'scale', tickedAt: at(4) })
  addTick(records, { ...run, subjectId: 'right', stepId: 'date', tickedAt: at(5) })
  voidEvent(records, 'tick', id, at(5), 'Taken back')
  expect(ticksSince(records, run, at(2)).map(({ stepId }) => stepId)).toEqual(['scale'])
})

test('equipment and prices: versions, last inspections, archiving', () => {
  const hose = addEquipment(records, 'rig', {
    kind: 'hose',
    name: 'Pigtail',
    madeMonth: '2019-10',
    replaceByMonth: null,
  })
  addEquipmentLook(records, { equipmentId: hose.id, lookedAt: at(1), sound: true, note: null })
  addEquipmentLook(records, { equipmentId: hose.id, lookedAt: at(2), sound: false, note: 'cracked' })
  expect(listEquipment(records, 'rig')).toMatchObject([
    { name: 'Pigtail', lastLook: { sound: false, note: 'cracked' } },
  ])
  saveEquipment(records, hose.id, 1, { archivedAt: at(3) })
  expect(() => saveEquipment(records, hose.id, 1, { name: 'x' })).toThrow(ConflictError)
  expect(listEquipment(records, 'rig')).toEqual([])

  const offer = addOffer(records, 'rig', { place: 'Farm store', way: 'by-volume', price: 800, containsKg: null })
  saveOffer(records, offer.id, 1, { price: 900 })
  expect(listOffers(records, 'rig')).toMatchObject([{ price: 900, version: 2 }])
  expect(() => saveOffer(records, 'nowhere', 1, { price: 1 })).toThrow(NotFoundError)
  expect(() => addOffer(records, 'rig', { place: 'Free', way: 'by-volume', price: 0, containsKg: null })).toThrow(
    /CHECK/,
  )
})

describe('photos', () => {
  const png = Buffer.concat([Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'), Buffer.alloc(200, 7)])
  test('are stored in the records, byte for byte', () => {
    const { id, type } = addPhoto(records, 'left', png, at(1))
    expect(type).toBe('image/png')
    expect(readPhoto(records, id)?.bytes.equals(png)).toBe(true)
    expect(readPhoto(records, '../records.db')).toBeUndefined()
  })
  test('files that are no image, or too large, are refused by their content', () => {
    expect(() => addPhoto(records, 'left', Buffer.from('<script>alert(1)</script>'), at(1))).toThrow(InputError)
    expect(() => addPhoto(records, 'left', Buffer.concat([png, Buffer.alloc(800 * 1024)]), at(1))).toThrow(/too large/)
  })
})

test('the database itself lets no event be changed or erased', () => {
  const { id: markId } = mark('2026-10')
  look(1, [])
  addLevel(records, {
    cylinderId: 'left',
    readAt: at(2),
    way: 'gauge',
    shown: 0.5,
    liquidFraction: 0.4,
    temperatureK: 288.7,
  })
  addFill(
    records,
    {
      cylinderId: 'left',
      filledAt: at(5),
      mode: 'pump',
      netKg: null,
      meteredM3: null,
      shownBefore: null,
      paid: null,
      note: null,
    },
    { weighing: { grossKg: 15, hangingKg: 0, source: 'typed' } },
  )
  addTick(records, { rigId: 'rig', procedure: 'carry', subjectId: '', stepId: 'upright', tickedAt: at(1) })
  const { id: equipmentId } = addEquipment(records, 'rig', {
    kind: 'hose',
    name: 'x',
    madeMonth: null,
    replaceByMonth: null,
  })
  addEquipmentLook(records, { equipmentId, lookedAt: at(1), sound: true, note: null })
  testedLine(records, 'rig', at(1))
  warmedRoom(records, 'rig', at(1))
  const { id: tripId } = addTrip(records, 'rig', {
    name: 'Heron Lake',
    startDay: '2026-12-04',
    nights: 2,
    altitudeM: 0,
    coldestK: null,
    reserveShare: 0.2,
    uses: [],
  })
  addAcceptance(records, { tripId, findingKey: 'x', sentence: { text: 'x' }, reason: 'known', acceptedAt: at(1) })
  const learned = {
    answer: 'taken',
    factor: 1.1,
    burntKg: 1.1,
    plannedKg: 1,
    untilAt: at(1),
    learnedAt: at(1),
  } as const
  addCalibration(records, { tripId, supply: 'line', ...learned })
  addSwap(records, { cylinderId: 'left', otherId: null, swappedAt: at(6), found: 'not-told', otherShut: null })
  addPracticed(records, 'rig', at(6))
  const sql = records.$client
  for (const name of eventNames) {
    const table = sql
      .prepare(`SELECT tbl_name FROM sqlite_master WHERE type = 'trigger' AND sql LIKE ? AND name LIKE '%erased'`)
      .pluck()
      .get(`% ${name} is voided, never erased.%`)
    expect(() => sql.prepare(`DELETE FROM ${String(table)}`).run()).toThrow(/never erased/)
    expect(() => sql.prepare(`UPDATE ${String(table)} SET id = 'other'`).run()).toThrow(/never changed/)
  }
  expect(Object.keys(eventTables)).toHaveLength(18)
  voidEvent(records, 'mark', markId, at(2), 'first')
  voidEvent(records, 'mark', markId, at(3), 'second')
  expect(listMarks(records, 'left')[0]?.voidReason).toBe('first')
  expect(() => voidEvent(records, 'fill', 'nowhere', at(1), 'x')).toThrow(NotFoundError)
})
