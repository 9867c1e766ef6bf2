/** Problems of a file, from the route. */
export interface FileProblem {
  title: string
  issues: readonly { path: string; message: string; line?: number | null }[]
}

/**
 * Sends a file to a route of this application.
 *
 * @param path - of the route, with its query
 * @param file - as it was chosen
 * @returns its answer, or what it refuses the file for
 */
export async function sendFile<Answer>(
  path: string,
  file: File,
): Promise<{ ok: true; answer: Answer } | { ok: false; problem: FileProblem }> {
  try {
    const response = await fetch(path, { method: 'POST', body: file })
    const said: unknown = await response.json()
    return response.ok ? { ok: true, answer: said as Answer } : { ok: false, problem: said as FileProblem }
  } catch {
    return {
      ok: false,
      problem: { title: 'The server does not answer, or the file was changed while it was read.', issues: [] },
    }
  }
}
