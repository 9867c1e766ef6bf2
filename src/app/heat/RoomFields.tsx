'use client'

import Form from 'react-bootstrap/Form'
import { glassClasses, shellClasses } from '@/core/heat/room/room'
import { requireRoom } from '@/core/heat/room/requireRoom'
import { glassFacts, shellFacts } from '@/core/heat/warmth/shapeEstimate'
import { Choice } from '@/ui/fields/Choice'
import { findIssue } from '@/ui/state/useSave'
import { Measure } from '@/ui/fields/Measure'
import type { RoomEditor } from './useRoom'
import { heatLabels } from '@/ui/terms/heatLabels'

/** Length, width and height of the room, and what it is made of. */
export function RoomFields({ editor }: { editor: RoomEditor }) {
  const { room } = editor.shelter
  const issue = findIssue(() => requireRoom(room))
  const at = (field: string): string | null => (issue?.path === `room.${field}` ? issue.message : null)
  const isElsewhere = issue !== null && issue.path.startsWith('room.openings')
  const size = (key: 'lengthM' | 'widthM' | 'heightM' | 'lowHeightM', label: string) => (
    <Measure
      label={label}
      role="length"
      value={room[key] ?? room.heightM}
      issue={at(key)}
      set={(value) => editor.setRoom({ [key]: value }, key)}
    />
  )
  const cornerSize = (key: 'lengthM' | 'widthM', label: string) =>
    room.corner && (
      <Measure
        label={label}
        role="length"
        value={room.corner[key]}
        issue={at(`corner.${key}`)}
        set={(value) => room.corner && editor.setRoom({ corner: { ...room.corner, [key]: value } }, `corner ${key}`)}
      />
    )
  return (
    <section aria-label={heatLabels.measuresOfTheRoom} className="mt-3">
      <h2>The room itself</h2>
      <div className="fields narrow">
        {size('lengthM', 'Length')}
        {size('widthM', 'Width')}
        {size('heightM', 'Ceiling on the left')}
        {size('lowHeightM', 'Ceiling on the right')}
        {room.corner && (
          <>
            {cornerSize('lengthM', 'Walled-off corner, length')}
            {cornerSize('widthM', 'and width')}
          </>
        )}
        <Choice
          id="room-shell"
          label="Walls, roof and floor"
          value={room.shell}
          options={shellClasses.map((one) => [one, shellFacts[one].name] as const)}
          set={(shell) => editor.setRoom({ shell })}
        />
        <Choice
          id="room-glass"
          label="Windows"
          value={room.glass}
          options={glassClasses.map((one) => [one, glassFacts[one].name] as const)}
          set={(glass) => editor.setRoom({ glass })}
        />
      </div>
      <Form.Check
        id="room-burns"
        className="mt-2"
        label="Linings can burn (wood, felt, foam, cloth)"
        checked={room.liningsBurn}
        onChange={() => editor.setRoom({ liningsBurn: !room.liningsBurn })}
      />
      <Form.Check
        id="room-corner"
        label="A corner is walled off at the back on the right"
        checked={room.corner !== undefined}
        onChange={() =>
          editor.setRoom(
            room.corner
              ? { corner: undefined }
              : { corner: { lengthM: Math.min(1, room.lengthM / 3), widthM: Math.min(0.9, room.widthM / 2) } },
          )
        }
      />
      {isElsewhere && (
        <p className="issue" role="alert">
          {issue.message}
        </p>
      )}
    </section>
  )
}
