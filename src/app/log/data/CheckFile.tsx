'use client'

import Button from 'react-bootstrap/Button'
import { checkRecordsAction } from '@/actions/log'
import { useSave } from '@/ui/state/useSave'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Button that checks the whole file. */
export function CheckFile() {
  const { save, saving, issueAt } = useSave(checkRecordsAction)
  const words = { idle: '', saving: 'Checking …', saved: sharedLabels.theFileIsSound, refused: '' }[saving.state]
  return (
    <div className="save-line">
      <Button variant="outline-primary" disabled={saving.state === 'saving'} onClick={() => void save({})}>
        {sharedLabels.checkFile}
      </Button>
      <span role="status" className="word-state">
        {words}
      </span>
      {issueAt('') && (
        <p className="issue" role="alert">
          {issueAt('')}
        </p>
      )}
    </div>
  )
}
