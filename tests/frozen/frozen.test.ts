import { execFileSync } from 'node:child_process'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { temporaryDatabase } from '@tests/records/temporary'
import { calculations } from '@/app/api/v1/calc/calculations'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import type { Database } from '@/records/databaseType'
import { restoreBackup } from '@/records/archive/backup/restoreBackup'
import { findVerdict, listVerdicts } from '@/records/repositories/trips/verdicts'
import { importArchive } from '@/records/archive/import/importArchive'
import { readArchive } from '@/records/archive/import/readArchive'
import type { Finding } from '@/core/findings/Finding'
import {
  calculationLines,
  exportText,
  interfaceText,
  openFrozen,
  readFixture,
  readPacked,
  schemaText,
  sha256,
} from './fixtures'

// What each file holds, and what was changed on purpose, is in README.md.

function using<Result>(records: Database, read: (records: Database) => Result): Result {
  try {
    return read(records)
  } finally {
    records.$client.close()
  }
}

test('the demo records of 0.6.0 export the same bytes', () => {
  expect(using(openFrozen('demo.db.gz'), exportText)).toBe(readFixture('export.json'))
})

test('the five-year records of 0.6.0 export the same bytes', () => {
  expect(sha256(using(openFrozen('five-years.db.gz'), exportText))).toBe(readFixture('five-years.sha256'))
})

test.each(['export-version-1.json', 'export.json'])(
  '%s imports into empty records and exports the same bytes',
  (name) => {
    using(temporaryDatabase(), (records) => {
      importArchive(records, readArchive(Buffer.from(readFixture(name))), 'mine', false)
      expect(exportText(records)).toBe(readFixture('export.json'))
    })
  },
)

test('the backup of 0.6.0 restores', async () => {
  const records = temporaryDatabase()
  await restoreBackup(records, readPacked('backup.db.gz'), '2026-11-25T12:00:00.000Z')
  expect(using(records, exportText)).toBe(readFixture('export.json'))
})

/** Codes of 0.6.0 that have another name, are new, or are judged by another model since. */
const renamed = [
  'equipment-',
  'alarm-',
  'heater-lit-asleep',
  'gas-not-enough',
  'heat-gas-not-enough',
  'ventilation-short',
  'air-',
  'heater-hours-',
  // Bottles are looked at for the gas they were sold for.
  'look-over-unfinished',
]

/** Codes whose advice depends on the kind of cylinder since. */
const advised = ['cylinder-overfilled', 'refused-at-pump']

const comparable = (findings: unknown): unknown[] =>
  (findings as Finding[])
    .filter(({ code }) => !renamed.some((start) => code.startsWith(start)))
    .map(({ reason, ...finding }) => (advised.includes(finding.code) ? finding : { ...finding, reason }))

/** Sentences of 0.6.0 that say the same in other words since. */
const reworded: Readonly<Record<string, string>> = {
  'Carrying one on a road is an offence in the US, with a fine of up to $500,000 and five years; its valve may not close again. Leave it at home.':
    'Carrying one on a US road is an offense: up to $500,000 and five years. Its valve may not close again. Leave it at home.',
  'Nobody knows what is in {name}.': 'Weigh {name}: its contents are unknown.',
  '{name} is wanted full, and no pump would take it.': '{name} has to be full, and no pump would take it.',
  'Each branch wants a valve of its own: to shut off one appliance, and to find a leak branch by branch.':
    'Each branch needs a valve of its own: to shut off one appliance, and to find a leak branch by branch.',
  'Every joint that was touched can leak, and its neighbours with it.':
    'Every joint that was touched can leak, and its neighbors with it.',
}

const inWordsOfToday = (findings: unknown): unknown =>
  JSON.parse(JSON.stringify(findings), (_, value: unknown) =>
    typeof value === 'string' ? (reworded[value] ?? value) : value,
  )

test('the kept verdicts of 0.6.0 are read, and judging again gives the same findings', () => {
  using(openFrozen('demo.db.gz'), (records) => {
    const kept = ['larkspur', 'quarry-lake'].flatMap((tripId) =>
      listVerdicts(records, tripId).map(({ id }) => findVerdict(records, id)),
    )
    expect(kept.map((verdict) => verdict?.verdict)).toEqual(['stop', 'stop'])
    for (const verdict of kept) {
      if (!verdict) throw new Error('a verdict is gone')
      const again = judgeTrip(verdict.kept.gear, verdict.kept.plan, verdict.judgedAt)
      // Which way a number is rounded for display is new since, and the number after a name that another part carries.
      const findings: unknown = JSON.parse(
        JSON.stringify(again.findings, (key, value: unknown) =>
          key === 'rounded' ? undefined : value === 'Tee, 3/8 flare 2' ? 'Tee, 3/8 flare' : value,
        ),
      )
      const [now, then] = [comparable(findings), comparable(inWordsOfToday(verdict.kept.findings))]
      expect(now).toEqual(then)
    }
  })
})

test.each([
  ['a new file', () => temporaryDatabase()],
  ['the demo records of 0.6.0', () => openFrozen('demo.db.gz')],
])('tables, indexes and triggers of %s are the frozen ones', (_, open) => {
  expect(using(open(), schemaText)).toBe(readFixture('schema.json'))
})

test('the schema in code needs no further migration', () => {
  const copy = fs.mkdtempSync(path.join(os.tmpdir(), 'gold-kettle-drizzle-'))
  fs.cpSync('drizzle', copy, { recursive: true })
  const config = path.join(copy, 'config.json')
  const { schema } = JSON.parse(
    execFileSync(
      'node_modules/.bin/tsx',
      ['-e', `import c from './drizzle.config.ts'; console.log(JSON.stringify(c))`],
      {
        encoding: 'utf8',
      },
    ),
  ) as { schema: string[] }
  const out = path.relative('.', copy)
  fs.writeFileSync(config, JSON.stringify({ dialect: 'sqlite', schema, out, casing: 'snake_case' }))
  const said = execFileSync('node_modules/.bin/drizzle-kit', ['generate', '--config', config], { encoding: 'utf8' })
  expect(said).toContain('No schema changes')
  fs.rmSync(copy, { recursive: true })
})

test('every calculation route answers as in 0.6.0', async () => {
  const frozen = readFixture('calculations.json')
  const routes = new Set((JSON.parse(frozen) as { route: string; status: number }[]).map(({ route }) => route))
  expect([...routes].toSorted()).toEqual(Object.keys(calculations).toSorted())
  const now = await calculationLines()
  const then = frozen
    .split('\n')
    .slice(1, -2)
    .map((line) => line.replace(/,$/, ''))
  expect(now).toEqual(then)
}, 60_000)

test('the list of routes and the OpenAPI document are those of 0.6.0', async () => {
  expect(await interfaceText()).toBe(readFixture('interface.json'))
})
