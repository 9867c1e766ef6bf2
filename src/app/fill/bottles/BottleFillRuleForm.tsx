'use client'

import { useState } from 'react'
import { saveBottleFillRuleAction } from '@/actions/fill'
import type { BottleFillRule } from '@/core/fill/fillModes'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSave } from '@/ui/state/useSave'

const schools: readonly { id: BottleFillRule; name: string; words: string }[] = [
  { id: 'never', name: 'Never', words: 'bought full, or filled by an attendant' },
  { id: 'refillable', name: 'Only refillable ones', words: 'bottles marked so, to their net weight' },
  { id: 'home', name: 'At home only', words: 'any bottle, to three quarters, never carried on a road' },
]

/** Rules for filling one-pound bottles, chosen by the owner. */
export function BottleFillRuleForm({ rig }: { rig: { id: string; version: number; bottleSchool: BottleFillRule } }) {
  const say = useNotice()
  const { save, saving } = useSave(saveBottleFillRuleAction)
  const [chosen, setChosen] = useState(rig.bottleSchool)

  const choose = async (id: BottleFillRule, name: string): Promise<void> => {
    setChosen(id)
    const saved = await save({ rigId: rig.id, version: rig.version, bottleSchool: id })
    if (saved) say({ done: `School: ${name.toLowerCase()}` })
    else setChosen(rig.bottleSchool)
  }
  return (
    <fieldset className="schools in-row">
      <legend>Which school</legend>
      {schools.map(({ id, name, words }) => (
        <label key={id} className={chosen === id ? 'chosen' : ''}>
          <input
            type="radio"
            name="school"
            checked={chosen === id}
            disabled={saving.state === 'saving'}
            onChange={() => void choose(id, name)}
          />
          <span>
            <strong>{name}</strong> {words}
          </span>
        </label>
      ))}
      {saving.issues.map(({ message }) => (
        <p key={message} className="issue" role="alert">
          {message} Reload to see it.
        </p>
      ))}
    </fieldset>
  )
}
