import path from 'node:path'

/** Path of the records: `GOLD_KETTLE_DB`, or `data/gold-kettle.db` in the project. */
export function databasePath(): string {
  const set = process.env.GOLD_KETTLE_DB?.trim()
  return path.resolve(/* turbopackIgnore: true */ set || path.join('data', 'gold-kettle.db'))
}
