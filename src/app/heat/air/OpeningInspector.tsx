'use client'

import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { isVerticalSide } from '@/core/heat/room/roomGeometry'
import type { Opening } from '@/core/heat/room/room'
import { Choice } from '@/ui/fields/Choice'
import { Measure } from '@/ui/fields/Measure'
import type { RoomEditor } from '@/app/heat/useRoom'
import { kindOptions, sideOptions } from './openingOptions'
import { heatLabels } from '@/ui/terms/heatLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Place and size of one opening. */
export function OpeningInspector({
  opening,
  editor,
  gone,
}: {
  opening: Opening
  editor: RoomEditor
  gone: () => void
}) {
  const { id, name, kind, side } = opening
  const set = (change: Partial<Opening>, field: string): void => editor.setOpening(id, change, `${field} ${id}`)
  const size = (key: 'alongM' | 'bottomM' | 'widthM' | 'heightM', label: string, mayBeZero = false) => (
    <Measure
      label={label}
      role="length"
      value={opening[key]}
      mayBeZero={mayBeZero}
      set={(value) => set({ [key]: value }, key)}
    />
  )
  return (
    <section aria-label={`About ${name}`} className="inspector">
      <h2>{name}</h2>
      <div className="fields narrow">
        <div>
          <Form.Label htmlFor="opening-name">Name</Form.Label>
          <Form.Control
            id="opening-name"
            size="sm"
            maxLength={60}
            value={name}
            onChange={(event) => set({ name: event.target.value }, 'name')}
          />
        </div>
        <Choice
          id="opening-what"
          label="What it is"
          value={kind}
          options={kindOptions}
          set={(value) => set({ kind: value }, 'kind')}
        />
        <Choice
          id="opening-side"
          label="Where"
          value={side}
          options={sideOptions}
          set={(value) => set({ side: value }, 'side')}
        />
        {size(
          'alongM',
          side === 'front' || side === 'back' ? 'Middle from the left' : heatLabels.middleFromTheBack,
          true,
        )}
        {isVerticalSide(side) && size('bottomM', 'Lower edge above floor', true)}
        {size('widthM', 'Width')}
        {size('heightM', 'Opens at most by')}
      </div>
      <Form.Check
        id="opening-glass"
        className="mt-2"
        label="It is a pane of glass"
        checked={opening.glass}
        onChange={() => set({ glass: !opening.glass }, 'glass')}
      />
      <Button
        variant="bare"
        size="sm"
        onClick={() => {
          editor.dropOpening(id)
          gone()
        }}
      >
        {sharedLabels.takeItOut}
      </Button>
    </section>
  )
}
