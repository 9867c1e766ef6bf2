import { clockStretches, fridgeDuty, inputBetweenW, type Stretch } from '@/core/appliances/duty'
import type { Current } from '@/core/run/battery/battery'
import { clockHourOf, clockShiftS, nightOf } from '@/core/time/tripClock'
import type { Perturbation, TripAppliance, TripRunInput } from './tripRun'
import { HOTTEST_ROOM_K } from './tripRunIssues'
import type { Energy } from '@/core/appliances/habit'
import { applianceTraits } from '@/core/appliances/applianceKinds'

const DAY_S = 86_400
const HOUR_S = 3600
/** The sun charges between these hours. [common practice] */
const SUN_H = { from: 9, to: 15 }
/** Ground and tank water are not colder. [common practice] */
const COLDEST_WATER_K = 277.15

/** Demand of one step; the same object is reused for every step. */
export interface Demand extends Current {
  /** Gas demand of each appliance, in order. */
  wantW: Float64Array
  /** Input that a flat battery prevents. */
  lostW: Float64Array
  awake: boolean
  /** Battery current of each appliance. */
  currentsA: Float64Array
}

/** Conditions at the start of a step. */
export interface DemandContext {
  timeS: number
  outsideK: number
  /** Null when unknown the room’s loss. */
  roomK: number | null
  isFlat: boolean
}

/** Whether a clock hour is between two others, also past midnight. */
function isBetween(clockH: number, fromH: number, toH: number): boolean {
  return fromH <= toH ? clockH >= fromH && clockH < toH : clockH >= fromH || clockH < toH
}

function meanOf(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length
}

/** What decides an appliance’s demand: the clock, the air around it, the room’s temperature, or full input. */
type Driver = 'clock' | 'around' | 'room' | 'full'

function driverOf({ habit }: TripAppliance, isRoomKnown: boolean): Driver {
  if (habit.way === 'around') return 'around'
  if (habit.way !== 'warmth') return 'clock'
  // Without the room’s heat loss, full input is the cautious assumption.
  return isRoomKnown ? 'room' : 'full'
}

/** An appliance as a step reads it. */
interface SteppedAppliance {
  driver: Driver
  inputW: number
  pilotW: number
  mostW: number
  useFactor: number
  /** Factor of this run on the habit. */
  factor: number
  toRoomShare: number
  currentA: number
  batteryA: number
  needsBattery: boolean
  isFridge: boolean
  /** Room temperatures that a heater keeps; null for off. */
  awakeK: number | null
  asleepK: number | null
  byNight: readonly Energy[]
}

function stepped(appliance: TripAppliance, factor: number, isRoomKnown: boolean): SteppedAppliance {
  const { habit, kind, inputW, pilotW, useFactor, currentA, batteryA, needsBattery, byNight } = appliance
  const keeps = habit.way === 'warmth' ? habit : { awakeK: null, asleepK: null }
  return {
    driver: driverOf(appliance, isRoomKnown),
    inputW,
    pilotW,
    mostW: Math.max(inputW, pilotW),
    useFactor,
    factor,
    toRoomShare: applianceTraits[kind].toRoomShare,
    currentA,
    batteryA,
    needsBattery,
    isFridge: kind === 'fridge',
    awakeK: keeps.awakeK,
    asleepK: keeps.asleepK,
    byNight,
  }
}

/** Input by the clock over a day, in steps, for each appliance. */
interface ClockTable {
  stretches: readonly (readonly Stretch[])[]
  /** Steps of a day; 0 where they do not divide it. */
  perDay: number
  startOfStepS: number
  /** Row by row: all appliances at the first step of the day, then at the second. */
  inputW: Float64Array
}

/** The tables of inputs that are run again and again, as by the Monte Carlo runs. */
const clockTables = new WeakMap<TripRunInput, ClockTable>()

/** Clock-driven demand repeats every day, so it is tabulated once when steps divide the day. */
function clockTable(input: TripRunInput): ClockTable {
  const known = clockTables.get(input)
  if (known) return known
  const { appliances, stepS } = input
  const waterK = Math.max(COLDEST_WATER_K, meanOf(input.forecast.temperatureK))
  const stretches = appliances.map((appliance) => clockStretches(appliance, waterK))
  const startOfStepS = startClockS(input) % stepS
  const perDay = (HOUR_S / stepS) % 1 === 0 ? DAY_S / stepS : 0
  const inputW = Float64Array.from({ length: perDay * appliances.length }, (_, at) => {
    const own = stretches[at % appliances.length] ?? []
    return inputBetweenW(own, Math.floor(at / appliances.length) * stepS + startOfStepS, stepS)
  })
  const table = { stretches, perDay, startOfStepS, inputW }
  clockTables.set(input, table)
  return table
}

function startClockS({ startISO }: TripRunInput): number {
  return Math.round(clockHourOf(startISO) * HOUR_S)
}

/**
 * Demand of all appliances step by step, and the room temperature that results.
 *
 * @param input - of the trip
 * @param chance - perturbation of the habits; null for none
 */
export function demandModel(input: TripRunInput, chance: Perturbation | null) {
  const { rig, stepS, clockChanges } = input
  const appliances = input.appliances.map((one) => stepped(one, chance?.factorOf(one.id) ?? 1, rig !== null))
  const count = appliances.length
  const { stretches, perDay, startOfStepS, inputW: clockW } = clockTable(input)
  const startS = startClockS(input)
  const shore = new Set(input.shoreNights)
  const decay = rig ? Math.exp((-stepS * rig.lossWPerK) / rig.capacityJPerK) : 0
  const energies = new Array<Energy>(count).fill('gas')
  let energiesOf = -1
  const wants: Demand = {
    wantW: new Float64Array(count),
    lostW: new Float64Array(count),
    currentsA: new Float64Array(count),
    awake: true,
    currentA: 0,
    sunShare: 0,
    onShore: false,
  }

  /** Whether a habit that began before a change of the clock may still go on, or the step holds the change. */
  function isNearChange(timeS: number): boolean {
    for (const { atS, shiftS } of clockChanges) {
      if (timeS + stepS > atS && timeS < atS + DAY_S + Math.abs(shiftS)) return true
    }
    return false
  }

  function turnToNight(night: number): void {
    energiesOf = night
    for (const [i, { byNight }] of appliances.entries()) energies[i] = byNight[night] ?? 'gas'
    wants.onShore = shore.has(night)
  }

  /** Demand by clock, air around and full input; what follows the room’s temperature comes after. */
  function wantedW(appliance: SteppedAppliance, byClockW: number, airK: number): number {
    const { driver, pilotW } = appliance
    if (driver === 'clock') return Math.max(pilotW, byClockW * appliance.factor)
    if (driver === 'around') return Math.max(pilotW, appliance.inputW * fridgeDuty(airK) * appliance.useFactor)
    return wants.awake || appliance.asleepK !== null ? appliance.inputW : pilotW
  }

  /** Heating demand after the heat of everything else that burns. */
  function heat({ outsideK, roomK, isFlat }: DemandContext): void {
    if (!rig || roomK === null) return
    let otherW = 0
    for (let i = 0; i < count; i += 1) {
      const appliance = appliances[i]
      if (appliance && appliance.driver !== 'room') otherW += (wants.wantW[i] ?? 0) * appliance.toRoomShare
    }
    // Room temperature at the end of the step without heat.
    const freeK = outsideK + (roomK - outsideK) * decay
    for (let i = 0; i < count; i += 1) {
      const appliance = appliances[i]
      if (appliance?.driver !== 'room' || energies[i] !== 'gas') continue
      const { toRoomShare, pilotW } = appliance
      const wishK = wants.awake ? appliance.awakeK : appliance.asleepK
      const missingW = wishK === null ? 0 : ((wishK - freeK) / (1 - decay)) * rig.lossWPerK - otherW
      const inputW = (Math.max(0, missingW) / Math.max(0.1, toRoomShare)) * appliance.factor * appliance.useFactor
      const wantW = Math.max(pilotW, Math.min(appliance.inputW, inputW))
      wants.wantW[i] = wantW
      if (!(isFlat && appliance.needsBattery)) otherW += wantW * toRoomShare
    }
  }

  function drawCurrent(airK: number, isFlat: boolean): void {
    wants.currentA = 0
    for (let i = 0; i < count; i += 1) {
      const appliance = appliances[i]
      if (!appliance) continue
      const energy = energies[i]
      const wantW = wants.wantW[i] ?? 0
      wants.lostW[i] = isFlat && appliance.needsBattery ? wantW : 0
      let ownA = 0
      if (isFlat && appliance.needsBattery && wantW > 0) {
        wants.wantW[i] = 0
      } else if (energy === 'gas' && appliance.inputW > 0) {
        ownA = appliance.currentA * Math.min(1, wantW / appliance.inputW)
      } else if (energy === 'battery' && !isFlat) {
        ownA = appliance.batteryA * (appliance.isFridge ? fridgeDuty(airK) : 1)
      }
      wants.currentsA[i] = ownA
      wants.currentA += ownA
    }
  }

  return {
    /** Demand of the step that starts at a time. */
    at(meeting: DemandContext): Demand {
      const { timeS, outsideK, roomK, isFlat } = meeting
      const night = nightOf(clockChanges, timeS)
      if (night !== energiesOf) turnToNight(night)
      const shownS = startS + timeS + clockShiftS(clockChanges, timeS)
      const clockS = ((shownS % DAY_S) + DAY_S) % DAY_S
      const clockH = clockS / HOUR_S
      const airK = roomK ?? outsideK
      const isRegular = perDay > 0 && clockS % stepS === startOfStepS && !isNearChange(timeS)
      const row = isRegular ? (Math.floor(clockS / stepS) % perDay) * count : 0
      wants.awake = isBetween(clockH, input.wakeH, input.sleepH)
      wants.sunShare = isBetween(clockH, SUN_H.from, SUN_H.to) ? 1 / ((SUN_H.to - SUN_H.from) * HOUR_S) : 0
      for (let i = 0; i < count; i += 1) {
        const appliance = appliances[i]
        if (!appliance) continue
        if (energies[i] !== 'gas' || appliance.driver === 'room') {
          wants.wantW[i] = 0
          continue
        }
        const byClockW = isRegular
          ? (clockW[row + i] ?? 0)
          : inputBetweenW(stretches[i] ?? [], timeS, stepS, startS, clockChanges)
        wants.wantW[i] = Math.min(appliance.mostW, wantedW(appliance, byClockW, airK))
      }
      heat(meeting)
      drawCurrent(airK, isFlat)
      return wants
    },
    /** Room temperature at the end of the step, given the delivered share of each appliance. */
    roomAfterK(outsideK: number, roomK: number, shares: Float64Array): number {
      if (!rig) return roomK
      let heatW = 0
      for (let i = 0; i < count; i += 1)
        heatW += (wants.wantW[i] ?? 0) * (appliances[i]?.toRoomShare ?? 0) * (shares[i] ?? 1)
      const restK = outsideK + heatW / rig.lossWPerK
      return Math.min(HOTTEST_ROOM_K, restK + (roomK - restK) * decay)
    },
  }
}
