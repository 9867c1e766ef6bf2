import { format } from 'date-fns'

/** The day it is where the server stands, which is the owner's own machine: `2026-11-24`. */
export function today(): string {
  return format(new Date(), 'yyyy-MM-dd')
}
