/** So many nights, in words. */
export function nightsWords(nights: number): string {
  return `${nights} ${nights === 1 ? 'night' : 'nights'}`
}
