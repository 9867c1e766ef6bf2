'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { openingSchema, type OpeningKind } from '@/core/heat/room/room'
import { requireRoom } from '@/core/heat/room/requireRoom'
import type { VentilationCheck } from '@/core/heat/ventilation/ventilationCheck'
import { Amount } from '@/ui/figures/Amount'
import { Choice } from '@/ui/fields/Choice'
import { findIssue } from '@/ui/state/useSave'
import { Measure } from '@/ui/fields/Measure'
import { newId } from '@/ui/state/newId'
import type { RoomEditor } from '@/app/heat/useRoom'
import { OpeningInspector } from './OpeningInspector'
import { conditionOptions, kindOptions, sideOptions } from './openingOptions'
import { heatLabels } from '@/ui/terms/heatLabels'

const newOpening = (kind: OpeningKind, middleM: number) =>
  openingSchema.parse({
    id: newId(kind),
    name: kindOptions.find(([one]) => one === kind)?.[1],
    kind,
    side: kind === 'roof-vent' ? 'roof' : kind === 'floor-vent' ? 'floor' : 'left',
    alongM: middleM,
    bottomM: kind === 'window' ? 0.9 : 0,
    widthM: kind === 'door' ? 0.65 : 0.3556,
    heightM: kind === 'door' ? 1.6 : 0.3556,
    openM: 0,
    glass: kind === 'window',
  })

/** Openings with how far they are open and their free area. */
export function OpeningList({ editor, check }: { editor: RoomEditor; check: VentilationCheck }) {
  const [chosen, setChosen] = useState<string | null>(null)
  const [kind, setKind] = useState<OpeningKind>('window')
  const { room } = editor.shelter
  const wrong = findIssue(() => requireRoom(room))
  const opening = room.openings.find(({ id }) => id === chosen)
  return (
    <section aria-label="Openings">
      <ul className="opening-list">
        {check.openings.map(({ opening: one, areaM2 }) => (
          <li key={one.id}>
            <button type="button" aria-pressed={one.id === chosen} onClick={() => setChosen(one.id)}>
              <strong>{one.name}</strong>
              <span className="hint">
                {sideOptions.find(([side]) => side === one.side)?.[1]},{' '}
                <Amount quantity={{ value: one.widthM, role: 'length' }} /> wide
              </span>
            </button>
            <Measure
              label={`${one.name} stands open by`}
              role="length"
              value={one.openM}
              mayBeZero
              set={(openM) => editor.setOpening(one.id, { openM }, `open ${one.id}`)}
            />
            <Choice
              id={`condition-${one.id}`}
              label="It is"
              value={one.condition}
              options={conditionOptions}
              set={(condition) => editor.setOpening(one.id, { condition })}
            />
            <p className="counts">
              counts{' '}
              <b>
                <Amount quantity={{ value: areaM2, role: 'area' }} />
              </b>
            </p>
          </li>
        ))}
      </ul>
      {wrong && wrong.path.startsWith('room.openings') && (
        <p className="issue" role="alert">
          {wrong.message}
        </p>
      )}
      <div className="add-thing">
        <Choice id="opening-kind" label={heatLabels.oneMore} value={kind} options={kindOptions} set={setKind} />
        <Button
          variant="quiet"
          size="sm"
          onClick={() => {
            const added = newOpening(kind, room.widthM / 2)
            editor.addOpening(added)
            setChosen(added.id)
          }}
        >
          {heatLabels.putItIn}
        </Button>
      </div>
      {opening && <OpeningInspector key={opening.id} opening={opening} editor={editor} gone={() => setChosen(null)} />}
    </section>
  )
}
