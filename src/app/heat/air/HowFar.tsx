'use client'

import Button from 'react-bootstrap/Button'
import { openFurther } from '@/core/heat/ventilation/openFurther'
import { Amount } from '@/ui/figures/Amount'
import type { RoomDesk } from '@/app/heat/useRoom'

/** Which windows to open how far, until what the heaters want stands open. */
export function HowFar({ desk, neededM2 }: { desk: RoomDesk; neededM2: number }) {
  const { room } = desk.shelter
  const plan = openFurther(room, neededM2)
  if (neededM2 === 0 || (plan.suffices && plan.steps.length === 0)) return null
  return (
    <div className="how-far plate" role="status">
      <p className="mb-1">
        <strong>{plan.suffices ? 'Open them so:' : 'Wide open they are not enough:'}</strong>
      </p>
      <ul className="mb-2">
        {plan.steps.map(({ openingId, name, openM }) => (
          <li key={openingId}>
            {name} to{' '}
            <b>
              <Amount quantity={{ value: openM, role: 'length' }} />
            </b>
          </li>
        ))}
      </ul>
      {plan.suffices ? (
        <Button
          variant="quiet"
          size="sm"
          onClick={() =>
            desk.setRoom({
              openings: room.openings.map((opening) => ({
                ...opening,
                openM: plan.steps.find(({ openingId }) => openingId === opening.id)?.openM ?? opening.openM,
              })),
            })
          }
        >
          Write that in
        </Button>
      ) : (
        <p className="mb-0">Another opening, a smaller heater, or none in this room.</p>
      )}
    </div>
  )
}
