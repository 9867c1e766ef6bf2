'use client'

import { useMemo, useState, useSyncExternalStore, useCallback, useLayoutEffect, useRef } from 'react'
import type { UnitSystem } from '@/core/units/displayRoles'
import { useUnits } from './UnitsProvider'

const never = (): (() => void) => () => undefined

/** The stored value, if it was typed in the present unit system: a number without unit depends on it. */
function readKept<Value>(raw: string | null, system: UnitSystem, anyUnits: boolean): Value | undefined {
  try {
    const kept = JSON.parse(raw ?? 'null') as { system: UnitSystem; value: Value } | null
    return anyUnits || kept?.system === system ? kept?.value : undefined
  } catch {
    // Not in our format: ignored.
    return undefined
  }
}

/**
 * State of a small form that lives through a reload, in this tab.
 *
 * @param slot - names the form, the field and what it is about
 * @param initial - before anything is typed
 * @param anyUnits - the value is in SI and valid in both unit systems
 * @returns the value, a setter, and a function that discards the stored value
 */
export function useSessionState<Value>(
  slot: string,
  initial: Value,
  anyUnits = false,
): [Value, (next: Value) => void, () => void] {
  const { system } = useUnits()
  const [cameUpIn] = useState(system)
  const key = `gold-kettle-kept ${slot}`
  // With its slot: a form that turns to another subject must not show what was typed for the first.
  const [own, setOwn] = useState<{ key: string; value: Value } | null>(null)
  const raw = useSyncExternalStore(
    never,
    () => sessionStorage.getItem(key),
    () => null,
  )
  const kept = useMemo(() => readKept<Value>(raw, cameUpIn, anyUnits), [raw, cameUpIn, anyUnits])
  const set = (next: Value): void => {
    setOwn({ key, value: next })
    sessionStorage.setItem(key, JSON.stringify({ system, value: next }))
  }
  const forget = (): void => {
    setOwn(null)
    sessionStorage.removeItem(key)
  }
  return [own?.key === key ? own.value : (kept ?? initial), set, forget]
}

/**
 * A stable callback that calls the latest function, so that components that receive it do not
 * render again because of it.
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
