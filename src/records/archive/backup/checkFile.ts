import { openBeside } from '@/records/openDatabase'

/**
 * Checks the whole file and every reference between its rows.
 *
 * @returns the first things that are wrong; none when the file is sound
 */
export function checkFile(file: string): { wrong: string[] } {
  const records = openBeside(file)
  try {
    const said = (records.$client.pragma('integrity_check(5)') as { integrity_check: string }[]).map(
      ({ integrity_check: line }) => line,
    )
    const loose = (records.$client.pragma('foreign_key_check') as { table: string }[])
      .slice(0, 5)
      .map(({ table }) => `A row of ${table} refers to a row that is missing.`)
    return { wrong: [...said.filter((line) => line !== 'ok'), ...loose] }
  } finally {
    records.$client.close()
  }
}
