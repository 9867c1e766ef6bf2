import type { Phrase } from '@/core/base/quantity'

/** One block of the card. */
export interface CardBlock {
  title: string
  lines: readonly Phrase[]
  /** Said in smaller type: what it rests on. */
  isSmall?: boolean
}
