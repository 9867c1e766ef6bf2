import { type Supply } from '@/core/cylinders/cylinderKind'
import { fromUnit } from '@/core/units/convert'
import type { Energy, Habit } from './habit'

/** Everything that is usual of a kind of appliance. [common practice] The appliance's own plate comes first. */
export interface ApplianceTraits {
  name: string
  /** Input in use, as a trip is planned. */
  inputW: number
  /** Input with all burners at full, as a line is sized for it. */
  ratedInputW: number
  /** Of a standing pilot; 0 for none. */
  pilotW: number
  /** Drawn from the 12 V battery while it burns. */
  currentA: number
  /** Drawn when it runs on the battery instead of gas. */
  batteryA: number
  /** It does not burn with a flat battery. */
  needsBattery: boolean
  runsOn: readonly Energy[]
  habit: Habit
  /** Ways in which its use can be entered, besides none. */
  habitWays: readonly Habit['way'][]
  /** What it usually burns from. */
  supply: Supply
  /** Where its exhaust goes; `room` needs open air and a CO alarm. */
  exhaust: 'outside' | 'room'
  /** Whether it is there to warm people. */
  isHeater: boolean
  /** Whether people cook on it inside. */
  cooks: boolean
  /** Share of its gas that warms the room. */
  toRoomShare: number
  /** Where it usually stands. */
  stands: 'inside' | 'outside'
}

const btuh = (value: number): number => fromUnit(value, 'power', 'btuh')
const celsius = (value: number): number => fromUnit(value, 'temperature', 'C')
const HOUR_S = 3600
const hours = (number: number, fromH: number): Habit => ({ way: 'hours', burnPerDayS: number * HOUR_S, fromH })

/** Without a pilot, without 12 V, from the line. */
const plain = {
  pilotW: 0,
  currentA: 0,
  batteryA: 0,
  needsBattery: false,
  runsOn: ['gas', 'off'],
  supply: 'line',
  cooks: false,
} as const satisfies Partial<ApplianceTraits>

/** Share of the heat of a vented heater that stays in the rig; the rest leaves through its flue. [common practice] */
export const VENTED_SHARE = 0.75

const kinds = {
  cooktop: {
    ...plain,
    cooks: true,
    name: 'Cooktop',
    inputW: btuh(8000),
    ratedInputW: btuh(16_000),
    habit: { way: 'acts', words: 'two coffees, one dinner' },
    habitWays: ['hours', 'acts'],
    exhaust: 'room',
    isHeater: false,
    toRoomShare: 1,
    stands: 'inside',
  },
  oven: {
    ...plain,
    cooks: true,
    name: 'Oven',
    inputW: btuh(7000),
    ratedInputW: btuh(9000),
    pilotW: btuh(300),
    habit: { way: 'acts', words: 'one bread' },
    habitWays: ['hours', 'acts'],
    exhaust: 'room',
    isHeater: false,
    toRoomShare: 1,
    stands: 'inside',
  },
  fridge: {
    ...plain,
    name: 'Absorption fridge',
    inputW: btuh(1400),
    ratedInputW: btuh(1400),
    runsOn: ['gas', 'shore', 'battery', 'off'],
    currentA: 0.3,
    batteryA: 12,
    habit: { way: 'around' },
    habitWays: ['hours', 'around'],
    exhaust: 'outside',
    isHeater: false,
    toRoomShare: 0,
    stands: 'inside',
  },
  'water-heater': {
    ...plain,
    name: 'Tank water heater',
    inputW: btuh(10_000),
    ratedInputW: btuh(12_000),
    runsOn: ['gas', 'shore', 'off'],
    pilotW: btuh(450),
    habit: { way: 'acts', words: 'two showers, dishes' },
    habitWays: ['hours', 'acts'],
    exhaust: 'outside',
    isHeater: false,
    toRoomShare: 0,
    stands: 'outside',
  },
  tankless: {
    ...plain,
    name: 'Tankless water heater',
    inputW: btuh(50_000),
    ratedInputW: btuh(60_000),
    currentA: 1,
    needsBattery: true,
    habit: { way: 'acts', words: 'two showers, dishes' },
    habitWays: ['hours', 'acts'],
    exhaust: 'outside',
    isHeater: false,
    toRoomShare: 0,
    stands: 'outside',
  },
  furnace: {
    ...plain,
    name: 'Ducted furnace',
    inputW: btuh(20_000),
    ratedInputW: btuh(30_000),
    currentA: 6,
    needsBattery: true,
    habit: { way: 'warmth', awakeK: celsius(19), asleepK: celsius(14) },
    habitWays: ['hours', 'warmth'],
    exhaust: 'outside',
    isHeater: true,
    toRoomShare: VENTED_SHARE,
    stands: 'inside',
  },
  'panel-heater': {
    ...plain,
    name: 'Panel heater',
    inputW: btuh(3000),
    ratedInputW: btuh(3000),
    // By the room’s loss and the weather; off while people sleep.
    habit: { way: 'warmth', awakeK: celsius(19), asleepK: null },
    habitWays: ['hours', 'warmth'],
    exhaust: 'room',
    isHeater: true,
    toRoomShare: 1,
    stands: 'inside',
  },
  'portable-heater': {
    ...plain,
    name: 'Portable radiant',
    inputW: btuh(9000),
    ratedInputW: btuh(9000),
    habit: { way: 'warmth', awakeK: celsius(19), asleepK: null },
    habitWays: ['hours', 'warmth'],
    supply: 'bottles',
    exhaust: 'room',
    isHeater: true,
    toRoomShare: 1,
    stands: 'inside',
  },
  'gas-light': {
    ...plain,
    name: 'Gas light',
    inputW: btuh(1800),
    ratedInputW: btuh(1800),
    habit: hours(3, 18),
    habitWays: ['hours'],
    exhaust: 'room',
    isHeater: false,
    toRoomShare: 1,
    stands: 'inside',
  },
  grill: {
    ...plain,
    name: 'Grill',
    inputW: btuh(15_000),
    ratedInputW: btuh(15_000),
    habit: hours(0.75, 18),
    habitWays: ['hours'],
    exhaust: 'outside',
    isHeater: false,
    toRoomShare: 0,
    stands: 'outside',
  },
  campfire: {
    ...plain,
    name: 'Gas campfire',
    inputW: btuh(55_000),
    ratedInputW: btuh(55_000),
    habit: hours(1, 20),
    habitWays: ['hours'],
    exhaust: 'outside',
    isHeater: false,
    toRoomShare: 0,
    stands: 'outside',
  },
  other: {
    ...plain,
    name: 'Something else',
    inputW: btuh(5000),
    ratedInputW: btuh(5000),
    habit: hours(1, 18),
    habitWays: ['hours'],
    exhaust: 'outside',
    isHeater: false,
    toRoomShare: 0,
    stands: 'outside',
  },
} as const satisfies Readonly<Record<string, ApplianceTraits>>

/** What an appliance of a camper is. */
export type ApplianceKind = keyof typeof kinds

/** Every kind with its traits: a new kind is one entry here. */
export const applianceTraits: Readonly<Record<ApplianceKind, ApplianceTraits>> = kinds

/** All kinds, in the order they are offered. */
export const applianceKinds = Object.keys(kinds) as [ApplianceKind, ...ApplianceKind[]]
