import { createHash } from 'node:crypto'
import fs from 'node:fs'
import path from 'node:path'
import { gunzipSync } from 'node:zlib'
import { call } from '@tests/api/call'
import { temporaryFile } from '@tests/records/temporary'
import { GET as calculationIndex } from '@/app/api/v1/calc/route'
import { openApi } from '@/app/api/v1/openApi'
import type { Database } from '@/records/databaseType'
import { openDatabase } from '@/records/openDatabase'
import { exportArchive } from '@/records/archive/export/exportArchive'
import { serializeArchive } from '@/records/archive/export/serializeArchive'

const folder = path.resolve('tests/frozen')

export const readFixture = (name: string): string => fs.readFileSync(path.join(folder, name), 'utf8')
export const readPacked = (name: string): Buffer => gunzipSync(fs.readFileSync(path.join(folder, name)))
export const sha256 = (text: string): string => `${createHash('sha256').update(text).digest('hex')}\n`

/** Opens a copy of a frozen database with its photo. */
export function openFrozen(name: 'demo.db.gz' | 'five-years.db.gz'): Database {
  const file = temporaryFile()
  fs.writeFileSync(file, readPacked(name))
  if (name === 'demo.db.gz') {
    const { files } = JSON.parse(readFixture('export-version-1.json')) as { files: Record<string, string> }
    for (const [id, base64] of Object.entries(files)) {
      fs.mkdirSync(path.join(path.dirname(file), 'photos'), { recursive: true })
      fs.writeFileSync(path.join(path.dirname(file), 'photos', id), Buffer.from(base64, 'base64'))
    }
  }
  return openDatabase(file)
}

export const exportText = (database: Database): string => serializeArchive(exportArchive(database))

/** Tables, indexes and triggers as stored in SQLite. */
export function schemaText(database: Database): string {
  const rows = database.$client
    .prepare(
      `SELECT type, name, sql FROM sqlite_master
       WHERE type IN ('trigger', 'index', 'table') AND sql IS NOT NULL ORDER BY type, name`,
    )
    .all()
  return `${JSON.stringify(rows, null, 1)}\n`
}

/** Answers every frozen request again, one line each. */
export async function calculationLines(): Promise<string[]> {
  const cases = JSON.parse(readFixture('calculations.json')) as { route: string; body: unknown }[]
  const lines: string[] = []
  for (const { route, body } of cases) {
    const { status, json: answer } = await call(route, body)
    lines.push(JSON.stringify({ route, body, status, answer }))
  }
  return lines
}

export async function interfaceText(): Promise<string> {
  return `${JSON.stringify({ index: await calculationIndex().json(), openApi: openApi('0.6.0') }, null, 1)}\n`
}
