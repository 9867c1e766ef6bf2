/**
 * A short identifier that is unique within a document.
 *
 * Not by `crypto.randomUUID`, which browsers allow only on secure pages, and a
 * phone on the tongue does.
 *
 * @param prefix - names the kind
 */
export function newId(prefix: string): string {
  const bytes = crypto.getRandomValues(new Uint8Array(5))
  return `${prefix}-${[...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')}`
}
