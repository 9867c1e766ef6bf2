'use client'

import Button from 'react-bootstrap/Button'
import { saveNoneNeededAction } from '@/actions/cylinders'
import { nameInSentence } from '@/core/cylinders/cylinderKind'
import {
  equipmentFacts,
  type EquipmentKind,
  optionalEquipment,
  type OptionalEquipment,
} from '@/core/cylinders/equipment/equipment'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSave } from '@/ui/state/useSave'

/** A rig without a hose or a regulator says so: bottles screwed onto what burns need neither. */
export function NoneNeeded({
  rig: { id: rigId, version, noneNeeded },
  entered,
}: {
  rig: { id: string; version: number; noneNeeded: readonly OptionalEquipment[] }
  entered: readonly EquipmentKind[]
}) {
  const say = useNotice()
  const { save, saving, issueAt } = useSave(saveNoneNeededAction)
  const asked = optionalEquipment.filter((kind) => !entered.includes(kind))
  if (asked.length === 0) return null
  const answer = async (kind: OptionalEquipment, isNone: boolean): Promise<void> => {
    if (await save({ rigId, version, kind, isNone })) say({ done: 'Saved' })
  }
  return (
    <ul className="plain-list mt-3">
      {asked.map((kind) => {
        const name = nameInSentence(equipmentFacts[kind].name)
        const isNone = noneNeeded.includes(kind)
        return (
          <li key={kind}>
            {isNone ? `No ${name} on this rig.` : `Is there no ${name} on this rig?`}{' '}
            <Button
              variant="quiet"
              size="sm"
              disabled={saving.state === 'saving'}
              onClick={() => void answer(kind, !isNone)}
            >
              {isNone ? 'There is one' : 'None needed'} <span className="visually-hidden">: {name}</span>
            </Button>
          </li>
        )
      })}
      {issueAt('') && <li className="issue">{issueAt('')}</li>}
    </ul>
  )
}
