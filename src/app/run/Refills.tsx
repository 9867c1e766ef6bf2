'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { formatTripTime } from '@/core/time/tripClock'
import { Choice } from '@/ui/fields/Choice'
import type { RunPageData } from './runPageData'
import type { RunEditor } from './useRunEditor'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const DAY_S = 86_400

/** Cylinders that are filled on the way. */
export function Refills({ editor, data }: { editor: RunEditor; data: RunPageData }) {
  const { refills } = editor.draft.settings
  const nights = editor.outlook?.trip.nights ?? 1
  const may = data.rig.cylinders.filter(({ id, aboard }) => aboard && data.fillable.includes(id))
  const [cylinderId, setCylinderId] = useState(may[0]?.id ?? '')
  const [day, setDay] = useState('1')
  if (may.length === 0 || nights < 2) return null
  const clock = editor.outlook?.input ?? { startISO: '', clockChanges: [] }
  const nameOf = (id: string): string => data.rig.cylinders.find((one) => one.id === id)?.name ?? id
  return (
    <div className="refills">
      <h3>Filled on the way</h3>
      <ul>
        {refills.map(({ cylinderId: id, atS }) => (
          <li key={`${id} ${atS}`}>
            {nameOf(id)}, as {formatTripTime(atS, clock)} begins{' '}
            <Button
              variant="bare"
              size="sm"
              aria-label={`Take the filling of ${nameOf(id)} out`}
              onClick={() =>
                editor.setSettings({ refills: refills.filter((one) => one.cylinderId !== id || one.atS !== atS) })
              }
            >
              Out
            </Button>
          </li>
        ))}
      </ul>
      <div className="fields narrow">
        <Choice
          id="refill-cylinder"
          label={sharedLabels.cylinder}
          value={cylinderId}
          options={may.map(({ id, name }) => [id, name] as const)}
          set={setCylinderId}
        />
        <Choice
          id="refill-day"
          label="After night"
          value={day}
          options={Array.from({ length: nights - 1 }, (_, i) => [String(i + 1), String(i + 1)] as const)}
          set={setDay}
        />
        <div className="align-self-end">
          <Button
            variant="quiet"
            size="sm"
            onClick={() =>
              editor.setSettings({
                refills: [
                  ...refills.filter((one) => one.cylinderId !== cylinderId || one.atS !== Number(day) * DAY_S),
                  { cylinderId, atS: Number(day) * DAY_S },
                ],
              })
            }
          >
            Plan it
          </Button>
        </div>
      </div>
    </div>
  )
}
