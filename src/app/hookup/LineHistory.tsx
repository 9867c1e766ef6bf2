import type { StoredLineChange } from '@/records/lines'
import { Moment } from '@/ui/Moment'

/** What was done to a line, newest first. */
export function LineHistory({ changes }: { changes: readonly StoredLineChange[] }) {
  if (changes.length === 0) return null
  return (
    <section className="history" aria-label="History of the line">
      <h2>What was done to it</h2>
      <div className="table-scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">When</th>
              <th scope="col">What</th>
            </tr>
          </thead>
          <tbody>
            {changes.map(({ id, changedAt, words }) => (
              <tr key={id}>
                <td>
                  <Moment iso={changedAt} />
                </td>
                <td>{words}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}
