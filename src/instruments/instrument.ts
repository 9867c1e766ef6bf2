import type { Quantity } from '@/core/base/quantity'

/** What an outside device shows at one moment. */
export interface Reading {
  quantity: Quantity
  /** It has not moved by more than a step for three seconds. */
  steady: boolean
}

/** An outside device, real or simulated: the program knows it by nothing else. */
export interface Instrument {
  id: string
  name: string
  /** Reading at a moment; moments only ever go forward. */
  read: (nowMs: number) => Reading
}
