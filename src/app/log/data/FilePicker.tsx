import Form from 'react-bootstrap/Form'
import { FileIssues } from './FileIssues'
import type { FileProblem } from './sendFile'

/** Chooses a file to be looked at, and says what is wrong with it. */
export function FilePicker({
  id,
  label,
  accept,
  reading,
  desk: { look, busy, problem },
}: {
  id: string
  label: string
  accept: string
  /** Said while it is being read. */
  reading: string
  desk: { look: (file: File) => void; busy: boolean; problem: FileProblem | null }
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
        // The same file may be chosen again, after it was mended.
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
