/** Runs once when the server starts, before the first request. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { startProgram } = await import('@/services/startProgram')
  startProgram()
}

/** A request failed: notes damage of the records, so that the next request leads to the recovery page. */
export async function onRequestError(error: unknown): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { noteDamage } = await import('@/records/database')
  noteDamage(error)
}
