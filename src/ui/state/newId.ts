/**
 * A short identifier that nothing else in the same line carries.
 *
 * Not by `crypto.randomUUID`, which browsers keep from pages that came over the home network without encryption, and a
 * phone on the tongue does.
 *
 * @param prefix - says what it names
 */
export function newId(prefix: string): string {
  const bytes = crypto.getRandomValues(new Uint8Array(5))
  return `${prefix}-${[...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')}`
}
