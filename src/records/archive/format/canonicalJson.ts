/** JSON with sorted keys, so that equal content gives equal text. */
function sortFindings(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sortFindings)
  if (value === null || typeof value !== 'object') return value
  const entries = Object.entries(value).filter(([, held]) => held !== undefined)
  return Object.fromEntries(
    entries.toSorted(([a], [b]) => (a < b ? -1 : 1)).map(([key, held]) => [key, sortFindings(held)]),
  )
}

/** JSON with keys in order: the same content gives the same bytes. */
export function canonicalJson(value: unknown): string {
  return JSON.stringify(sortFindings(value))
}
