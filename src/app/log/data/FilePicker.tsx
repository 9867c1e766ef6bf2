import Form from 'react-bootstrap/Form'
import type { FileProblem } from './sendFile'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** What a file was refused for, place by place. */
function FileIssues({ problem }: { problem: FileProblem }) {
  return (
    <div role="alert" className="file-issues">
      <p className="issue">{problem.title}</p>
      <ul>
        {problem.issues.map(({ path, message, line }) => (
          <li key={`${path} ${message}`}>
            {typeof line === 'number' && <b>Line {line}: </b>}
            {path !== '' && <code>{path}</code>} {message}
          </li>
        ))}
      </ul>
      <p className="mb-0">{sharedLabels.nothingWasChanged}</p>
    </div>
  )
}

/** File picker with the problems of the file. */
export function FilePicker({
  id,
  label,
  accept,
  reading,
  upload: { look, busy, problem },
}: {
  id: string
  label: string
  accept: string
  /** Said while it is being read. */
  reading: string
  upload: { look: (file: File) => void; busy: boolean; problem: FileProblem | null }
}) {
  return (
    <>
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Control
        id={id}
        type="file"
        accept={accept}
        onChange={(event) => {
          const input = event.target as HTMLInputElement
          const file = input.files?.[0]
          if (file) look(file)
        }}
        // The same file may be chosen again, after it was fixed.
        onClick={(event) => {
          event.currentTarget.value = ''
        }}
      />
      <p role="status" className="word-state">
        {busy ? reading : ''}
      </p>
      {problem && <FileIssues problem={problem} />}
    </>
  )
}
