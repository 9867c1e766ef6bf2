import type { Metadata } from 'next'
import { faultKinds, faultLabelOf, isFaultKind } from '@/core/practice/faults/faults'
import { practiceLines, practiceRecords } from '@/services/practice/practice'
import { rigSnapshot } from '@/services/rigs/rigSnapshot'
import { DateTime } from '@/ui/figures/DateTime'
import { Link } from '@/ui/shell/Link'
import { practiceLabels } from '@/ui/terms/practiceLabels'
import { RepairForm } from './RepairForm'

export const metadata: Metadata = { title: 'Faults' }

export default function FaultsPage() {
  const snapshot = rigSnapshot(new Date())
  const { rig } = snapshot
  const faults = rig ? practiceRecords(rig.id).faults : []
  if (!rig || faults.length === 0) {
    return (
      <>
        <p className="lead">No fault is open.</p>
        <p>
          A fault that you enter after <Link href="/practice">a search</Link> is listed here. The verdict counts it
          until you enter its repair.
        </p>
      </>
    )
  }
  const lines = practiceLines(snapshot)
  const isDrawn = (lineId: string | null, partId: string): boolean =>
    lines.some((line) => line.id === lineId && line.rig.line.parts.some(({ id }) => id === partId))
  return (
    <>
      <p className="lead">
        {faults.length} open {faults.length === 1 ? 'fault' : 'faults'}. The verdict counts each until its repair is
        entered.
      </p>
      <ul className="drill-list">
        {faults.map(({ id, kind, name, lineId, partId, happenedAt, note }) => {
          const repair = isFaultKind(kind) ? faultKinds[kind].repair : null
          return (
            <li key={id}>
              <div>
                <strong>
                  {faultLabelOf(kind)}: {name}
                </strong>
                <p>
                  Found <DateTime iso={happenedAt} />
                  {note && `. ${note}`}
                </p>
                {repair?.by === 'technician' && <p>Shut the gas off and call a licensed technician.</p>}
                <ol>
                  {repair?.steps.map((step) => (
                    <li key={step}>{step}</li>
                  ))}
                </ol>
                {lineId && isDrawn(lineId, partId) && (
                  <Link href={`/hookup?${new URLSearchParams({ line: lineId, about: partId })}`}>
                    {practiceLabels.showOnDrawing}
                  </Link>
                )}
                <RepairForm rigId={rig.id} faultId={id} />
              </div>
            </li>
          )
        })}
      </ul>
    </>
  )
}
