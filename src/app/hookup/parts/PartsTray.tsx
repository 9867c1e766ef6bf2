'use client'

import { memo, useId, useState, type RefObject } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { catalogue } from '@/core/hookup/catalogue/catalogue'
import { fitsAnyEnd } from '@/core/hookup/catalogue/portCompatibility'
import { partGroups, type PartType, type Port } from '@/core/hookup/catalogue/partType'
import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import { OwnPartForm } from './OwnPartForm'
import { DRAGGED } from '@/app/hookup/diagram/PartBox'
import { PartDrawing } from '@/app/hookup/diagram/PartDrawing'
import { hookupLabels } from '@/ui/terms/hookupLabels'

function Tray({
  ownTypes,
  after,
  ends,
  add,
  searchField,
}: {
  ownTypes: readonly PartType[]
  /** Name of the part it follows; null for none. */
  after: string | null
  /** Its free ends; empty where nothing is chosen or every end is taken. */
  ends: readonly Port[]
  add: (type: PartType) => void
  searchField: RefObject<HTMLInputElement | null>
}) {
  const [group, setGroup] = useState(partGroups[0]?.name ?? '')
  const [sought, setSought] = useState('')
  const [making, setMaking] = useState(false)
  const [onlyFitting, setOnlyFitting] = useState(true)
  const fieldId = useId()
  const known = [...catalogue, ...ownTypes.filter((own, i) => ownTypes.findIndex(({ id }) => id === own.id) === i)]
  const words = sought.trim().toLowerCase().split(/\s+/).filter(Boolean)
  const roles = partGroups.find(({ name }) => name === group)?.roles ?? []
  const isFiltered = onlyFitting && ends.length > 0
  const shown = known.filter((type) => {
    if (isFiltered && !roleTraits[type.role].isSource && !fitsAnyEnd(type, ends)) return false
    const { name, role } = type
    return words.length > 0 ? words.every((word) => name.toLowerCase().includes(word)) : roles.includes(role)
  })
  return (
    <section className="parts-tray" aria-label="Parts">
      <div className="tray-head">
        <div>
          <Form.Label htmlFor={fieldId}>{hookupLabels.findAPart}</Form.Label>
          <Form.Control
            id={fieldId}
            ref={searchField}
            size="sm"
            value={sought}
            placeholder="pigtail, 3/8 flare, tee …"
            autoComplete="off"
            onChange={(event) => setSought(event.target.value)}
          />
        </div>
        <p className="hint mb-0" role="status">
          {after === null ? 'A click puts it on the bench by itself.' : `A click adds it after ${after}.`} Or drag it
          onto a part of the drawing.
        </p>
        {ends.length > 0 && (
          <Form.Check
            id={`${fieldId}-fits`}
            label={hookupLabels.onlyWhatFitsItsEnd}
            checked={onlyFitting}
            onChange={(event) => setOnlyFitting(event.target.checked)}
          />
        )}
        <Button variant="quiet" size="sm" aria-expanded={making} onClick={() => setMaking(!making)}>
          {hookupLabels.aPartOfYourOwn}
        </Button>
      </div>
      {making && (
        <OwnPartForm
          add={(type) => {
            add(type)
            setMaking(false)
          }}
          close={() => setMaking(false)}
        />
      )}
      {words.length === 0 && (
        <div className="tray-groups" role="group" aria-label="Kinds of parts">
          {partGroups.map(({ name }) => (
            <button key={name} type="button" aria-pressed={group === name} onClick={() => setGroup(name)}>
              {name}
            </button>
          ))}
        </div>
      )}
      <ul className="tray-parts">
        {shown.map((type) => (
          <li key={type.id}>
            <button
              type="button"
              draggable
              aria-label={`${roleTraits[type.role].isSource ? 'Put on the bench' : 'Add'}: ${type.name}`}
              onDragStart={(event) => event.dataTransfer.setData(DRAGGED, type.id)}
              onClick={() => add(type)}
            >
              <PartDrawing role={type.role} width={34} />
              <span>{type.name}</span>
            </button>
          </li>
        ))}
        {shown.length === 0 && (
          <li className="hint">
            {isFiltered
              ? 'No such part fits this end: see all parts, or draw one of your own.'
              : 'No part of that name. Draw one of your own.'}
          </li>
        )}
      </ul>
    </section>
  )
}

/** Tray of parts: a click adds one after the chosen part, dragging places it. */
export const PartsTray = memo(Tray)
