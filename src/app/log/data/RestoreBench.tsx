'use client'

import { DateTime } from '@/ui/figures/DateTime'
import { FilePicker } from './FilePicker'
import { ImportActions } from './ImportActions'
import { useFileUpload } from './useFileUpload'
import { sharedLabels } from '@/ui/terms/sharedLabels'

interface Head {
  rigs: readonly string[]
  rows: number
  photos: number
  madeAt: string | null
  isVerifiable: boolean
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
      <FilePicker id="restore-file" label={sharedLabels.backupDb} accept=".db" reading="Proving it …" upload={upload} />
      {shown && (
        <div className="import-preview">
          <p>
            The backup is whole: {shown.answer.rigs.join(', ') || 'no rig'}, {shown.answer.rows} rows,{' '}
            {shown.answer.photos} photos.{' '}
            {shown.answer.isVerifiable && shown.answer.madeAt ? (
              <>
                Made <DateTime iso={shown.answer.madeAt} />; its content is as it was written.
              </>
            ) : (
              'An older version made it. It cannot prove that its content is as it was written.'
            )}
          </p>
          <ImportActions
            label={sharedLabels.putItInPlaceOfEverything}
            done={`${shown.file.name} restored; what was here lies in “backups” beside the records`}
            upload={upload}
          />
        </div>
      )}
    </section>
  )
}
