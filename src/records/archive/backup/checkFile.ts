import { openBeside } from '@/records/openDatabase'
import { isDamage } from '@/records/storageErrorMessage'

/** What a check of a whole file found. */
export interface FileCheck {
  /** Whether a part of the file cannot be read. */
  isDamaged: boolean
  /** The first things that are wrong; none when the file is sound. */
  wrong: string[]
}

function pages(file: string): FileCheck {
  const records = openBeside(file)
  try {
    const said = records.$client.pragma('integrity_check(5)') as { integrity_check: string }[]
    const damage = said.map(({ integrity_check: line }) => line).filter((line) => line !== 'ok')
    const loose = (records.$client.pragma('foreign_key_check') as { table: string }[])
      .slice(0, 5)
      .map(({ table }) => `A row of ${table} refers to a row that is missing.`)
    return { isDamaged: damage.length > 0, wrong: [...damage, ...loose] }
  } finally {
    records.$client.close()
  }
}

/** Checks the whole file and every reference between its rows. */
export function checkFile(file: string): FileCheck {
  try {
    return pages(file)
  } catch (error) {
    if (!isDamage(error) || !(error instanceof Error)) throw error
    return { isDamaged: true, wrong: [`${error.message}.`] }
  }
}
