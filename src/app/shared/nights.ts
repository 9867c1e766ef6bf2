/** So many nights, in words. */
export function formatNights(nights: number): string {
  return `${nights} ${nights === 1 ? 'night' : 'nights'}`
}

/** What the field of nights comes to, or a sentence. */
export function readNights(text: string): { nights: number; issue: string | null } {
  const nights = Number(text.trim())
  const isRight = Number.isInteger(nights) && nights >= 1 && nights <= 366
  return { nights, issue: isRight ? null : 'Enter a whole number of nights, 1 to 366.' }
}
