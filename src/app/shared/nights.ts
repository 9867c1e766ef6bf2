import { sharedLabels } from '@/ui/terms/sharedLabels'

/** A number of nights, as text. */
export function formatNights(nights: number): string {
  return `${nights} ${nights === 1 ? 'night' : 'nights'}`
}

/** Reads the field of nights, or gives a sentence. */
export function readNights(text: string): { nights: number; issue: string | null } {
  const nights = Number(text.trim())
  const isRight = Number.isInteger(nights) && nights >= 1 && nights <= 366
  return { nights, issue: isRight ? null : sharedLabels.enterAWholeNumberOfNights }
}
