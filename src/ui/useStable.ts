'use client'

import { useCallback, useLayoutEffect, useRef } from 'react'

/**
 * A callback that stays the same between renders and does what the last one was given: what is handed it need not be
 * drawn again because of it.
 */
export function useStable<Args extends unknown[], Result>(run: (...args: Args) => Result): (...args: Args) => Result {
  const latest = useRef(run)
  useLayoutEffect(() => {
    latest.current = run
  })
  return useCallback((...args: Args) => latest.current(...args), [])
}
