import { type ClockChange, elapsedWhenShownS } from '@/core/time/tripClock'
import { fromUnit } from '@/core/units/convert'
import { readActivities } from './activities'
import type { Habit } from './habit'

/** Burning share of a fridge at 4 °C ambient; it burns all the time at 38 °C. [common practice] */
const FRIDGE = { leastShare: 0.2, leastK: 277.15, fullK: 311.15 }

/** Share of the time that a fridge burns in such air. */
export function fridgeDuty(airK: number): number {
  const { leastShare, leastK, fullK } = FRIDGE
  return Math.min(1, Math.max(leastShare, leastShare + ((1 - leastShare) * (airK - leastK)) / (fullK - leastK)))
}

/** A period of the day at one input; it may run past midnight. */
export interface Stretch {
  /** Clock time at which it begins. */
  fromS: number
  /** A day at most. */
  lengthS: number
  inputW: number
}

/** Properties of an appliance that decide when it burns. */
interface ClockedAppliance {
  habit: Habit
  inputW: number
  /** Learned share of the habit that is really used. */
  useFactor: number
}

const DAY_S = 86_400

const HOUR_S = 3600

/** A burner is turned down once the pot boils. [common practice] */
const BURNER_SHARE = 0.7

const WATER_J_L_K = 4186

const HOT_K = fromUnit(40, 'temperature', 'C')

/** Share of the gas that ends in the water. [common practice] */
const WATER_SHARE = 0.75

/**
 * Periods of a day in which an appliance burns by the clock.
 *
 * @param appliance - with its habit and learned use factor, which makes it burn longer, not harder
 * @param coldWaterK - of the water that is heated
 * @returns none for what follows the weather
 */
export function clockStretches({ habit, inputW, useFactor }: ClockedAppliance, coldWaterK: number): Stretch[] {
  if (habit.way === 'hours') {
    return [{ fromS: (habit.fromH % 24) * HOUR_S, lengthS: Math.min(DAY_S, habit.burnPerDayS * useFactor), inputW }]
  }
  if (habit.way !== 'acts') return []
  return readActivities(habit.words).done.flatMap(({ act, count }) => {
    const fromS = act.atH * HOUR_S
    if (act.burnS !== undefined) {
      return [{ fromS, lengthS: Math.min(DAY_S, act.burnS * count * useFactor), inputW: inputW * BURNER_SHARE }]
    }
    const heatJ = ((act.liters ?? 0) * count * WATER_J_L_K * Math.max(0, HOT_K - coldWaterK)) / WATER_SHARE
    return inputW > 0 ? [{ fromS, lengthS: Math.min(DAY_S, (heatJ * useFactor) / inputW), inputW }] : []
  })
}

/**
 * Mean input over a step of a trip. Each stretch begins once a day, when the clock first shows its hour, and lasts its
 * full time, whether the clock changes meanwhile or not.
 *
 * @param stretches - of a day
 * @param timeS - start of the step, since the start of the trip
 * @param stepS - its length
 * @param startClockS - clock time at the start of the trip
 * @param clockChanges - during the trip
 */
export function inputBetweenW(
  stretches: readonly Stretch[],
  timeS: number,
  stepS: number,
  startClockS = 0,
  clockChanges: readonly ClockChange[] = [],
): number {
  let joules = 0
  for (const { fromS, lengthS, inputW } of stretches) {
    // One that lasts all day never stops, on a day of 25 hours neither.
    if (lengthS >= DAY_S) {
      joules += inputW * stepS
      continue
    }
    // A day more on both sides covers what began the day before, and a clock that was set back.
    const day = Math.floor((timeS + startClockS) / DAY_S)
    for (let k = day - 2; k <= day + 2; k += 1) {
      const beginS = elapsedWhenShownS(clockChanges, k * DAY_S + fromS - startClockS)
      joules += inputW * Math.max(0, Math.min(timeS + stepS, beginS + lengthS) - Math.max(timeS, beginS))
    }
  }
  return joules / stepS
}
