import fc from 'fast-check'
import { anyArchive } from '@tests/archives'
import { openDatabase } from '@/records/openDatabase'
import { write } from '@/records/write'
import { exportArchive } from '@/records/archive/export/exportArchive'
import { readArchive } from '@/records/archive/import/readArchive'
import { importArchive } from '@/records/archive/import/importArchive'
import type { Archive } from '@/records/archive/format/Archive'
import { serializeArchive } from '@/records/archive/export/serializeArchive'

// Run by generatedArchives.test.ts: inside the test runner it would take five times as long.
const records = openDatabase(process.argv[2] ?? '')
const runs = Number(process.argv[3])

class Undo extends Error {}

/** Imports an archive into empty records, exports it again, and empties the records. */
function throughEmpty(archive: Archive): string {
  let text = ''
  try {
    write(records, () => {
      importArchive(records, archive, 'mine', false)
      text = serializeArchive(exportArchive(records))
      throw new Undo()
    })
  } catch (error) {
    if (!(error instanceof Undo)) throw error
  }
  return text
}

let rows = 0
fc.assert(
  fc.property(anyArchive, (archive) => {
    const first = throughEmpty(archive)
    const read = readArchive(Buffer.from(first))
    rows += Object.values(read.tables).flat().length
    const isWhole = Object.values(archive.tables).flat().length === Object.values(read.tables).flat().length
    return isWhole && throughEmpty(read) === first
  }),
  { numRuns: runs },
)
process.stdout.write(JSON.stringify({ runs, rows }))
