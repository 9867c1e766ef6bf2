'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import type { ConflictChoice, ImportReport } from '@/services/archive/imports'
import { FilePicker } from './FilePicker'
import { ImportActions } from './ImportActions'
import { useFileUpload } from './useFileUpload'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const words = (table: string): string => table.replaceAll('_', ' ')

/** What a file would change, before it does. */
function Preview({ report }: { report: ImportReport }) {
  const touched = report.filter(({ added, voided, differing }) => added + voided + differing.length > 0)
  if (touched.length === 0) return <p>All of it stands here already: nothing would change.</p>
  return (
    <ul className="import-report">
      {touched.map(({ table, added, voided, differing }) => (
        <li key={table}>
          <b>{words(table)}</b>: {added > 0 && `${added} new`}
          {voided > 0 && ` ${voided} voided`}
          {differing.length > 0 && (
            <>
              {' '}
              {differing.length} that stand here otherwise
              <ul>
                {differing.slice(0, 8).map(({ id, name, fields }) => (
                  <li key={id}>
                    {name || id}: {fields.join(', ')}
                  </li>
                ))}
                {differing.length > 8 && <li>and {differing.length - 8} more</li>}
              </ul>
            </>
          )}
        </li>
      ))}
    </ul>
  )
}

/** Imports a file: preview first, then all or nothing. */
export function ImportBench() {
  const [standing, setStanding] = useState<ConflictChoice>('mine')
  const upload = useFileUpload<{ report: ImportReport }>((mode) => `/api/v1/import?mode=${mode}&standing=${standing}`)
  const { shown } = upload
  const report = shown?.answer.report ?? []
  const differs = report.some(({ differing }) => differing.length > 0)
  return (
    <section aria-label="Import">
      <h2>Import</h2>
      <p>An export, or a rig from a friend. What would change is shown first; nothing of yours is taken away.</p>
      <FilePicker
        id="import-file"
        label={sharedLabels.fileJsonPackedByGzipOr}
        accept=".json,.gz,application/json"
        reading="Reading …"
        upload={upload}
      />
      {shown && (
        <div className="import-preview">
          <h3>{shown.file.name}</h3>
          <Preview report={report} />
          {differs && (
            <fieldset>
              <legend>Where both have it and differ</legend>
              <Form.Check
                type="radio"
                id="standing mine"
                name="standing"
                label="Mine stands"
                checked={standing === 'mine'}
                onChange={() => setStanding('mine')}
              />
              <Form.Check
                type="radio"
                id="standing theirs"
                name="standing"
                label={sharedLabels.theFilesTakesItsPlace}
                checked={standing === 'theirs'}
                onChange={() => setStanding('theirs')}
              />
            </fieldset>
          )}
          <ImportActions label={sharedLabels.takeItIn} done={`${shown.file.name} taken in`} upload={upload} />
        </div>
      )}
    </section>
  )
}
