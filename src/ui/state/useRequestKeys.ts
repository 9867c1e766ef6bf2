import { useMemo, useRef } from 'react'

/** A number no other request has. Not by `crypto.randomUUID`, which browsers allow only on secure pages. */
function newKey(): string {
  return [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('')
}

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
