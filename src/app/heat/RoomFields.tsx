'use client'

import Form from 'react-bootstrap/Form'
import { glassClasses, shellClasses } from '@/core/shelter/room'
import { requireRoom } from '@/core/shelter/requireRoom'
import { glassFacts, shellFacts } from '@/core/shelter/shellFacts'
import { Choice } from '@/ui/Choice'
import { issueOf } from '@/ui/issueOf'
import { Measure } from '@/ui/Measure'
import type { RoomDesk } from './useRoom'

/** Length, width and height of the room, and what it is made of. */
export function RoomFields({ desk }: { desk: RoomDesk }) {
  const { room } = desk.shelter
  const issue = issueOf(() => requireRoom(room))
  const at = (field: string): string | null => (issue?.path === `room.${field}` ? issue.message : null)
  const isElsewhere = issue !== null && issue.path.startsWith('room.openings')
  return (
    <section aria-label="Measures of the room" className="mt-3">
      <h2>The room itself</h2>
      <div className="fields narrow">
        <Measure
          label="Length"
          role="length"
          value={room.lengthM}
          issue={at('lengthM')}
          set={(lengthM) => desk.setRoom({ lengthM }, 'lengthM')}
        />
        <Measure
          label="Width"
          role="length"
          value={room.widthM}
          issue={at('widthM')}
          set={(widthM) => desk.setRoom({ widthM }, 'widthM')}
        />
        <Measure
          label="Ceiling on the left"
          role="length"
          value={room.heightM}
          issue={at('heightM')}
          set={(heightM) => desk.setRoom({ heightM }, 'heightM')}
        />
        <Measure
          label="Ceiling on the right"
          role="length"
          value={room.lowHeightM ?? room.heightM}
          set={(lowHeightM) => desk.setRoom({ lowHeightM }, 'lowHeightM')}
        />
        {room.corner && (
          <>
            <Measure
              label="Walled-off corner, length"
              role="length"
              value={room.corner.lengthM}
              issue={at('corner.lengthM')}
              set={(lengthM) =>
                desk.setRoom({ corner: { lengthM, widthM: room.corner?.widthM ?? lengthM } }, 'cornerLength')
              }
            />
            <Measure
              label="and width"
              role="length"
              value={room.corner.widthM}
              set={(widthM) =>
                desk.setRoom({ corner: { widthM, lengthM: room.corner?.lengthM ?? widthM } }, 'cornerWidth')
              }
            />
          </>
        )}
        <Choice
          id="room-shell"
          label="Walls, roof and floor"
          value={room.shell}
          options={shellClasses.map((one) => [one, shellFacts[one].name] as const)}
          set={(shell) => desk.setRoom({ shell })}
        />
        <Choice
          id="room-glass"
          label="Windows"
          value={room.glass}
          options={glassClasses.map((one) => [one, glassFacts[one].name] as const)}
          set={(glass) => desk.setRoom({ glass })}
        />
      </div>
      <Form.Check
        id="room-burns"
        className="mt-2"
        label="Linings can burn (wood, felt, foam, cloth)"
        checked={room.liningsBurn}
        onChange={() => desk.setRoom({ liningsBurn: !room.liningsBurn })}
      />
      <Form.Check
        id="room-corner"
        label="A corner is walled off at the back on the right"
        checked={room.corner !== undefined}
        onChange={() =>
          desk.setRoom(
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
