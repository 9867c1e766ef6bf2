import type { FileProblem } from './sendFile'

/** What a file was refused for, place by place. */
export function FileIssues({ problem }: { problem: FileProblem }) {
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
      <p className="mb-0">Nothing was changed.</p>
    </div>
  )
}
