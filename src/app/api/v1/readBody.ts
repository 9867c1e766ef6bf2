/** This much more is read and discarded, so that the sender gets an answer instead of a broken connection. */
const LET_GO = 8 * 1024 * 1024

/**
 * Reads a request body up to a limit, even if it does not state its length.
 *
 * @param request - with an unread body
 * @param longest - bytes
 * @returns null when it is longer
 */
export async function readBody(request: Request, longest: number): Promise<Buffer | null> {
  const parts: Uint8Array[] = []
  let length = 0
  const reader = request.body?.getReader()
  for (;;) {
    const next = await reader?.read()
    if (!next || next.done) return length > longest ? null : Buffer.concat(parts)
    length += next.value.length
    if (length > longest + LET_GO) {
      await reader?.cancel()
      return null
    }
    if (length <= longest) parts.push(next.value)
  }
}
