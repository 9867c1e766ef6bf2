import path from 'node:path'

/** Where the owner's records lie: `GOLD_KETTLE_DB`, or `data/gold-kettle.db` beside the program. */
export function databasePath(): string {
  const set = process.env.GOLD_KETTLE_DB?.trim()
  return path.resolve(/* turbopackIgnore: true */ set || path.join('data', 'gold-kettle.db'))
}
