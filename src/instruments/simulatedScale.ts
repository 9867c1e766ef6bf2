import type { Instrument, Reading } from './instrument'

/** Two ranges: fine steps for bottles, coarse ones for cylinders. */
const FINE_TO_KG = 3
const FINE_STEP_KG = 0.002
const COARSE_STEP_KG = 0.02
/** Time in which the pointer comes two thirds of the way. */
const SETTLING_S = 0.45
const STEADY_S = 3

export interface SimulatedScale extends Instrument {
  /** Replaces the load on the platform. */
  load: (massKg: number) => void
  /** Flow of gas into the load, kg/s; 0 stops it. */
  run: (kgPerS: number) => void
  /** Present load. */
  loaded: () => number
  /** Sets the zero to the present load. */
  zero: () => void
}

/** Step of the scale at a load. */
export function scaleStepKg(massKg: number): number {
  return massKg < FINE_TO_KG ? FINE_STEP_KG : COARSE_STEP_KG
}

/**
 * A platform scale that oscillates, settles and shows steps, like a real one.
 *
 * @param random - number from 0 to 1 at each call, for the wind on the platform
 */
export function simulatedScale(random: () => number): SimulatedScale {
  let loadKg = 0
  let runKgPerS = 0
  let shownKg = 0
  let zeroKg = 0
  let lastMs: number | null = null
  let restingSinceMs: number | null = null
  let restingStep = 0

  const stepKg = (): number => scaleStepKg(shownKg - zeroKg)
  const steps = (): number => Math.round((shownKg - zeroKg) / stepKg())

  return {
    id: 'scale',
    name: 'Scale',
    load: (massKg) => {
      loadKg = Math.max(0, massKg)
      runKgPerS = 0
    },
    run: (kgPerS) => {
      runKgPerS = Math.max(0, kgPerS)
    },
    loaded: () => loadKg,
    zero: () => {
      zeroKg = shownKg
    },
    read: (nowMs): Reading => {
      const elapsedS = lastMs === null ? 0 : Math.max(0, (nowMs - lastMs) / 1000)
      lastMs = nowMs
      loadKg += runKgPerS * elapsedS
      const swingKg = (random() - 0.5) * 0.4 * stepKg()
      shownKg += (loadKg - shownKg) * (1 - Math.exp(-elapsedS / SETTLING_S)) + (elapsedS > 0 ? swingKg : 0)
      if (restingSinceMs === null || Math.abs(steps() - restingStep) > 1) {
        restingSinceMs = nowMs
        restingStep = steps()
      }
      return {
        quantity: { value: steps() * stepKg(), role: 'cylinderMass' },
        steady: nowMs - restingSinceMs >= STEADY_S * 1000,
      }
    },
  }
}
