'use client'

import { memo } from 'react'
import type { Quantity } from '@/core/base/quantity'
import type { LineCheck } from '@/core/hookup/checks/checkLine'
import type { PartRole } from '@/core/hookup/catalogue/partRoles'
import { zoneFacts } from '@/core/hookup/catalogue/zone'
import { Amount } from '@/ui/figures/Amount'
import { StateMark, stateLabels, type MarkState } from '@/ui/figures/StateMark'
import { PartDrawing } from '@/app/hookup/diagram/PartDrawing'
import { partPressure } from './partPressure'
import { hookupLabels } from '@/ui/terms/hookupLabels'

interface RowProps {
  id: string
  role: PartRole
  name: string
  words: string
  pressureRole: Quantity['role'] | null
  pressurePa: number
  mark: MarkState
  isChosen: boolean
  choose: (id: string) => void
}

/** One row; plain values only, so that it renders again only when one changes. */
const Row = memo(function Row({ id, role, name, words, pressureRole, pressurePa, mark, isChosen, choose }: RowProps) {
  return (
    <li>
      <button type="button" aria-pressed={isChosen} onClick={() => choose(id)}>
        <PartDrawing role={role} width={34} />
        <span className="row-words">
          <strong>{name}</strong>
          <span className="hint">{words}</span>
        </span>
        <b>{pressureRole && <Amount quantity={{ value: pressurePa, role: pressureRole }} />}</b>
        {mark === 'none' ? (
          <span />
        ) : (
          <span className="row-mark">
            <StateMark state={mark} size={22} />
            <span className="visually-hidden">{stateLabels[mark]}</span>
          </span>
        )}
      </button>
    </li>
  )
})

/** The same line as a list in the order of the gas: each row is chosen like its part in the drawing. */
export const PartList = memo(function PartList({
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
    <ol className="part-list" aria-label={hookupLabels.partsOfTheLine}>
      {check.graph.sortFindings.map((one) => {
        const { id } = one.part
        const zone = check.zones.get(id)?.inlet
        const pressure = partPressure(check, id)
        const above = one.into.map(({ from }) => from.name).join(' and ')
        return (
          <Row
            key={id}
            id={id}
            role={one.type.role}
            name={one.name}
            words={`${above === '' ? 'begins the line' : `after ${above}`} · ${zone ? zoneFacts[zone].name : 'no gas comes'}`}
            pressureRole={pressure?.role ?? null}
            pressurePa={pressure?.value ?? 0}
            mark={marks.get(id) ?? 'none'}
            isChosen={chosen === id}
            choose={choose}
          />
        )
      })}
    </ol>
  )
})
