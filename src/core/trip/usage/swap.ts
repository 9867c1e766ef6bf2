/** What one finds of a cylinder that gave out, when one lifts it. */
export const swapFinds = ['empty', 'cold', 'not-told'] as const

export type SwapFind = (typeof swapFinds)[number]

export const swapFindWords: Readonly<Record<SwapFind, string>> = {
  empty: 'light: it is empty',
  cold: 'still heavy: only cold',
  'not-told': 'not lifted',
}

/** One cylinder taken over by another. */
export interface Swap {
  /** The one that gave out. */
  cylinderId: string
  /** The one opened in its place; null when there was none. */
  otherId: string | null
  /** ISO 8601. */
  swappedAt: string
  /** Whether the other had stayed shut until then; null when nobody knows. */
  otherShut: boolean | null
}
