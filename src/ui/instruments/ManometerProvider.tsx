'use client'

import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react'
import type { Reading } from '@/instruments/instrument'
import { simulatedManometer, type SimulatedManometer } from '@/instruments/simulatedManometer'

const READINGS_MS = 150
/** A small rig’s low side, on a mild day. */
const LINE_M3 = 0.0008
const GAS_K = 288.7

const ManometerContext = createContext<SimulatedManometer | null>(null)

/** Reading of a U-tube. */
export interface TubeReading extends Reading {
  openM: number
  gasM: number
}

/** Shared manometer of the tray and the hold test. */
export function ManometerProvider({ children }: { children: ReactNode }) {
  const manometer = useMemo(() => simulatedManometer(LINE_M3, GAS_K), [])
  return <ManometerContext value={manometer}>{children}</ManometerContext>
}

export function useManometer(): SimulatedManometer {
  const manometer = useContext(ManometerContext)
  if (!manometer) throw new Error('useManometer outside ManometerProvider')
  return manometer
}

/** The live reading while something looks at it. */
export function useTubeReading(looking: boolean): TubeReading | null {
  const manometer = useManometer()
  const [reading, setReading] = useState<TubeReading | null>(null)
  useEffect(() => {
    if (!looking) return
    const timer = setInterval(
      () => setReading({ ...manometer.read(performance.now()), ...manometer.columns() }),
      READINGS_MS,
    )
    return () => clearInterval(timer)
  }, [manometer, looking])
  return looking ? reading : null
}
