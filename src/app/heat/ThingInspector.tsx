'use client'

import { RotateCw } from 'lucide-react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Thing } from '@/core/heat/room/thing'
import { Choice } from '@/ui/fields/Choice'
import { Measure } from '@/ui/fields/Measure'
import { thingOptions } from './heatDefaults'
import type { RoomEditor } from './useRoom'
import { heatLabels } from '@/ui/terms/heatLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const reachLabels: Partial<Record<Thing['kind'], string>> = {
  curtain: 'Blows to each side by',
  bed: 'Bedding hangs over by',
  sleeper: 'Feet and arms reach by',
}

/** Fields of one object: name, place, size and height. */
export function ThingInspector({ thing, editor, gone }: { thing: Thing; editor: RoomEditor; gone: () => void }) {
  const { id, kind, turnDeg } = thing
  const set = (change: Partial<Thing>, field: string): void => editor.setThing(id, change, `${field} ${id}`)
  const size = (
    key: 'lengthM' | 'widthM' | 'xM' | 'yM' | 'lowM' | 'highM' | 'reachM',
    label: string,
    hint?: string,
  ) => (
    <Measure
      label={label}
      role="length"
      value={thing[key]}
      mayBeZero={key !== 'lengthM' && key !== 'widthM'}
      {...(hint && { hint })}
      issue={key === 'highM' && thing.highM <= thing.lowM ? 'It must lie above the lower edge.' : null}
      set={(value) => set({ [key]: value }, key)}
    />
  )
  return (
    <section aria-label={`About ${thing.name}`} className="inspector">
      <h2>{thing.name}</h2>
      <div className="fields narrow">
        <div>
          <Form.Label htmlFor="thing-name">Name</Form.Label>
          <Form.Control
            id="thing-name"
            size="sm"
            value={thing.name}
            maxLength={60}
            onChange={(event) => set({ name: event.target.value }, 'name')}
          />
          {thing.name.trim() === '' && <p className="issue mb-0">{heatLabels.giveItAName}</p>}
        </div>
        <Choice
          id="thing-what"
          label="What it is"
          value={kind}
          options={thingOptions}
          set={(value) => set({ kind: value }, 'kind')}
        />
        {size('xM', 'Middle from the back')}
        {size('yM', 'Middle from the left')}
        {size('lengthM', 'Length')}
        {size('widthM', 'Width')}
        {size('lowM', 'Lower edge above floor')}
        {size('highM', 'Upper edge above floor')}
        {kind !== 'door-swing' && size('reachM', reachLabels[kind] ?? 'Can move by', 'judged where it can reach')}
        <Measure
          label={heatLabels.turned}
          role="count"
          value={turnDeg}
          mayBeZero
          hint="degrees, clockwise"
          set={(value) => set({ turnDeg: value % 360 }, 'turn')}
        />
      </div>
      {kind === 'cylinder-locker' && (
        <Choice
          id="thing-sealed"
          label="Closed to the room, open to the air below"
          value={thing.sealed}
          options={[
            ['not-known', 'not known'],
            ['yes', 'yes'],
            ['no', 'no'],
          ]}
          set={(sealed) => set({ sealed }, 'sealed')}
        />
      )}
      <Form.Check
        id="thing-burns"
        className="mt-2"
        label="Can burn"
        checked={thing.combustible}
        onChange={() => set({ combustible: !thing.combustible }, 'burns')}
      />
      <div className="save-line">
        <Button variant="quiet" size="sm" onClick={() => set({ turnDeg: (turnDeg + 90) % 360 }, 'quarter')}>
          <RotateCw size={16} aria-hidden="true" /> {heatLabels.aQuarterTurn}
        </Button>
        <Button
          variant="bare"
          size="sm"
          onClick={() => {
            editor.dropThing(id)
            gone()
          }}
        >
          {sharedLabels.takeItOut}
        </Button>
      </div>
    </section>
  )
}
