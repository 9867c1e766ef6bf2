import { binding } from '@/services/access/servedHosts'
import { fileState, upkeepProblem } from '@/services/backups/automaticBackups'
import { DateTime } from '@/ui/figures/DateTime'
import { CheckFile } from './CheckFile'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Where the records are, how old the newest automatic backup is, and when the file was checked. */
export function FileState() {
  const { file, newest, checkedAt } = fileState()
  const problem = upkeepProblem()
  return (
    <section aria-label="Your file" className="mb-4">
      <h2>Your file</h2>
      <dl className="file-state">
        <dt>Records</dt>
        <dd>{file}</dd>
        <dt>Newest automatic backup</dt>
        <dd>{newest ? <DateTime iso={newest.madeAt.toISOString()} /> : 'none yet'}</dd>
        <dt>Whole file checked</dt>
        <dd>{checkedAt ? <DateTime iso={checkedAt} /> : 'not yet'}</dd>
      </dl>
      {problem !== null && (
        <p className="issue" role="alert">
          {problem}
        </p>
      )}
      <CheckFile />
      {binding().isOpen && (
        <form method="post" action="/sign-out" className="mt-3">
          <button type="submit" className="btn btn-outline-primary">
            {sharedLabels.signOutEverywhere}
          </button>
        </form>
      )}
    </section>
  )
}
