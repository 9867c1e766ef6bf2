'use client'

import type { Connection } from '@xyflow/react'
import { useEffect, useState } from 'react'
import type { LineCheck } from '@/core/hookup/checks/checkLine'
import { zoneFacts } from '@/core/hookup/catalogue/zone'
import { LineCanvas } from './LineCanvas'
import { chosenPart } from './PartBox'

/** The line from left to right: parts with pressures, joints styled by zone. The list beside it is equivalent. */
export function LineDiagram({
  check,
  chosen,
  choose,
  join = null,
  dropOn = null,
}: {
  check: LineCheck
  chosen: string | null
  choose: (id: string | null) => void
  join?: ((connection: Connection) => void) | null
  dropOn?: ((typeId: string, after: string | null) => void) | null
}) {
  const [pointer] = useState(chosenPart)
  useEffect(() => pointer.set(chosen), [pointer, chosen])
  const shown = [...new Set([...check.zones.values()].flatMap(({ inlet, outlet }) => [inlet, outlet]))].filter(
    (zone) => zone !== null,
  )
  return (
    <figure className="line-diagram">
      <LineCanvas check={check} chosen={pointer} choose={choose} join={join} dropOn={dropOn} />
      <figcaption className="zone-key">
        {shown.map((zone) => (
          <span key={zone} className={`zone-sample ${zone}`}>
            <svg width="44" height="12" aria-hidden="true">
              <path className={`joint-line ${zone}`} d="M2 6H42" />
            </svg>
            {zoneFacts[zone].name}
          </span>
        ))}
      </figcaption>
    </figure>
  )
}
