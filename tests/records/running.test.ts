import { temporaryDatabase } from './temporary'
import { steadyWeather } from '@tests/run'
import { batterySchema } from '@/core/run/battery/battery'
import { runSettingsSchema } from '@/core/run/runSettings'
import { addAppliance, findAppliance, saveAppliance } from '@/records/repositories/trips/appliances'
import { addCylinder, plainCylinder } from '@/records/repositories/cylinders/cylinders'
import type { Database } from '@/records/databaseType'
import { listHeat } from '@/records/repositories/heat/heaters'
import { ConflictError } from '@/records/RecordsError'
import { addRig, findRig, saveRig } from '@/records/repositories/rigs/rigs'
import { addRoom, addWarmUp } from '@/records/repositories/heat/rooms'
import { addTrip, findTrip, saveTrip, tripFields } from '@/records/repositories/trips/trips'
import { readyRooms } from '@/core/heat/room/readyRooms'

let records: Database
beforeEach(() => {
  records = temporaryDatabase()
  addRig(records, 'Marigold', 'rig')
})
afterEach(() => records.$client.close())

const entry = { name: 'Trip', startDay: '2026-12-04', nights: 2, altitudeM: 0, coldestK: null, reserveShare: 0.2 }

test('a trip keeps its settings, and saving its days alone leaves them unchanged', () => {
  addAppliance(records, 'rig', { name: 'Fridge', inputW: 400, supply: 'line', kind: 'fridge' }, 'fridge')
  const { id } = addTrip(records, 'rig', { ...entry, uses: [] }, 'trip')
  expect(findTrip(records, id)?.plan).toMatchObject({ settings: null, forecast: null, uses: [] })
  const settings = runSettingsSchema.parse({ changeover: 'both', shoreNights: [1] })
  const forecast = steadyWeather(2, 268)
  const habit = { way: 'around' as const }
  const uses = [
    {
      applianceId: 'fridge',
      burnPerDayS: 0,
      habit,
      byNight: ['battery' as const, 'gas' as const],
      heatsRoom: false,
      sources: { habit: { source: 'assumed' as const } },
    },
  ]
  const stored = findTrip(records, id)
  if (!stored) throw new Error('no trip')
  saveTrip(records, id, 1, { ...tripFields(stored.row), settings, forecast, uses })
  saveTrip(records, id, 2, { ...entry, nights: 3, uses })
  const { plan } = findTrip(records, id) ?? {}
  expect(plan).toMatchObject({ nights: 3, settings, forecast })
  expect(plan?.uses[0]).toMatchObject({
    id: 'fridge',
    kind: 'fridge',
    habit,
    byNight: ['battery', 'gas'],
    heatsRoom: false,
    sources: { habit: { source: 'assumed' } },
  })
  expect(() => saveTrip(records, id, 2, { ...entry, uses: [] })).toThrow(ConflictError)
})

test('an appliance with neither hours nor habit leaves the trip', () => {
  addAppliance(records, 'rig', { name: 'Grill', inputW: 400, supply: 'line' }, 'grill')
  addTrip(records, 'rig', { ...entry, uses: [{ applianceId: 'grill', burnPerDayS: 0, habit: null }] }, 'trip')
  expect(findTrip(records, 'trip')?.plan.uses).toEqual([])
})

test('an appliance keeps its kind, its pilot, its current and a cylinder of its own', () => {
  addCylinder(
    records,
    'rig',
    { ...plainCylinder, name: 'Own', kind: 'removable', tareKg: 8, waterCapacityKg: 21.6 },
    'own',
  )
  const whole = {
    name: 'Water',
    inputW: 3000,
    supply: 'line' as const,
    kind: 'water-heater' as const,
    pilotW: 130,
    currentA: 0.2,
    needsBattery: false,
    cylinderId: 'own',
  }
  addAppliance(records, 'rig', whole, 'water')
  expect(findAppliance(records, 'water')).toMatchObject(whole)
  saveAppliance(records, 'water', 1, { pilotW: 0, cylinderId: null })
  expect(findAppliance(records, 'water')).toMatchObject({ pilotW: 0, cylinderId: null, version: 2 })
  // An appliance of an earlier version, without details.
  addAppliance(records, 'rig', { name: 'Old', inputW: 1, supply: 'line' }, 'old')
  expect(findAppliance(records, 'old')).toMatchObject({
    kind: 'other',
    pilotW: 0,
    needsBattery: false,
    cylinderId: null,
  })
})

test('a rig keeps its battery, and saving over a newer one is refused', () => {
  expect(findRig(records, 'rig')?.battery).toBeNull()
  const battery = batterySchema.parse({ capacityC: 360_000, usableShare: 0.5 })
  saveRig(records, 'rig', 1, { battery })
  expect(findRig(records, 'rig')?.battery).toEqual(battery)
  expect(() => saveRig(records, 'rig', 1, { battery: null })).toThrow(ConflictError)
})

test('the room’s heat loss: by its shape, then by its log; none without a room', () => {
  expect(listHeat(records, 'rig').warmth).toBeNull()
  const shelter = readyRooms[0]?.shelter
  if (!shelter) throw new Error('no room')
  addRoom(records, 'rig', { name: 'Van', shelter }, 'van')
  const byShape = listHeat(records, 'rig').warmth
  expect(byShape?.lossWPerK).toBeGreaterThan(20)
  addWarmUp(records, {
    roomId: 'van',
    loggedAt: '2026-11-01T18:00:00Z',
    settingKnown: true,
    log: {
      outsideK: 270,
      inputW: 2000,
      readings: [0, 900, 1800, 3600, 5400].map((timeS) => ({
        timeS,
        temperatureK: 270 + 25 * (1 - Math.exp(-timeS / 2500)),
      })),
      settings: [],
    },
  })
  // 2,000 W keep it 25 K warmer: 80 W/K.
  expect(listHeat(records, 'rig').warmth?.lossWPerK).toBeCloseTo(80, 0)
})
