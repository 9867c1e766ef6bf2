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
    if (!next || next.done) return Buffer.concat(parts)
    length += next.value.length
    if (length > longest) {
      await reader?.cancel()
      return null
    }
    parts.push(next.value)
  }
}
