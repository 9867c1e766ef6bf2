'use client'

import { useUnits } from '@/ui/state/UnitsProvider'

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
