import type { Opening, OpeningCondition } from '@/core/heat/room/room'

/** Share of an opening that still lets air through. [common practice] A screen is half wire; ice may close altogether. */
export const conditionShare: Readonly<Record<OpeningCondition, number>> = {
  clear: 1,
  screened: 0.5,
  iced: 0.25,
  blocked: 0,
}

/**
 * Area of an opening that counts: its width times how far it stands open, at most its hole, less what screens or ices it.
 *
 * @param opening - as it stands
 * @returns m²; a window 24 in wide opened ½ in is 12 in²
 */
export function openAreaM2({ widthM, heightM, openM, condition }: Opening): number {
  return widthM * Math.min(openM, heightM) * conditionShare[condition]
}
