'use client'

import { format, parseISO } from 'date-fns'

/** A moment where the reader is; the server may sit in another time zone, so the browser has the last word. */
export function Moment({ iso }: { iso: string }) {
  return (
    <time dateTime={iso} suppressHydrationWarning>
      {format(parseISO(iso), 'd MMM yyyy, HH:mm')}
    </time>
  )
}
