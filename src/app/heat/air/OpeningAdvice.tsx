'use client'

import Button from 'react-bootstrap/Button'
import type { OpeningPlan } from '@/core/heat/ventilation/planOpenings'
import { Amount } from '@/ui/figures/Amount'
import type { RoomEditor } from '@/app/heat/useRoom'
import { heatLabels } from '@/ui/terms/heatLabels'

/** Which windows to open and how far. */
export function OpeningAdvice({ editor, plan }: { editor: RoomEditor; plan: OpeningPlan }) {
  const { room } = editor.shelter
  if (plan.suffices && plan.steps.length === 0) return null
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
              <Amount quantity={{ value: openM, role: 'length', rounded: 'up' }} />
            </b>
          </li>
        ))}
      </ul>
      {plan.suffices ? (
        <Button
          variant="quiet"
          size="sm"
          onClick={() =>
            editor.setRoom({
              openings: room.openings.map((opening) => ({
                ...opening,
                openM: plan.steps.find(({ openingId }) => openingId === opening.id)?.openM ?? opening.openM,
              })),
            })
          }
        >
          {heatLabels.writeThatIn}
        </Button>
      ) : (
        <p className="mb-0">Another opening, a smaller heater, or none in this room.</p>
      )}
    </div>
  )
}
