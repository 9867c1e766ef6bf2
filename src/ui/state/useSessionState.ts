'use client'

import { useMemo, useState, useSyncExternalStore, useCallback, useLayoutEffect, useRef } from 'react'
import type { UnitSystem } from '@/core/units/displayRoles'
import { useUnits } from './UnitsProvider'

const never = (): (() => void) => () => undefined

/** What was kept, if it was typed in the units the page came up with: a bare number means its field's unit. */
function readKept<Value>(raw: string | null, system: UnitSystem, anyUnits: boolean): Value | undefined {
  try {
    const kept = JSON.parse(raw ?? 'null') as { system: UnitSystem; value: Value } | null
    return anyUnits || kept?.system === system ? kept?.value : undefined
  } catch {
    // Nothing of ours: as good as none.
    return undefined
  }
}

/**
 * State of a small form that lives through a reload, in this tab.
 *
 * @param slot - names the form, the field and what it is about
 * @param initial - before anything is typed
 * @param anyUnits - what is kept is in SI, and good in either family of units
 * @returns the value, how to set it, and how to let go of what is kept
 */
export function useSessionState<Value>(
  slot: string,
  initial: Value,
  anyUnits = false,
): [Value, (next: Value) => void, () => void] {
  const { system } = useUnits()
  const [cameUpIn] = useState(system)
  const [own, setOwn] = useState<Value | undefined>(undefined)
  const key = `gold-kettle-kept ${slot}`
  const raw = useSyncExternalStore(
    never,
    () => sessionStorage.getItem(key),
    () => null,
  )
  const kept = useMemo(() => readKept<Value>(raw, cameUpIn, anyUnits), [raw, cameUpIn, anyUnits])
  const set = (next: Value): void => {
    setOwn(next)
    sessionStorage.setItem(key, JSON.stringify({ system, value: next }))
  }
  const forget = (): void => {
    setOwn(undefined)
    sessionStorage.removeItem(key)
  }
  return [own ?? kept ?? initial, set, forget]
}

/**
 * A callback that stays the same between renders and does what the last one was given: what is handed it need not be
 * drawn again because of it.
 */
export function useStableValue<Args extends unknown[], Result>(
  run: (...args: Args) => Result,
): (...args: Args) => Result {
  const latest = useRef(run)
  useLayoutEffect(() => {
    latest.current = run
  })
  return useCallback((...args: Args) => latest.current(...args), [])
}
