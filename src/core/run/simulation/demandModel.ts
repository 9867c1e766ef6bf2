import { clockStretches, fridgeDuty, inputBetweenW } from '@/core/appliances/duty'
import type { Current } from '@/core/run/battery/battery'
import { clockHourOf, clockShiftS, nightOf } from '@/core/time/tripClock'
import type { Perturbation, TripAppliance, TripRunInput } from './tripRun'
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

/** Demand of one appliance by clock and air; NaN when the room temperature decides. */
function ownWantW(
  { habit, inputW, pilotW, useFactor }: TripAppliance,
  burningW: number,
  airK: number,
  isRoomKnown: boolean,
  awake: boolean,
): number {
  if (habit.way === 'around') return Math.max(pilotW, inputW * fridgeDuty(airK) * useFactor)
  if (habit.way !== 'warmth') return Math.max(pilotW, burningW)
  // Without the room’s heat loss, full input is the cautious assumption.
  if (!isRoomKnown) return awake || habit.asleepK !== null ? inputW : pilotW
  return NaN
}

/**
 * Demand of all appliances step by step, and the room temperature that results.
 *
 * @param input - of the trip
 * @param chance - perturbation of the habits; null for none
 */
export function demandModel(input: TripRunInput, chance: Perturbation | null) {
  const { appliances, rig, stepS, clockChanges } = input
  const count = appliances.length
  const waterK = Math.max(COLDEST_WATER_K, meanOf(input.forecast.temperatureK))
  const stretches = appliances.map((appliance) => clockStretches(appliance, waterK))
  const startS = Math.round(clockHourOf(input.startISO) * HOUR_S)
  // Clock-driven demand repeats every day, so it is tabulated once when steps divide the day.
  const perDay = (HOUR_S / stepS) % 1 === 0 ? DAY_S / stepS : 0
  const startOfStepS = startS % stepS
  const days = stretches.map((own) =>
    Float64Array.from({ length: perDay }, (_, k) => inputBetweenW(own, k * stepS + startOfStepS, stepS)),
  )
  const factors = appliances.map(({ id }) => chance?.factorOf(id) ?? 1)
  const toRoom = appliances.map(({ kind }) => applianceTraits[kind].toRoomShare)
  const shore = new Set(input.shoreNights)
  const decay = rig ? Math.exp((-stepS * rig.lossWPerK) / rig.capacityJPerK) : 0
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
    return clockChanges.some(({ atS, shiftS }) => timeS + stepS > atS && timeS < atS + DAY_S + Math.abs(shiftS))
  }

  function energyOf(i: number, night: number): Energy {
    return appliances[i]?.byNight[night] ?? 'gas'
  }

  /** Heating demand after the heat of everything else that burns. */
  function heat(night: number, { outsideK, roomK, isFlat }: DemandContext): void {
    if (!rig || roomK === null) return
    let otherW = 0
    for (let i = 0; i < count; i += 1) otherW += (wants.wantW[i] || 0) * (toRoom[i] ?? 0)
    // Room temperature at the end of the step without heat.
    const freeK = outsideK + (roomK - outsideK) * decay
    for (let i = 0; i < count; i += 1) {
      const appliance = appliances[i]
      if (!appliance || !Number.isNaN(wants.wantW[i])) continue
      const wishK =
        appliance.habit.way !== 'warmth' ? null : wants.awake ? appliance.habit.awakeK : appliance.habit.asleepK
      const missingW = wishK === null ? 0 : ((wishK - freeK) / (1 - decay)) * rig.lossWPerK - otherW
      const inputW = (Math.max(0, missingW) / Math.max(0.1, toRoom[i] ?? 0)) * (factors[i] ?? 1) * appliance.useFactor
      const wantW = Math.max(appliance.pilotW, Math.min(appliance.inputW, inputW))
      wants.wantW[i] = wantW
      if (energyOf(i, night) === 'gas' && !(isFlat && appliance.needsBattery)) otherW += wantW * (toRoom[i] ?? 0)
    }
  }

  function drawCurrent(night: number, airK: number, isFlat: boolean): void {
    wants.currentA = 0
    for (let i = 0; i < count; i += 1) {
      const appliance = appliances[i]
      if (!appliance) continue
      const energy = energyOf(i, night)
      const wantW = wants.wantW[i] ?? 0
      wants.lostW[i] = isFlat && appliance.needsBattery ? wantW : 0
      let ownA = 0
      if (wants.lostW[i]) {
        wants.wantW[i] = 0
      } else if (energy === 'gas' && appliance.inputW > 0) {
        ownA = appliance.currentA * Math.min(1, wantW / appliance.inputW)
      } else if (energy === 'battery' && !isFlat) {
        ownA = appliance.batteryA * (appliance.kind === 'fridge' ? fridgeDuty(airK) : 1)
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
      const shownS = startS + timeS + clockShiftS(clockChanges, timeS)
      const clockS = ((shownS % DAY_S) + DAY_S) % DAY_S
      const clockH = clockS / HOUR_S
      const airK = roomK ?? outsideK
      const isRegular = perDay > 0 && clockS % stepS === startOfStepS && !isNearChange(timeS)
      wants.awake = isBetween(clockH, input.wakeH, input.sleepH)
      wants.sunShare = isBetween(clockH, SUN_H.from, SUN_H.to) ? 1 / ((SUN_H.to - SUN_H.from) * HOUR_S) : 0
      wants.onShore = shore.has(night)
      for (let i = 0; i < count; i += 1) {
        const appliance = appliances[i]
        if (!appliance) continue
        const byClockW = isRegular
          ? days[i]?.[Math.floor(clockS / stepS) % perDay]
          : inputBetweenW(stretches[i] ?? [], timeS, stepS, startS, clockChanges)
        const burningW = (byClockW ?? 0) * (factors[i] ?? 1)
        const most = Math.max(appliance.inputW, appliance.pilotW)
        wants.wantW[i] =
          energyOf(i, night) === 'gas'
            ? Math.min(most, ownWantW(appliance, burningW, airK, rig !== null, wants.awake))
            : 0
      }
      heat(night, meeting)
      drawCurrent(night, airK, isFlat)
      return wants
    },
    /** Room temperature at the end of the step, given the delivered share of each appliance. */
    roomAfterK(outsideK: number, roomK: number, shares: Float64Array): number {
      if (!rig) return roomK
      let heatW = 0
      for (let i = 0; i < count; i += 1) heatW += (wants.wantW[i] ?? 0) * (toRoom[i] ?? 0) * (shares[i] ?? 1)
      const restK = outsideK + heatW / rig.lossWPerK
      return restK + (roomK - restK) * decay
    },
  }
}
