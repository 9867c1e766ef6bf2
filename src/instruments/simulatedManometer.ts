import { fromUnit } from '@/core/units/convert'
import type { Instrument } from './instrument'

/** Simulated leak of the line. */
export const simulatedHoles = ['none', 'pinhole', 'loose'] as const

export type SimulatedHole = (typeof simulatedHoles)[number]

/** Gas lost for each pascal above the air: laminar, as through a scratch in a seat. */
const HOLE_KG_S_PA: Readonly<Record<SimulatedHole, number>> = { none: 0, pinhole: 6e-12, loose: 9e-11 }
const SPECIFIC_R_PROPANE = 188.55
const LOCKUP_PA = fromUnit(12.6, 'gaugePressure', 'inWC')
const WATER_PA_M = fromUnit(1, 'gaugePressure', 'inWC') / fromUnit(1, 'length', 'in')
const BURNER_KG_S = 4e-6
const REGULATOR_S = 1.2
const MAX_STEP_S = 0.25
/** The eye reads a column to a millimetre. */
const READ_TO_M = 0.001

export interface SimulatedManometer extends Instrument {
  /** Cylinder’s valve open: the regulator fills the line up to its lock-up. */
  open: () => void
  shut: () => void
  /** A burner lit for as long as it burns. */
  burn: (on: boolean) => void
  drill: (hole: SimulatedHole) => void
  /** The two columns from the middle of the tube, to the millimetre. */
  columns: () => { openM: number; gasM: number }
  /** What escapes at this moment. */
  leakKgS: () => number
}

/**
 * Simulated U-tube on a low-pressure line after a regulator, optionally with a leak.
 *
 * @param lineVolumeM3 - inside of the line
 * @param temperatureK - of its gas
 */
export function simulatedManometer(lineVolumeM3: number, temperatureK: number): SimulatedManometer {
  let gaugePa = 0
  let isOpen = false
  let burning = false
  let hole: SimulatedHole = 'none'
  let lastMs: number | null = null
  let restingSinceMs = 0
  let restingM = 0

  const paPerKg = (SPECIFIC_R_PROPANE * temperatureK) / lineVolumeM3
  const leakKgS = (): number => HOLE_KG_S_PA[hole] * gaugePa
  const step = (seconds: number): void => {
    const outKg = (leakKgS() + (burning && gaugePa > 0 ? BURNER_KG_S : 0)) * seconds
    gaugePa = Math.max(0, gaugePa - outKg * paPerKg)
    if (isOpen) gaugePa += (LOCKUP_PA - gaugePa) * (1 - Math.exp(-seconds / REGULATOR_S))
  }
  const halfM = (): number => Math.round(gaugePa / WATER_PA_M / 2 / READ_TO_M) * READ_TO_M

  return {
    id: 'manometer',
    name: 'Manometer',
    open: () => {
      isOpen = true
    },
    shut: () => {
      isOpen = false
    },
    burn: (on) => {
      burning = on
    },
    drill: (next) => {
      hole = next
    },
    columns: () => ({ openM: halfM(), gasM: -halfM() }),
    leakKgS,
    read: (nowMs) => {
      const elapsedS = lastMs === null ? 0 : Math.max(0, (nowMs - lastMs) / 1000)
      lastMs = nowMs
      for (let left = elapsedS; left > 0; left -= MAX_STEP_S) step(Math.min(left, MAX_STEP_S))
      if (Math.abs(halfM() - restingM) > READ_TO_M / 2) {
        restingM = halfM()
        restingSinceMs = nowMs
      }
      return {
        quantity: { value: halfM() * 2 * WATER_PA_M, role: 'linePressure' },
        steady: nowMs - restingSinceMs >= 3000,
      }
    },
  }
}
