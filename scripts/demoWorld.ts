import { addDays, format, nextFriday, subDays, subHours } from 'date-fns'
import { fromUnit } from '@/core/units/fromUnit'
import { addAppliance } from '@/records/appliances'
import { addCylinder, addWeighing, type CylinderEntry } from '@/records/cylinders'
import type { Database } from '@/records/databaseType'
import { addRig, writeFact } from '@/records/rigs'
import { addTrip } from '@/records/trips'

const pounds = (number: number): number => fromUnit(number, 'mass', 'lb')
const ounces = (number: number): number => fromUnit(number, 'mass', 'oz')
const btuPerHour = (number: number): number => fromUnit(number, 'power', 'btuh')
const hours = (number: number): number => number * 3600

interface DemoCylinder {
  id: string
  entry: CylinderEntry
  weighings: readonly { grossKg: number; daysAgo: number; hangingKg?: number }[]
}

const steel = { kind: 'removable', labelNetKg: null, waterCapacityKg: pounds(47.6), aboard: true } as const
const bottle = {
  kind: 'refillable-bottle',
  tareKg: ounces(14.6),
  waterCapacityKg: 1.107,
  labelNetKg: ounces(16.4),
  manufacturedMonth: '2024-05',
  specification: null,
  aboard: true,
} as const

/** Marigold's gear; something is wrong at each station, so that every finding can be seen. */
const demoCylinders: readonly DemoCylinder[] = [
  {
    id: 'left',
    entry: {
      ...steel,
      name: 'Left cylinder',
      tareKg: pounds(17.8),
      manufacturedMonth: '2020-03',
      specification: 'DOT-4BA240',
    },
    weighings: [
      { grossKg: pounds(37.6), daysAgo: 41 },
      { grossKg: pounds(31.4), daysAgo: 1 },
    ],
  },
  {
    id: 'right',
    entry: {
      ...steel,
      name: 'Right cylinder',
      tareKg: pounds(17.4),
      manufacturedMonth: '2011-06',
      specification: 'DOT-4BA240',
    },
    weighings: [{ grossKg: pounds(35.9), daysAgo: 1 }],
  },
  { id: 'bottle-1', entry: { ...bottle, name: 'Bottle 1' }, weighings: [{ grossKg: ounces(27.6), daysAgo: 2 }] },
  // Filled over its limit: a stop.
  { id: 'bottle-2', entry: { ...bottle, name: 'Bottle 2' }, weighings: [{ grossKg: ounces(32.4), daysAgo: 2 }] },
  // Never weighed: nobody knows.
  { id: 'bottle-3', entry: { ...bottle, name: 'Bottle 3' }, weighings: [] },
  {
    id: 'soda',
    entry: {
      name: 'Soda cylinder',
      kind: 'co2',
      tareKg: pounds(7.6),
      waterCapacityKg: pounds(7.35),
      labelNetKg: null,
      manufacturedMonth: '2022-09',
      specification: 'DOT-3AL1800',
      aboard: true,
    },
    // Weighed a month ago: a note.
    weighings: [{ grossKg: pounds(11.4), daysAgo: 33 }],
  },
]

/**
 * Writes the invented world into empty records: a retired mobile library on its way to watch a comet.
 *
 * @param now - the trip leaves on the Friday after, and the weighings lie before it
 */
export function loadDemoWorld(records: Database, now: Date): void {
  writeFact(records, 'demo', 'yes')
  const rig = addRig(records, 'Marigold', 'marigold')
  for (const { id, entry, weighings } of demoCylinders) {
    addCylinder(records, rig.id, entry, id)
    for (const { grossKg, daysAgo, hangingKg = 0 } of weighings) {
      const weighedAt = subHours(subDays(now, daysAgo), 3).toISOString()
      addWeighing(records, { cylinderId: id, grossKg, hangingKg, source: 'scale', weighedAt })
    }
  }
  const appliances = [
    { id: 'panel', name: 'Panel heater', inputW: btuPerHour(3000), supply: 'line', burnPerDayS: hours(14) },
    { id: 'fridge', name: 'Fridge', inputW: btuPerHour(1400), supply: 'line', burnPerDayS: hours(24) },
    { id: 'cooktop', name: 'Cooktop', inputW: btuPerHour(8000), supply: 'line', burnPerDayS: hours(1.5) },
    // More than the weighed bottles hold.
    { id: 'radiant', name: 'Small radiant', inputW: btuPerHour(9000), supply: 'bottles', burnPerDayS: hours(1.25) },
  ] as const
  for (const { id, name, inputW, supply } of appliances) addAppliance(records, rig.id, { name, inputW, supply }, id)
  addTrip(
    records,
    rig.id,
    {
      name: 'Larkspur Saddle',
      startDay: format(nextFriday(addDays(now, 3)), 'yyyy-MM-dd'),
      nights: 4,
      altitudeM: 2410,
      coldestK: 264.15,
      reserveShare: 0.2,
      uses: appliances.map(({ id, burnPerDayS }) => ({ applianceId: id, burnPerDayS })),
    },
    'larkspur',
  )
}
