import type { ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** One field with two versions. */
export interface ConflictRow {
  label: string
  theirs: ReactNode
  mine: ReactNode
}

/** Two versions side by side; the owner chooses. */
export function ConflictNote({
  rows,
  takeTheirs,
  keepMine,
}: {
  rows: readonly ConflictRow[]
  takeTheirs: () => void
  keepMine: () => void
}) {
  return (
    <div className="conflict" role="alert">
      <p>
        <strong>{sharedLabels.thisWasChangedSomewhereElseIn}</strong> Nothing was overwritten. Which one shall stand?
      </p>
      <table className="mb-3">
        <thead>
          <tr>
            <th scope="col" className="pe-4" />
            <th scope="col" className="pe-4">
              Saved elsewhere
            </th>
            <th scope="col">Yours</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ label, theirs, mine }) => (
            <tr key={label}>
              <th scope="row" className="pe-4 fw-normal">
                {label}
              </th>
              <td className="pe-4">{theirs}</td>
              <td>{mine}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="save-line">
        <Button variant="quiet" onClick={takeTheirs}>
          {sharedLabels.takeTheOtherOne}
        </Button>
        <Button onClick={keepMine}>{sharedLabels.saveMineOverIt}</Button>
      </div>
    </div>
  )
}
