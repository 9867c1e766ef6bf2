'use client'

import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react'
import type { Reading } from '@/instruments/instrument'
import { simulatedScale, type SimulatedScale } from '@/instruments/simulatedScale'

const READINGS_MS = 150

const ScaleContext = createContext<SimulatedScale | null>(null)

/** Shared scale of the tray and the fill page. */
export function ScaleProvider({ children }: { children: ReactNode }) {
  const scale = useMemo(() => simulatedScale(Math.random), [])
  return <ScaleContext value={scale}>{children}</ScaleContext>
}

export function useScale(): SimulatedScale {
  const scale = useContext(ScaleContext)
  if (!scale) throw new Error('useScale outside ScaleProvider')
  return scale
}

/** The live reading while something looks at it. */
export function useScaleReading(looking: boolean): Reading | null {
  const scale = useScale()
  const [reading, setReading] = useState<Reading | null>(null)
  useEffect(() => {
    if (!looking) return
    const timer = setInterval(() => setReading(scale.read(performance.now())), READINGS_MS)
    return () => clearInterval(timer)
  }, [scale, looking])
  return looking ? reading : null
}
