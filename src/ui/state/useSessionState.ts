'use client'

import { useMemo, useReducer, useState, useSyncExternalStore, useCallback, useLayoutEffect, useRef } from 'react'

const never = (): (() => void) => () => undefined

/** The stored value; undefined when nothing is stored, or not in our format. */
function readKept<Value>(raw: string | null): Value | undefined {
  try {
    return (JSON.parse(raw ?? 'null') as { value: Value } | null)?.value
  } catch {
    return undefined
  }
}

/**
 * State that lives through a reload, in this tab.
 *
 * @param slot - names the form, the field and what it is about
 * @param initial - before anything is typed
 * @returns the value, a setter, and a function that discards the stored value
 */
export function useSessionState<Value>(slot: string, initial: Value): [Value, (next: Value) => void, () => void] {
  const key = `gold-kettle-typed ${slot}`
  // With its slot: a form that turns to another subject must not show what was typed for the first.
  const [own, setOwn] = useState<{ key: string; value: Value } | null>(null)
  const raw = useSyncExternalStore(
    never,
    () => sessionStorage.getItem(key),
    () => null,
  )
  const kept = useMemo(() => readKept<Value>(raw), [raw])
  const set = (next: Value): void => {
    setOwn({ key, value: next })
    sessionStorage.setItem(key, JSON.stringify({ value: next }))
  }
  // What was restored is no state of this component: without this it would stay in view.
  const [, drawAgain] = useReducer((times: number) => times + 1, 0)
  const forget = (): void => {
    setOwn(null)
    sessionStorage.removeItem(key)
    drawAgain()
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
