'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { lookAtEquipmentAction } from '@/actions/cylinders'
import { voidEventAction } from '@/actions/log'
import { equipmentEndMonth, equipmentFacts, type Equipment } from '@/core/cylinders/equipment/equipment'
import { formatMonth } from '@/core/time/months'
import { DateTime } from '@/ui/figures/DateTime'
import { useRequestKeys } from '@/ui/state/useRequestKeys'
import { useNotice } from '@/ui/state/UndoProvider'
import { EquipmentForm, type ListedEquipment } from './EquipmentForm'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

function EndDateText({ thing, thisMonth }: { thing: Equipment; thisMonth: string }) {
  const end = equipmentEndMonth(thing)
  if (end === null) return <>age not known</>
  return end < thisMonth ? (
    <strong className="issue">past its time, {formatMonth(end)}</strong>
  ) : (
    <>to {formatMonth(end)}</>
  )
}

/** Everything beside the cylinders that ages, each with its look. */
export function EquipmentList({
  rigId,
  equipment,
  thisMonth,
}: {
  rigId: string
  equipment: readonly ListedEquipment[]
  thisMonth: string
}) {
  const say = useNotice()
  const { keyFor, answered } = useRequestKeys()
  const [open, setOpen] = useState<string | null>(null)
  const look = async (thing: Equipment, sound: boolean): Promise<void> => {
    const entry = { equipmentId: thing.id, sound, note: null }
    const answer = await lookAtEquipmentAction(entry, keyFor(entry)).catch(() => null)
    if (answer) answered(entry)
    if (!answer?.ok) return say({ done: 'Not saved: the server does not answer. Try again when it runs.' })
    say({
      done: `${thing.name} looked over: ${sound ? 'sound' : 'not so'}`,
      undo: async () =>
        (await voidEventAction({ of: 'look', id: answer.value.id, reason: 'Undone right after it was saved' })).ok,
    })
  }
  return (
    <>
      <ul className="equipment-list">
        {equipment.map((thing) => (
          <li key={thing.id}>
            <div>
              <strong>{thing.name}</strong>
              <p className="hint">
                {equipmentFacts[thing.kind].name} · <EndDateText thing={thing} thisMonth={thisMonth} />
              </p>
            </div>
            <p className="hint">
              {equipmentFacts[thing.kind].look}
              <br />
              {thing.lastLook ? (
                <>
                  {thing.lastLook.sound ? 'sound' : 'not so'}, <DateTime iso={thing.lastLook.lookedAt} />
                </>
              ) : (
                'not looked over yet'
              )}
            </p>
            <div className="row-buttons">
              <Button
                variant="quiet"
                size="sm"
                aria-label={`${thing.name} is sound`}
                onClick={() => void look(thing, true)}
              >
                {cylindersLabels.sound}
              </Button>
              <Button
                variant="quiet"
                size="sm"
                aria-label={`${thing.name} is not sound`}
                onClick={() => void look(thing, false)}
              >
                {cylindersLabels.notSo}
              </Button>
              <Button
                variant="bare"
                size="sm"
                aria-label={`Change ${thing.name}`}
                onClick={() => setOpen(open === thing.id ? null : thing.id)}
              >
                {sharedLabels.change}
              </Button>
            </div>
            {open === thing.id && (
              <EquipmentForm
                key={thing.version}
                rigId={rigId}
                stored={thing}
                thisMonth={thisMonth}
                close={() => setOpen(null)}
              />
            )}
          </li>
        ))}
      </ul>
      {open === 'new' ? (
        <EquipmentForm rigId={rigId} stored={null} thisMonth={thisMonth} close={() => setOpen(null)} />
      ) : (
        <Button onClick={() => setOpen('new')}>Add one</Button>
      )}
    </>
  )
}
