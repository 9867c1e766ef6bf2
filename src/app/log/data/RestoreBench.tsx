'use client'

import { FilePicker } from './FilePicker'
import { ImportActions } from './ImportActions'
import { useFileUpload } from './useFileUpload'

interface Head {
  rigs: readonly string[]
  rows: number
  photos: number
}

/** Restores a backup: verified first, with a copy of the present records. */
export function RestoreBench() {
  const upload = useFileUpload<Head>((mode) => `/api/v1/restore?mode=${mode}`)
  const { shown } = upload
  return (
    <section aria-label="Restore">
      <h2>Restore</h2>
      <p>
        A backup takes the place of everything here. The file is proved first, and what is here now is kept beside it.
      </p>
      <FilePicker id="restore-file" label="Backup (.db)" accept=".db" reading="Proving it …" upload={upload} />
      {shown && (
        <div className="import-preview">
          <p>
            Whole and ours: {shown.answer.rigs.join(', ') || 'no rig'}, {shown.answer.rows} rows, {shown.answer.photos}{' '}
            pictures.
          </p>
          <ImportActions
            label="Put it in place of everything"
            done={`${shown.file.name} restored; what was here lies in “backups” beside the records`}
            upload={upload}
          />
        </div>
      )}
    </section>
  )
}
