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

/** A period of the day at one input. */
interface Stretch {
  fromS: number
  toS: number
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

/** Splits a period that runs past midnight in two. */
function around({ fromS, toS, inputW }: Stretch): Stretch[] {
  if (toS <= DAY_S) return [{ fromS, toS, inputW }]
  return [
    { fromS, toS: DAY_S, inputW },
    { fromS: 0, toS: Math.min(fromS, toS - DAY_S), inputW },
  ]
}

/**
 * Periods of a day in which an appliance burns by the clock.
 *
 * @param appliance - with its habit and learned use factor, which makes it burn longer, not harder
 * @param coldWaterK - of the water that is heated
 * @returns none for what follows the weather
 */
export function clockStretches({ habit, inputW, useFactor }: ClockedAppliance, coldWaterK: number): Stretch[] {
  if (habit.way === 'hours') {
    const fromS = (habit.fromH % 24) * HOUR_S
    return around({ fromS, toS: fromS + Math.min(DAY_S, habit.burnPerDayS * useFactor), inputW })
  }
  if (habit.way !== 'acts') return []
  return readActivities(habit.words).done.flatMap(({ act, count }) => {
    const fromS = act.atH * HOUR_S
    if (act.burnS !== undefined) {
      const toS = fromS + Math.min(DAY_S, act.burnS * count * useFactor)
      return around({ fromS, toS, inputW: inputW * BURNER_SHARE })
    }
    const heatJ = ((act.liters ?? 0) * count * WATER_J_L_K * Math.max(0, HOT_K - coldWaterK)) / WATER_SHARE
    return inputW > 0 ? around({ fromS, toS: fromS + Math.min(DAY_S, (heatJ * useFactor) / inputW), inputW }) : []
  })
}

/**
 * Mean input over a piece of the clock.
 *
 * @param stretches - of the day
 * @param clockS - at its beginning, 0 to 86,400
 * @param stepS - its length
 */
export function inputBetweenW(stretches: readonly Stretch[], clockS: number, stepS: number): number {
  if (stretches.length === 0) return 0
  let joules = 0
  for (const { fromS, toS, inputW } of stretches) {
    const today = Math.min(toS, clockS + stepS) - Math.max(fromS, clockS)
    const tomorrow = Math.min(toS, clockS + stepS - DAY_S) - fromS
    joules += inputW * (Math.max(0, today) + Math.max(0, tomorrow))
  }
  return joules / stepS
}
