function randomHex(count: number): string {
  const bytes = crypto.getRandomValues(new Uint8Array(count))
  return [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
}

/**
 * A short identifier that is unique within a document.
 *
 * Not by `crypto.randomUUID`, which browsers allow only on secure pages, and a
 * phone on the tongue does.
 *
 * @param prefix - names the kind
 */
export function newId(prefix: string): string {
  return `${prefix}-${randomHex(5)}`
}

/** A key that no other request has. */
export function newKey(): string {
  return randomHex(16)
}
