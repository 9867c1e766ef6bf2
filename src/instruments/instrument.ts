import type { Quantity } from '@/core/base/quantity'

/** Reading of an outside device. */
export interface Reading {
  quantity: Quantity
  /** It has not moved by more than a step for three seconds. */
  steady: boolean
}

/** Interface of an outside device, real or simulated. */
export interface Instrument {
  id: string
  name: string
  /** Reading at a moment; moments only ever go forward. */
  read: (nowMs: number) => Reading
}
