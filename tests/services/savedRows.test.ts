import { ConflictError, NotFoundError } from '@/records/RecordsError'
import { database } from '@/records/database'
import { InputError } from '@/core/base/InputError'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { archiveCylinder, savedStamps, saveStamps } from '@/services/cylinders/saveStamps'
import { archiveEquipment, savedEquipment, saveEquipment } from '@/services/cylinders/equipment'
import { cylinderOf } from '@/services/cylinders/requireCylinder'
import { eventsOfCylinder } from '@/services/cylinders/cylinderEvents'
import { levelSchema, recordLevel, recordWeighing } from '@/services/cylinders/measuring'
import { withDrivingRule } from '@/core/run/travel/ownDrivingRule'
import { fillSchema, recordFill } from '@/services/fill/recordFill'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { archivePrice, pricesOf, savedPrice, savePrice } from '@/services/fill/prices'
import { archiveHeater, heatersOf, savedHeater, saveHeater } from '@/services/heat/heaters'
import { archiveRoom, roomsOf, savedRoom, saveRoom } from '@/services/heat/rooms'
import { archiveLine, linesOf, savedLine, saveLine } from '@/services/hookup/lines'
import { voidEntry } from '@/services/log/entries'
import { saveBattery, savedAppliance, saveAppliance, archiveAppliance } from '@/services/run/appliances'
import { saveRun } from '@/services/run/saveRun'
import { rigSnapshot } from '@/services/rigs/rigSnapshot'
import {
  archiveRig,
  allRigs,
  copyOfRig,
  drivingRulesSchema,
  renameRig,
  saveDateRule,
  saveDrivingRules,
  savedRig,
  saveNoneNeeded,
} from '@/services/rigs/rigs'
import { copyTrip, savedTrip, saveTrip, tripsOf } from '@/services/trips/trips'
import { usualRunSettings } from '@/core/run/runSettings'
import { temporaryFile } from '@tests/records/temporary'
import { writeDemoRecords } from '../../scripts/demo/writeDemoRecords'

process.env.GOLD_KETTLE_DB = temporaryFile()
const NOW = new Date()
const RIG = 'marigold'

beforeAll(() => writeDemoRecords(database(), NOW))

/** The value, which has to be there. */
function present<Value>(value: Value | undefined): Value {
  if (value === undefined) throw new Error('not in the records')
  return value
}

interface Row {
  id: string
  version: number
  name?: string
}

/** Every row that a form saves over a version: how it is found, saved under another name, and archived. */
const savedRows: Readonly<
  Record<
    string,
    {
      find: () => Row
      save: (version: number, name: string) => unknown
      archive?: (version: number) => unknown
    }
  >
> = {
  cylinder: {
    find: () => present(savedStamps('left')),
    save: (version, name) => {
      const { position: _p, archivedAt: _a, ...row } = present(savedStamps('left'))
      return saveStamps({ ...row, version, name, marks: [], confirmed: true }, NOW)
    },
    archive: (version) => archiveCylinder({ id: 'left', version }, NOW),
  },
  equipment: {
    find: () => present(savedEquipment(firstEquipment())),
    save: (version, name) => {
      const { id, rigId, kind, madeMonth, replaceByMonth } = present(savedEquipment(firstEquipment()))
      return saveEquipment({ id, rigId, version, kind, madeMonth, replaceByMonth, name }, NOW)
    },
    archive: (version) => archiveEquipment({ id: firstEquipment(), version }, NOW),
  },
  room: {
    find: () => present(savedRoom(present(roomsOf(RIG)[0]).id)),
    save: (version, name) => {
      const { id, rigId, shelter } = present(roomsOf(RIG)[0])
      return saveRoom({ id, rigId, version, name, shelter })
    },
    archive: (version) => archiveRoom({ id: present(roomsOf(RIG)[0]).id, version }, NOW),
  },
  heater: {
    find: () => present(savedHeater(present(heatersOf(RIG)[0]).id)),
    save: (version, name) => {
      const { position: _p, archivedAt: _a, ...row } = present(heatersOf(RIG)[0])
      return saveHeater({ ...row, version, name, photo: null }, NOW)
    },
    archive: (version) => archiveHeater({ id: present(heatersOf(RIG)[0]).id, version }, NOW),
  },
  line: {
    find: () => present(savedLine(present(linesOf(RIG)[0]).id)),
    save: (version, name) => {
      const { id, rigId, line } = present(linesOf(RIG)[0])
      return saveLine({ id, rigId, version, name, line }, NOW)
    },
    archive: (version) => archiveLine({ id: present(linesOf(RIG)[0]).id, version }, NOW),
  },
  appliance: {
    find: () => present(savedAppliance(firstAppliance())),
    save: (version, name) => {
      const { position: _p, archivedAt: _a, ...row } = present(savedAppliance(firstAppliance()))
      return saveAppliance({ ...row, version, name })
    },
    archive: (version) => archiveAppliance({ id: firstAppliance(), version }, NOW),
  },
  price: {
    find: () => {
      const { place, ...row } = present(savedPrice(firstPrice()))
      return { ...row, name: place }
    },
    save: (version, place) => {
      const { id, rigId, way, price, containsKg } = present(savedPrice(firstPrice()))
      return savePrice({ id, rigId, version, way, price, containsKg, place })
    },
    archive: (version) => archivePrice({ id: firstPrice(), version }, NOW),
  },
  trip: {
    find: () => present(savedTrip('larkspur')),
    save: (version, name) => {
      const { id, rigId, startDay, nights, altitudeM, coldestK, reserveShare } = present(savedTrip('larkspur'))
      const place = { startDay, nights, altitudeM, coldestK, reserveShare }
      return saveTrip({ id, rigId, version, name, ...place, uses: [] }, NOW)
    },
  },
  run: {
    find: () => ({ ...present(savedTrip('larkspur')), name: '' }),
    save: (version) => saveRun({ id: 'larkspur', version, settings: usualRunSettings, forecast: null, uses: [] }, NOW),
  },
  'rig name': {
    find: () => present(savedRig(RIG)),
    save: (version, name) => renameRig({ id: RIG, version, name }),
  },
  'date rule': {
    find: () => ({ ...present(savedRig(RIG)), name: '' }),
    save: (version) => saveDateRule({ rigId: RIG, version, ruleSetId: 'ten-then-five', ownRule: null }),
  },
  battery: {
    find: () => ({ ...present(savedRig(RIG)), name: '' }),
    save: (version) => saveBattery({ rigId: RIG, version, battery: null }),
  },
}

let aPrice = ''
/** The same one after it was renamed: the list is in the order of places. */
function firstPrice(): string {
  aPrice ||= present(pricesOf(RIG)[0]).id
  return aPrice
}

const firstEquipment = (): string => present(rigSnapshot(NOW).equipment[0]).id
const firstAppliance = (): string => present(rigSnapshot(NOW).appliances[0]).id

describe.each(Object.entries(savedRows))('%s', (_, { find, save, archive }) => {
  test('two that began from the same version: the second is refused, and the first stays', () => {
    const { version } = find()
    save(version, 'First')
    const first = find()
    expect(first.version).toBe(version + 1)
    expect(() => save(version, 'Second')).toThrow(ConflictError)
    expect(find()).toEqual(first)
    if (archive) expect(() => archive(version)).toThrow(ConflictError)
    expect(find()).toEqual(first)
    // Having seen it, the second may go over it.
    save(first.version, 'Second')
    expect(find().version).toBe(version + 2)
  })
})

test('what is not in the records is never saved', () => {
  const nowhere = { id: 'nowhere', version: 1 }
  for (const archive of [archiveCylinder, archiveEquipment, archiveRoom, archiveHeater, archiveLine, archivePrice]) {
    expect(() => archive(nowhere, NOW)).toThrow(NotFoundError)
  }
  expect(() => renameRig({ ...nowhere, name: 'x' })).toThrow(NotFoundError)
  expect(() => copyTrip({ id: 'nowhere', startDay: '2027-01-01' })).toThrow(NotFoundError)
})

test('undo of a weighing brings back the one before, on every page that reads the snapshot', () => {
  const net = () => cylinderOf('right')?.gear.lastWeighing
  const inSnapshot = () => rigSnapshot(NOW).gear.cylinders.find(({ id }) => id === 'right')?.lastWeighing
  const before = net()
  const { id } = recordWeighing(
    { cylinderId: 'right', grossKg: 11, hangingKg: 0, source: 'typed', happenedAt: null },
    new Date(),
  )
  expect(net()).toMatchObject({ grossKg: 11 })
  expect(inSnapshot()).toEqual(net())
  voidEntry({ of: 'weighing', id, reason: 'Undone' }, new Date())
  expect(net()).toEqual(before)
  expect(inSnapshot()).toEqual(before)
  // It stays in the history, voided.
  expect(eventsOfCylinder('right').weighings.find((one) => one.id === id)).toMatchObject({ voidReason: 'Undone' })
})

const nothingTold = { meteredM3: null, shownBefore: null, paid: null, note: null, happenedAt: null }

test('gallons change what is aboard; a fill that nobody measured makes it unknown; undo brings back what was', () => {
  const net = () => {
    const gear = cylinderOf('left')?.gear
    return gear ? (gearContents(gear)?.netKg ?? null) : null
  }
  const fill = (more: object) =>
    recordFill(fillSchema.parse({ cylinderId: 'left', mode: 'pump', after: null, ...nothingTold, ...more }), new Date())
  recordWeighing({ cylinderId: 'left', grossKg: 10, hangingKg: 0, source: 'typed', happenedAt: null }, new Date())
  const before = net() ?? NaN
  const gallonM3 = 0.003785411784
  const first = fill({ meteredM3: gallonM3 })
  // A gallon of propane weighs 4.24 lb at 60 °F: NFPA 58, table of properties [from memory].
  expect((net() ?? NaN) - before).toBeCloseTo(4.24 * 0.45359237, 1)
  const level = cylinderOf('left')?.gear.lastLevel
  expect(level?.sources?.liquidFraction).toMatchObject({ source: 'assumed' })
  voidEntry({ of: 'fill', id: first.id, reason: 'Undone' }, new Date())
  expect(net()).toBeCloseTo(before, 9)
  const second = fill({})
  expect(net()).toBeNull()
  expect(cylinderOf('left')?.gear.filledUnknownAt).toBe(second.filledAt)
  // A weighing after it tells again.
  recordWeighing({ cylinderId: 'left', grossKg: 15, hangingKg: 0, source: 'typed', happenedAt: null }, new Date())
  expect(cylinderOf('left')?.gear.filledUnknownAt).toBeUndefined()
  voidEntry({ of: 'fill', id: second.id, reason: 'Undone' }, new Date())
})

test('readings of other days are entered afterwards, in any order: the last by its day counts', () => {
  const weigh = (grossKg: number, daysAgo: number) =>
    recordWeighing(
      {
        cylinderId: 'left',
        grossKg,
        hangingKg: 0,
        source: 'typed',
        happenedAt: new Date(Date.now() - daysAgo * 86_400_000).toISOString(),
      },
      new Date(),
    )
  const level = (shown: number, daysAgo: number) => {
    const read = { way: 'gauge', shown, fullMark: 'usable' } as const
    const happenedAt = new Date(Date.now() - daysAgo * 86_400_000).toISOString()
    return recordLevel(levelSchema.parse({ cylinderId: 'left', temperatureK: null, happenedAt, read }), new Date())
  }
  const lifted = recordLevel(
    levelSchema.parse({
      cylinderId: 'left',
      temperatureK: null,
      happenedAt: null,
      read: { way: 'lifted', lift: 'half' },
    }),
    new Date(),
  )
  expect(lifted.sources.liquidFraction).toMatchObject({ source: 'assumed' })
  const newer = level(0.5, 1 / 24)
  const older = level(0.9, 21)
  voidEntry({ of: 'reading', id: lifted.id, reason: 'Undone' }, new Date())
  expect(cylinderOf('left')?.gear.lastLevel?.readAt).toBe(newer.readAt)
  const first = weigh(15, 30)
  expect(cylinderOf('left')?.gear.lastWeighing?.weighedAt).not.toBe(first.weighedAt)
  for (const { id } of [newer, older]) voidEntry({ of: 'reading', id, reason: 'Undone' }, new Date())
  voidEntry({ of: 'weighing', id: first.id, reason: 'Undone' }, new Date())
})

test('a driving rule is of a state or province, in the owner’s words, and off unless it says otherwise', () => {
  const save = (rules: object[]) =>
    saveDrivingRules(drivingRulesSchema.parse({ rigId: RIG, version: present(savedRig(RIG)).version, rules }))
  save([{ place: 'Oregon', words: 'Fridge may stay on.' }])
  expect(savedRig(RIG)?.drivingRules).toEqual([{ place: 'Oregon', on: 'forbidden', words: 'Fridge may stay on.' }])
  expect(() => save([{ place: '', words: 'x' }])).toThrow()
  const [rule] = savedRig(RIG)?.drivingRules ?? []
  expect(
    withDrivingRule(savedRig(RIG)?.drivingRules ?? [], { place: 'oregon', on: 'allowed', words: 'Looked up anew.' }),
  ).toHaveLength(1)
  expect(rule?.place).toBe('Oregon')
})

test('a rig without a hose says so, and may take it back', () => {
  const save = (isNone: boolean) =>
    saveNoneNeeded({ rigId: RIG, version: present(savedRig(RIG)).version, kind: 'hose', isNone })
  save(true)
  expect(rigSnapshot(NOW).gear.noneNeeded).toEqual(['hose'])
  save(false)
  expect(rigSnapshot(NOW).gear.noneNeeded).toBeUndefined()
})

test('tax and fees are a part of what was paid', () => {
  const fill = (paid: number | null, fees: number) =>
    fillSchema.parse({ cylinderId: 'left', mode: 'pump', after: null, ...nothingTold, paid, fees })
  expect(() => recordFill(fill(10, 12), new Date())).toThrow('part of what was paid')
  const { id, fees } = recordFill(fill(10, 2), new Date())
  expect(fees).toBe(2)
  voidEntry({ of: 'fill', id, reason: 'Undone' }, new Date())
})

test('undo of a fill takes back the weighing that came with it', () => {
  const before = cylinderOf('left')?.gear.lastWeighing
  const after = { way: 'weighed', grossKg: 13, hangingKg: 0, source: 'typed' } as const
  const fill = fillSchema.parse({ cylinderId: 'left', mode: 'by-weight', after, ...nothingTold })
  const { id } = recordFill(fill, new Date())
  expect(cylinderOf('left')?.gear.lastWeighing).toMatchObject({ grossKg: 13 })
  voidEntry({ of: 'fill', id, reason: 'Undone' }, new Date())
  expect(cylinderOf('left')?.gear.lastWeighing).toEqual(before)
})

test('a weighing that the stamps contradict is refused, and nothing is stored', () => {
  const before = eventsOfCylinder('left').weighings
  const entry = { cylinderId: 'left', grossKg: 1, hangingKg: 0, source: 'typed', happenedAt: null } as const
  expect(() => recordWeighing(entry, NOW)).toThrow(InputError)
  expect(eventsOfCylinder('left').weighings).toEqual(before)
})

test('a rig that is archived hands over, and what was written beside this program is seen', () => {
  const { id } = copyOfRig({ id: RIG, name: 'Copy' })
  expect(tripsOf(id)).toEqual([])
  archiveRig({ id: RIG, version: present(savedRig(RIG)).version, away: true }, NOW)
  expect(rigSnapshot(NOW).rig?.id).toBe(id)
  expect(allRigs().archived.map((rig) => rig.id)).toEqual([RIG])
  const [copied] = rigSnapshot(NOW).cylinders
  addWeighing(database(), {
    cylinderId: present(copied).row.id,
    grossKg: 12,
    hangingKg: 0,
    source: 'typed',
    weighedAt: NOW.toISOString(),
  })
  expect(rigSnapshot(NOW).cylinders[0]?.gear.lastWeighing).toMatchObject({ grossKg: 12 })
})
