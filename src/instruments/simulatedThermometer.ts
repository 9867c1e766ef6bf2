import { fromUnit } from '@/core/units/convert'
import type { Instrument } from './instrument'

/** A small rig on a frosty evening: what its heater is set to, W. */
export const simulatedSettings = { off: 0, low: fromUnit(4000, 'power', 'btuh'), high: fromUnit(9000, 'power', 'btuh') }

export type SimulatedSetting = keyof typeof simulatedSettings

const OUTSIDE_K = fromUnit(24, 'temperature', 'F')
const LOSS_W_K = 60
const CAPACITY_J_K = 150_000
/** The display follows the air by this. */
const PROBE_S = 25
const STEP_S = 1
/** Nearer to the air than this, it has followed. */
const STEADY_K = 0.25
/** It shows tenths of a degree. */
const SHOWN_K = 0.1

export interface SimulatedThermometer extends Instrument {
  set: (setting: SimulatedSetting) => void
  /** Speed of the simulated time. */
  hurry: (times: number) => void
  /** Seconds of the rig since it was begun. */
  elapsedS: () => number
  /** Cold again. */
  again: () => void
}

/** A thermometer in a small rig that warms up: loss, capacity and a probe that lags. */
export function simulatedThermometer(): SimulatedThermometer {
  let airK = OUTSIDE_K
  let probeK = OUTSIDE_K
  let inputW = 0
  let times = 60
  let elapsedS = 0
  let lastMs: number | null = null

  const step = (seconds: number): void => {
    airK += ((inputW - LOSS_W_K * (airK - OUTSIDE_K)) / CAPACITY_J_K) * seconds
    probeK += (airK - probeK) * (1 - Math.exp(-seconds / PROBE_S))
    elapsedS += seconds
  }
  return {
    id: 'thermometer',
    name: 'Thermometer',
    set: (setting) => {
      inputW = simulatedSettings[setting]
    },
    hurry: (next) => {
      times = next
    },
    elapsedS: () => elapsedS,
    again: () => {
      airK = OUTSIDE_K
      probeK = OUTSIDE_K
      elapsedS = 0
    },
    read: (nowMs) => {
      const passedS = lastMs === null ? 0 : (Math.max(0, nowMs - lastMs) / 1000) * times
      lastMs = nowMs
      for (let left = Math.min(passedS, 7200); left > 0; left -= STEP_S) step(Math.min(left, STEP_S))
      return {
        quantity: { value: Math.round(probeK / SHOWN_K) * SHOWN_K, role: 'temperature' },
        steady: Math.abs(airK - probeK) < STEADY_K,
      }
    },
  }
}
