import { inspectionItems, type InspectionAnswers } from '@/core/cylinders/inspection/inspectionItems'
import type { CylinderKind } from '@/core/cylinders/cylinderKind'
import type { EquipmentKind } from '@/core/cylinders/equipment/equipment'
import { fromUnit } from '@/core/units/convert'
import type { Mark } from '@/core/cylinders/stamps/stampReading'
import { plainCylinder, type CylinderEntry } from '@/records/repositories/cylinders/cylinders'
import type { EquipmentEntry } from '@/records/repositories/cylinders/equipment'
import type { OfferEntry } from '@/records/repositories/cylinders/offers'

const pounds = (number: number): number => fromUnit(number, 'mass', 'lb')
const ounces = (number: number): number => fromUnit(number, 'mass', 'oz')
const perGallon = (money: number): number => money / fromUnit(1, 'volume', 'gal')
const perPound = (money: number): number => money / pounds(1)

/** One cylinder of the invented rig, with what happened to it. */
export interface DemoCylinder {
  id: string
  entry: CylinderEntry
  marks?: readonly Mark[]
  /** Days ago, and the items found bad. */
  look?: { daysAgo: number; bad: readonly string[] }
  weighings: readonly { grossKg: number; daysAgo: number }[]
  /** Days since it was refilled at home. */
  refilledDaysAgo?: number
}

/** Every item inspected; all sound but those named. */
export function answersOf(kind: CylinderKind, bad: readonly string[]): InspectionAnswers {
  return Object.fromEntries(inspectionItems(kind).map(({ id }) => [id, bad.includes(id) ? 'bad' : 'sound']))
}

const steel = {
  ...plainCylinder,
  kind: 'removable',
  waterCapacityKg: pounds(47.6),
  specification: 'DOT-4BA240',
  overfillStop: 'yes',
} as const

const bottle = {
  ...plainCylinder,
  kind: 'refillable-bottle',
  tareKg: ounces(14.6),
  waterCapacityKg: 1.107,
  labelNetKg: ounces(16.4),
  manufacturedMonth: '2024-05',
} as const

/** Marigold's cylinders; several have faults, so that every finding can be seen. */
export const demoCylinders: readonly DemoCylinder[] = [
  {
    id: 'left',
    entry: {
      ...steel,
      name: 'Left cylinder',
      tareKg: pounds(17.8),
      manufacturedMonth: '2020-03',
      stampsText: 'TW 17.8 WC 47.6 DOT-4BA240 03-20 OPD',
    },
    look: { daysAgo: 3, bad: [] },
    weighings: [{ grossKg: pounds(31.4), daysAgo: 1 }],
  },
  {
    // Out of date, and its dust plug is lost.
    id: 'right',
    entry: {
      ...steel,
      name: 'Right cylinder',
      tareKg: pounds(17.4),
      manufacturedMonth: '2011-06',
      stampsText: 'TW 17.4 WC 47.6 DOT-4BA240 06-11 E 05-21',
    },
    marks: [{ month: '2021-05', letter: 'E', requalifier: 'A123' }],
    look: { daysAgo: 3, bad: ['plug'] },
    weighings: [{ grossKg: pounds(35.9), daysAgo: 1 }],
  },
  {
    id: 'bottle-1',
    entry: { ...bottle, name: 'Bottle 1' },
    look: { daysAgo: 2, bad: [] },
    weighings: [{ grossKg: ounces(27.6), daysAgo: 2 }],
  },
  // Filled over its limit: a stop.
  {
    id: 'bottle-2',
    entry: { ...bottle, name: 'Bottle 2' },
    look: { daysAgo: 2, bad: [] },
    weighings: [{ grossKg: ounces(32.4), daysAgo: 2 }],
  },
  // Never weighed, never inspected: unknown.
  { id: 'bottle-3', entry: { ...bottle, name: 'Bottle 3' }, weighings: [] },
  {
    // Not refillable, but refilled: a stop on any trip that carries it.
    id: 'throwaway',
    entry: {
      ...bottle,
      kind: 'bottle',
      name: 'Throw-away bottle',
      specification: 'DOT-39',
      manufacturedMonth: '2023-08',
    },
    look: { daysAgo: 2, bad: [] },
    weighings: [],
    refilledDaysAgo: 19,
  },
  {
    id: 'soda',
    entry: {
      ...plainCylinder,
      name: 'Soda cylinder',
      kind: 'co2',
      tareKg: pounds(7.6),
      waterCapacityKg: pounds(7.35),
      manufacturedMonth: '2022-09',
      specification: 'DOT-3AL1800',
      stampsText: 'DOT-3AL1800 TW 7.6 WC 7.35 09-22 CO2',
    },
    look: { daysAgo: 3, bad: [] },
    // Weighed a month ago: a note.
    weighings: [{ grossKg: pounds(11.4), daysAgo: 33 }],
  },
]

/** Dated equipment; the hose is seven years old. */
export const demoEquipment: readonly { entry: EquipmentEntry; lookDaysAgo: number | null }[] = (
  [
    ['regulator', 'Changeover regulator', '2018-05', null, 3],
    ['hose', 'Left pigtail', '2019-10', null, 3],
    ['hose', 'Right pigtail', '2024-02', null, 3],
    ['propane-alarm', 'Propane alarm', '2024-06', '2029-06', 3],
    ['co-alarm', 'CO alarm', '2023-03', '2030-03', null],
    ['extinguisher', 'Extinguisher by the door', '2022-01', '2034-01', 3],
  ] as const satisfies readonly (readonly [EquipmentKind, string, string, string | null, number | null])[]
).map(([kind, name, madeMonth, replaceByMonth, lookDaysAgo]) => ({
  entry: { kind, name, madeMonth, replaceByMonth },
  lookDaysAgo,
}))

/** Invented places. */
export const demoOffers: readonly OfferEntry[] = [
  { place: 'Quarry Road Farm Store', way: 'by-volume', price: perGallon(3.29), containsKg: null },
  { place: 'Saddle Creek Co-op', way: 'by-weight', price: perPound(0.95), containsKg: null },
  { place: 'Exchange cage, Larkspur', way: 'exchange', price: 23.99, containsKg: pounds(15) },
  { place: 'Outfitter, Larkspur', way: 'bottles', price: 6.99, containsKg: ounces(16.4) },
]
