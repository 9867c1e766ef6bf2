import type { Phrase } from '@/core/base/quantity'
import { readyRooms } from '@/core/heat/room/readyRooms'
import type { Room } from '@/core/heat/room/room'
import type { PracticeRig } from '@/core/practice/rig/practiceRig'
import type { RigState } from '@/core/practice/rig/rigState'
import type { BenchAction } from './benchAction'

/** Where the people are. */
export type Whereabouts = 'inside' | 'outside' | 'away'

/** One thing that was done, and what it showed. */
export interface BenchEntry {
  atS: number
  action: BenchAction
  /** What was done. */
  did: string
  /** What was seen; empty when nothing is to be seen. */
  saw: Phrase
}

/** Readings at one moment, for the chart. */
export interface BenchMoment {
  timeS: number
  roomK: number
  co2Ppm: number
  oxygenShare: number
  /** Gas near the floor over its lower flammable limit. */
  flammableShare: number
  /** Highest gauge pressure of the cylinders, Pa. */
  cylinderGaugePa: number
  /** Pressure behind the first low-pressure regulator with what burns, Pa. */
  lineGaugePa: number
  burnedW: number
}

/** A rig on which things are done: what it is like now, and what has been done. */
export interface Bench {
  timeS: number
  rig: RigState
  /** Burners that are open, as a share of their input. */
  open: Readonly<Record<string, number>>
  /** Burners that burn. */
  lit: readonly string[]
  /** When a burner was last turned off or went out, by its part. */
  outAtS: Readonly<Record<string, number>>
  /** When a cylinder's valve was shut, by its part. */
  shutAtS: Readonly<Record<string, number>>
  openings: Readonly<Record<string, number>>
  /** Amounts of the room-air model; null before the first step. */
  air: readonly number[] | null
  roomK: number
  /** Unburned propane in the room. */
  gasInsideKg: number
  /** CO2 let go into the room from a bottle. */
  co2InsideKg: number
  burnedKg: number
  lostKg: number
  people: Whereabouts
  asleep: number
  called: readonly string[]
  isDriving: boolean
  isEngineOn: boolean
  /** Time for which somebody breathed or slept with an alarm sounding. */
  ignoredAlarmS: number
  /** Time for which fumes came into the room. */
  fumesS: number
  chosen: readonly string[]
  log: readonly BenchEntry[]
  series: readonly BenchMoment[]
  /** What was done otherwise than it should be, without ending the drill. */
  mistakes: readonly string[]
  /** Why it ended badly; null while it goes on. */
  badEnd: string | null
}

/** Room of a rig that has none drawn: a van. */
const usualRoom = readyRooms[0]

/**
 * Room of a rig.
 *
 * @returns the room of a van where none is drawn
 */
export function roomOf({ room }: PracticeRig): Room {
  if (room) return room
  if (!usualRoom) throw new RangeError('no room')
  return usualRoom.shelter.room
}

/** Temperature of a rig that was heated until now. [common practice: 64 °F] */
const HEATED_K = 291

/** The bench as a drill begins. */
export function createBench(rig: RigState, change: Partial<Bench> = {}): Bench {
  const room = roomOf(rig.rig)
  return {
    timeS: 0,
    rig,
    open: {},
    lit: [],
    outAtS: {},
    shutAtS: {},
    openings: Object.fromEntries(room.openings.map(({ id }) => [id, 0])),
    air: null,
    roomK: Math.max(rig.rig.outsideK, HEATED_K),
    gasInsideKg: 0,
    co2InsideKg: 0,
    burnedKg: 0,
    lostKg: 0,
    people: 'inside',
    asleep: 0,
    called: [],
    isDriving: false,
    isEngineOn: false,
    ignoredAlarmS: 0,
    fumesS: 0,
    chosen: [],
    log: [],
    series: [],
    mistakes: [],
    badEnd: null,
    ...change,
  }
}

/** The room with its openings as they stand. */
export function roomNow({ rig, openings }: Bench): Room {
  const room = roomOf(rig.rig)
  return { ...room, openings: room.openings.map((one) => ({ ...one, openM: openings[one.id] ?? 0 })) }
}
