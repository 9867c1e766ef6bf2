'use client'

import { format, parseISO } from 'date-fns'
import { useSyncExternalStore } from 'react'

const never = (): (() => void) => () => undefined

/** A time in the reader's time zone. The server renders it in UTC and says so. */
export function DateTime({ iso }: { iso: string }) {
  const text = useSyncExternalStore(
    never,
    () => format(parseISO(iso), 'd MMM yyyy, HH:mm'),
    () => `${iso.slice(0, 16).replace('T', ' ')} UTC`,
  )
  return <time dateTime={iso}>{text}</time>
}
