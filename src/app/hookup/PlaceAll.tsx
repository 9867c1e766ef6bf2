'use client'

import Button from 'react-bootstrap/Button'
import type { LineEdit } from '@/core/hookup/line/editLine'
import type { PartPlace } from '@/core/hookup/line/line'
import type { GraphPart } from '@/core/hookup/line/lineGraph'
import { hookupLabels } from '@/ui/terms/hookupLabels'

const choices = [
  ['outside', hookupLabels.allOutside],
  ['locker', hookupLabels.allInAVentedLocker],
  ['inside', hookupLabels.allInside],
] as const satisfies readonly (readonly [PartPlace, string])[]

/** Says for all parts at once where they stand; each can be changed by itself afterwards. */
export function PlaceAll({ parts, edit }: { parts: readonly GraphPart[]; edit: (...edits: LineEdit[]) => void }) {
  if (parts.length === 0) return null
  return (
    <section className="plate mb-3" aria-label={hookupLabels.whereDoTheyStand}>
      <p className="mb-2">
        <strong>{hookupLabels.whereDoTheyStand}</strong> {parts.map(({ name }) => name).join(', ')}
      </p>
      <div className="save-line mt-0">
        {choices.map(([place, label]) => (
          <Button
            key={place}
            size="sm"
            variant="quiet"
            onClick={() => edit(...parts.map(({ part }): LineEdit => ({ do: 'change', id: part.id, to: { place } })))}
          >
            {label}
          </Button>
        ))}
      </div>
    </section>
  )
}
