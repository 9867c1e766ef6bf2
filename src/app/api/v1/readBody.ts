/** So much more is read and let go, so that who sends it gets an answer and not a cut line. */
const LET_GO = 8 * 1024 * 1024

/**
 * The body of a request, read no further than allowed: a body that does not say its length is not believed.
 *
 * @param request - whose body was not read yet
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
