'use client'

import type { LineCheck } from '@/core/hookup/checkLine'
import { zoneFacts } from '@/core/hookup/zone'
import { Amount } from '@/ui/Amount'
import { StateMark, stateWords, type MarkState } from '@/ui/StateMark'
import { PartDrawing } from './PartDrawing'
import { partPressure } from './partPressure'

/** The same line as a list in the order of the gas: each row is chosen like its part in the drawing. */
export function PartList({
  check,
  marks,
  chosen,
  choose,
}: {
  check: LineCheck
  marks: ReadonlyMap<string, MarkState>
  chosen: string | null
  choose: (id: string) => void
}) {
  return (
    <ol className="part-list" aria-label="Parts of the line">
      {check.graph.inOrder.map((one) => {
        const { id } = one.part
        const zone = check.zones.get(id)?.inlet
        const pressure = partPressure(check, id)
        const mark = marks.get(id) ?? 'none'
        const above = one.into.map(({ from }) => from.name).join(' and ')
        return (
          <li key={id}>
            <button type="button" aria-pressed={chosen === id} onClick={() => choose(id)}>
              <PartDrawing role={one.type.role} width={34} />
              <span className="row-words">
                <strong>{one.name}</strong>
                <span className="hint">
                  {above === '' ? 'begins the line' : `after ${above}`}
                  {zone ? ` · ${zoneFacts[zone].name}` : ' · no gas comes'}
                </span>
              </span>
              <b>{pressure && <Amount quantity={pressure} />}</b>
              {mark === 'none' ? (
                <span />
              ) : (
                <span className="row-mark">
                  <StateMark state={mark} size={22} />
                  <span className="visually-hidden">{stateWords[mark]}</span>
                </span>
              )}
            </button>
          </li>
        )
      })}
    </ol>
  )
}
