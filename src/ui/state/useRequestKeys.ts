import { useMemo, useRef } from 'react'
import { newKey } from './newId'

/**
 * Keys of requests that append something: the same content keeps its key until the server has answered, so that what
 * is sent again after a broken connection is one entry.
 */
export function useRequestKeys() {
  const pending = useRef(new Map<string, string>())
  return useMemo(
    () => ({
      keyFor: (content: unknown): string => {
        const text = JSON.stringify(content)
        const key = pending.current.get(text) ?? newKey()
        pending.current.set(text, key)
        return key
      },
      answered: (content: unknown): void => {
        pending.current.delete(JSON.stringify(content))
      },
    }),
    [],
  )
}
