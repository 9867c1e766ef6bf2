import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import type { Database } from '@/records/databaseType'
import { openDatabase } from '@/records/openDatabase'

/** A path for a database in a temporary folder. */
export function temporaryFile(): string {
  return path.join(fs.mkdtempSync(path.join(os.tmpdir(), 'gold-kettle-')), 'records.db')
}

/** Opens new records in a file of their own. */
export function temporaryDatabase(): Database {
  return openDatabase(temporaryFile())
}
