'use client'

import { marginSize } from '@/core/base/quantity'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { ClearanceCheck } from '@/core/heat/clearance/clearanceCheck'
import { newThing, type ThingKind } from '@/core/heat/room/thing'
import { Amount } from '@/ui/figures/Amount'
import { Choice } from '@/ui/fields/Choice'
import { newId } from '@/ui/state/newId'
import { thingOptions } from './heatDefaults'
import type { RoomEditor } from './useRoom'
import { heatLabels } from '@/ui/terms/heatLabels'

/** Objects of the room with their margins, and a list to add one. */
export function ThingList({
  editor,
  check,
  chosen,
  choose,
}: {
  editor: RoomEditor
  check: ClearanceCheck | null
  chosen: string | null
  choose: (id: string) => void
}) {
  const { things, room } = editor.shelter
  const [kind, setKind] = useState<ThingKind>('curtain')
  const margins = new Map(check?.margins.map((margin) => [margin.id, margin]))
  return (
    <>
      <ul className="thing-list">
        {things.map((thing) => {
          const margin = margins.get(thing.id)
          const lacks = margin && margin.marginM < 0
          return (
            <li key={thing.id}>
              <button
                type="button"
                className={lacks ? 'lacks' : ''}
                aria-pressed={thing.id === chosen}
                onClick={() => choose(thing.id)}
              >
                <span>{thing.name}</span>
                {margin && (
                  <span className="hint">
                    {margin.face}: {lacks ? 'lacks ' : 'spare '}
                    <b>
                      <Amount quantity={marginSize(margin.marginM, 'length')} />
                    </b>
                  </span>
                )}
              </button>
            </li>
          )
        })}
      </ul>
      <div className="add-thing">
        <Choice id="thing-kind" label={heatLabels.oneMore} value={kind} options={thingOptions} set={setKind} />
        <Button
          variant="quiet"
          size="sm"
          onClick={() => {
            const id = newId(kind)
            editor.addThing(newThing(kind, id, { xM: room.lengthM / 2, yM: room.widthM / 2 }))
            choose(id)
          }}
        >
          {heatLabels.putItIn}
        </Button>
      </div>
    </>
  )
}
