'use client'

import { createContext, useContext, useState, type ReactNode } from 'react'
import type { UnitSystem } from '@/core/units/displayRoles'
import { UNITS_COOKIE } from './unitsCookie'

interface Units {
  system: UnitSystem
  setSystem: (system: UnitSystem) => void
}

const UnitsContext = createContext<Units | null>(null)

/** Holds the chosen unit system. */
export function UnitsProvider({ initial, children }: { initial: UnitSystem; children: ReactNode }) {
  const [system, setState] = useState(initial)
  const setSystem = (chosen: UnitSystem): void => {
    setState(chosen)
    document.cookie = `${UNITS_COOKIE}=${chosen}; path=/; max-age=31536000; samesite=lax`
  }
  return <UnitsContext value={{ system, setSystem }}>{children}</UnitsContext>
}

export function useUnits(): Units {
  const units = useContext(UnitsContext)
  if (!units) throw new Error('useUnits outside UnitsProvider')
  return units
}

/** Turns every figure on every page from pounds to kilograms and back; what is typed turns with it. */
export function UnitsSwitch() {
  const { system, setSystem } = useUnits()
  const other = system === 'us' ? 'metric' : 'us'
  return (
    <button
      type="button"
      onClick={() => setSystem(other)}
      aria-label={`Units: ${system === 'us' ? 'pounds and °F' : 'kilograms and °C'}. Switch.`}
    >
      {system === 'us' ? 'lb · °F' : 'kg · °C'}
    </button>
  )
}
