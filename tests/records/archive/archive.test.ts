import { gzipSync } from 'node:zlib'
import { listCylinders, saveCylinder } from '@/records/repositories/cylinders/cylinders'
import type { Database } from '@/records/databaseType'
import { voidEvent } from '@/records/repositories/events'
import { addPhoto, readPhoto } from '@/records/repositories/photos'
import { addRig, findRig, listRigs } from '@/records/repositories/rigs/rigs'
import { addTrip, findTrip, saveTrip } from '@/records/repositories/trips/trips'
import { addWeighing, listWeighings } from '@/records/repositories/cylinders/weighings'
import { copyRig } from '@/records/archive/import/copyRig'
import { exportArchive } from '@/records/archive/export/exportArchive'
import { readArchive } from '@/records/archive/import/readArchive'
import { archiveJsonSchema } from '@/records/archive/format/archiveSchema'
import { FileError } from '@/records/archive/import/FileError'
import { importArchive, type ConflictChoice } from '@/records/archive/import/importArchive'
import { rowSchema } from '@/records/archive/format/rowSchema'
import { tableCsv } from '@/records/archive/export/tableCsv'
import { archiveTables } from '@/records/archive/format/archiveTables'
import { serializeArchive } from '@/records/archive/export/serializeArchive'
import { writeDemoRecords } from '../../../scripts/demo/writeDemoRecords'
import { temporaryDatabase } from '@tests/records/temporary'

const PNG = Buffer.concat([Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'), Buffer.from('collar')])
let mine: Database
let theirs: Database

beforeEach(() => {
  mine = temporaryDatabase()
  writeDemoRecords(mine, new Date('2026-11-24T12:00:00Z'))
  theirs = temporaryDatabase()
})
afterEach(() => {
  mine.$client.close()
  theirs.$client.close()
})

const out = (records: Database): string => serializeArchive(exportArchive(records))
const take = (records: Database, text: string, standing: ConflictChoice = 'mine', isTrial = false) =>
  importArchive(records, readArchive(Buffer.from(text)), standing, isTrial)
/** As a program writes it that changes rows. */
const withoutHashes = (text: string): string => text.replace(/"hashes": \{[^}]*\},\n/, '')
const total = (report: ReturnType<typeof take>, what: 'added' | 'same' | 'voided'): number =>
  report.reduce((sum, change) => sum + change[what], 0)

test('export, import into empty records, and export again: the same bytes, photos too', () => {
  addPhoto(mine, 'left', PNG, '2026-11-20T10:00:00Z', 'collar-1')
  const text = out(mine)
  const report = take(theirs, text)
  expect(total(report, 'added')).toBeGreaterThan(80)
  expect(out(theirs)).toBe(text)
  expect(readPhoto(theirs, 'collar-1')?.bytes).toEqual(PNG)
  expect(take(theirs, text).every(({ added, differing }) => added === 0 && differing.length === 0)).toBe(true)
})

test('compressed by gzip it is the same file', () => {
  const text = out(mine)
  expect(serializeArchive(readArchive(gzipSync(text)))).toBe(text)
})

test('every table that holds an owner’s data is exported, with every column', () => {
  const named = mine.$client
    .prepare(`SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'`)
    .pluck()
    .all()
  // Facts belong to the file, such as that it is the demo; migrations to the program; photos are exported as files.
  const outside = ['facts', '__drizzle_migrations', 'photo_contents']
  const inside = named.filter((name) => !outside.includes(String(name)))
  expect(archiveTables.map(({ name }) => name).toSorted()).toEqual(inside.toSorted())
  for (const { name, table } of archiveTables) {
    const columns = mine.$client.prepare(`SELECT count(*) FROM pragma_table_info(?)`).pluck().get(name)
    expect(Object.keys(rowSchema(table).shape)).toHaveLength(Number(columns))
  }
})

test('a dry run changes nothing and reports the same', () => {
  const text = out(mine)
  const before = out(theirs)
  const trial = take(theirs, text, 'mine', true)
  expect(out(theirs)).toBe(before)
  expect(take(theirs, text)).toEqual(trial)
})

describe('where both have it and differ', () => {
  beforeEach(() => {
    take(theirs, out(mine))
    saveCylinder(theirs, 'left', 1, { name: 'Front cylinder', tareKg: 8 })
  })

  test('it is reported with the fields, and mine stays unless asked otherwise', () => {
    const cylinders = take(mine, out(theirs)).find(({ table }) => table === 'cylinders')
    expect(cylinders?.differing).toEqual([
      { id: 'left', name: 'Front cylinder', fields: ['name', 'tareKg', 'version'] },
    ])
    expect(listCylinders(mine, 'marigold')[0]?.row.name).toBe('Left cylinder')
  })

  test('theirs replaces it under a version later than both', () => {
    take(mine, out(theirs), 'theirs')
    expect(listCylinders(mine, 'marigold')[0]?.row).toMatchObject({ name: 'Front cylinder', version: 2 })
  })

  test('an imported trip has the file’s appliance uses and no others', () => {
    saveTrip(theirs, 'larkspur', 1, {
      name: 'Larkspur Saddle',
      startDay: '2026-12-04',
      nights: 2,
      altitudeM: 2410,
      coldestK: null,
      reserveShare: 0.2,
      uses: [{ applianceId: 'panel', burnPerDayS: 3600 }],
    })
    take(mine, out(theirs), 'theirs')
    expect(findTrip(mine, 'larkspur')?.plan.uses.map(({ id }) => id)).toEqual(['panel'])
  })
})

describe('events', () => {
  const weighing = {
    cylinderId: 'left',
    grossKg: 14,
    hangingKg: 0,
    source: 'typed',
    weighedAt: '2026-11-24T08:00:00.000Z',
  } as const

  test('are added, and nothing that only one side has is lost', () => {
    take(theirs, out(mine))
    addWeighing(theirs, weighing, 'theirs')
    addWeighing(mine, { ...weighing, grossKg: 15 }, 'mine')
    expect(total(take(mine, out(theirs)), 'added')).toBe(1)
    expect(listWeighings(mine, 'left').map(({ id }) => id)).toEqual(expect.arrayContaining(['mine', 'theirs']))
  })

  test('a void from the other side is taken over; a void on this side stays', () => {
    addWeighing(mine, weighing, 'one')
    take(theirs, out(mine))
    voidEvent(theirs, 'weighing', 'one', '2026-11-24T09:00:00.000Z', 'adapter on it')
    expect(total(take(mine, out(theirs)), 'voided')).toBe(1)
    expect(listWeighings(mine, 'left').find(({ id }) => id === 'one')?.voidReason).toBe('adapter on it')
    const other = withoutHashes(out(theirs))
      .replace('"voidReason":"adapter on it"', '"voidReason":null')
      .replace('"voidedAt":"2026-11-24T09:00:00.000Z"', '"voidedAt":null')
    take(mine, other)
    expect(listWeighings(mine, 'left').find(({ id }) => id === 'one')?.voidReason).toBe('adapter on it')
  })

  test('an instant is the same however a file writes it, and is kept in UTC', () => {
    addWeighing(mine, weighing, 'one')
    const text = withoutHashes(out(mine)).replaceAll('2026-11-24T08:00:00.000Z', '2026-11-24T01:00:00-07:00')
    expect(text).toContain('"weighedAt":"2026-11-24T01:00:00-07:00"')
    expect(total(take(mine, text), 'added')).toBe(0)
    take(theirs, text)
    expect(listWeighings(theirs, 'left').find(({ id }) => id === 'one')?.weighedAt).toBe('2026-11-24T08:00:00.000Z')
  })

  test('are never changed: a file that differs is refused as a whole, with the place', () => {
    addWeighing(mine, weighing, 'one')
    const text = out(mine)
    const before = text
    const forged = withoutHashes(text).replace('"grossKg":14,', '"grossKg":11,')
    expect(forged).not.toBe(text)
    expect(() => take(mine, forged, 'theirs')).toThrow(FileError)
    try {
      take(mine, forged, 'theirs')
    } catch (error) {
      expect((error as FileError).issues[0]).toMatchObject({
        path: expect.stringMatching(/^tables\.weighings\.\d+$/),
        message: expect.stringContaining('never changed'),
      })
    }
    expect(out(mine)).toBe(before)
  })
})

describe('a rig alone', () => {
  test('has its gear, dates and warm-ups, and no history, trips, prices or photos', () => {
    addPhoto(mine, 'left', PNG, '2026-11-20T10:00:00Z')
    addRig(mine, 'Other', 'other')
    const { tables, files, part } = exportArchive(mine, 'marigold')
    expect(part).toBe('rig')
    expect(tables.rigs?.map(({ id }) => id)).toEqual(['marigold'])
    for (const name of ['cylinders', 'marks', 'lines', 'rooms', 'heaters', 'appliances', 'equipment', 'warm_ups']) {
      expect(tables[name]?.length).toBeGreaterThan(0)
    }
    for (const name of ['weighings', 'trips', 'offers', 'ticks', 'verdicts', 'photos']) expect(tables[name]).toEqual([])
    expect(files).toEqual({})
    take(theirs, serializeArchive(exportArchive(mine, 'marigold')))
    expect(listCylinders(theirs, 'marigold')).toHaveLength(7)
  })

  test('copied: the same gear under new ids that agree with each other, and the first is untouched', () => {
    const before = out(mine)
    const id = copyRig(mine, 'marigold', 'Marigold the second')
    expect(listRigs(mine).map(({ name }) => name)).toEqual(['Marigold', 'Marigold the second'])
    expect(findRig(mine, id)).toMatchObject({ version: 1, ruleSetId: 'ten-then-five' })
    const first = exportArchive(mine, 'marigold').tables
    const second = exportArchive(mine, id).tables
    for (const { name } of archiveTables) expect([name, second[name]?.length]).toEqual([name, first[name]?.length])
    // Equal names of other things, such as the kind of a part, stay unchanged.
    const house = ({ lines = [] }: typeof first) => lines.find((row) => row.name === 'House line')
    const kinds = (row: ReturnType<typeof house>): string[] =>
      (row?.line as { parts: { typeId: string }[] }).parts.map(({ typeId }) => typeId)
    expect(kinds(house(second))).toEqual(kinds(house(first)))
    const named = [...JSON.stringify(second).matchAll(/"(?:cylinder|appliance|equipment|heater|rig)Id":"([^"]*)"/g)]
    const old = new Set(Object.values(first).flatMap((rows) => rows.map((row) => row.id)))
    expect(named.length).toBeGreaterThan(20)
    expect(named.filter(([, name]) => old.has(name))).toEqual([])
    expect(serializeArchive(exportArchive(mine, 'marigold'))).toBe(
      serializeArchive({ ...exportArchive(mine, 'marigold'), tables: first }),
    )
    expect(out(mine)).not.toBe(before)
  })
})

describe('tables for a spreadsheet', () => {
  const csv = (name: string): string => {
    const one = archiveTables.find((table) => table.name === name)
    if (!one) throw new Error(name)
    return tableCsv(mine, one)
  }

  test('a header, a row for each record, line ends by RFC 4180', () => {
    const lines = csv('weighings').split('\r\n')
    expect(lines[0]).toBe('id,cylinderId,weighedAt,grossKg,hangingKg,source,voidedAt,voidReason,recordedAt,sequence')
    expect(lines.at(-1)).toBe('')
    expect(lines).toHaveLength(exportArchive(mine).tables.weighings!.length + 2)
  })

  test('a name that a spreadsheet would read as a formula is escaped; quotes and commas are kept', () => {
    saveCylinder(mine, 'left', 1, { name: '=HYPERLINK("x","y")' })
    saveCylinder(mine, 'right', 1, { name: '+1, "two"' })
    const text = csv('cylinders')
    expect(text).toContain(`"'=HYPERLINK(""x"",""y"")"`)
    expect(text).toContain(`"'+1, ""two"""`)
    expect(text).not.toMatch(/(^|,)"?[=+@]/m)
  })

  test('a negative number stays a number', () => {
    addTrip(mine, 'marigold', { ...findTrip(mine, 'larkspur')!.row, altitudeM: -80, uses: [] }, 'low')
    expect(csv('trips')).toMatch(/,-80,/)
  })
})

test('the published schema accepts an export, by name and version, and describes each table', () => {
  const schema = archiveJsonSchema() as { properties: Record<string, { properties?: object }>; required: string[] }
  expect(schema.required).toEqual(['format', 'version', 'part', 'tables', 'files'])
  expect(Object.keys(schema.properties)).toContain('hashes')
  expect(Object.keys(schema.properties.tables?.properties ?? {})).toEqual(archiveTables.map(({ name }) => name))
})

test('an export of version 2 has no sources: its quantities were entered', () => {
  const { tables, ...rest } = JSON.parse(withoutHashes(out(mine))) as {
    tables: Record<string, Record<string, unknown>[]>
  }
  const older = Object.entries(tables).map(([name, rows]) => [
    name,
    rows.map(({ sources: _sources, shell: _shell, ratedInputW: _rated, ...row }) => row),
  ])
  take(theirs, JSON.stringify({ ...rest, version: 2, tables: Object.fromEntries(older) }))
  expect(listCylinders(theirs, 'marigold')).toHaveLength(7)
  expect(listCylinders(theirs, 'marigold')[0]?.row.sources).toEqual({})
})
