import type { Metadata } from 'next'
import { faultKinds, faultLabelOf, isFaultKind } from '@/core/practice/faults/faults'
import { practiceRecords } from '@/services/practice/practice'
import { rigSnapshot } from '@/services/rigs/rigSnapshot'
import { DateTime } from '@/ui/figures/DateTime'
import { Link } from '@/ui/shell/Link'
import { practiceLabels } from '@/ui/terms/practiceLabels'
import { RepairForm } from './RepairForm'

export const metadata: Metadata = { title: 'Faults' }

export default function FaultsPage() {
  const { rig } = rigSnapshot(new Date())
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
                {lineId && (
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
