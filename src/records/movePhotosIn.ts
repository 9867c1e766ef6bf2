import { eq, isNull } from 'drizzle-orm'
import fs from 'node:fs'
import path from 'node:path'
import { idField } from '@/records/archive/format/columnSchemas'
import { keepContent, photoTypeOf } from '@/records/repositories/photos'
import { manualPages } from '@/records/schema/heatTables'
import { photos } from '@/records/schema/schema'
import type { Database } from './databaseType'
import { write } from './write'

/** Until version 0.6.0 photos were files beside the records: takes their content into the records. The files stay. */
export function movePhotosIn(database: Database): void {
  const folder = path.join(/* turbopackIgnore: true */ path.dirname(database.$client.name), 'photos')
  if (!fs.existsSync(folder)) return
  for (const table of [photos, manualPages]) {
    const rows = database.select({ id: table.id }).from(table).where(isNull(table.contentHash)).all()
    for (const { id } of rows) {
      const file = path.join(folder, id)
      if (!idField.safeParse(id).success || !fs.existsSync(file)) continue
      const bytes = fs.readFileSync(file)
      if (!photoTypeOf(bytes)) continue
      write(database, (records) => {
        records
          .update(table)
          .set({ contentHash: keepContent(records, bytes) })
          .where(eq(table.id, id))
          .run()
      })
    }
  }
}
