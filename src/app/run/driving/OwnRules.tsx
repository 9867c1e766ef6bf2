'use client'

import { useId, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { saveDrivingRulesAction } from '@/actions/run'
import { drivingStates, type OwnDrivingRule, withDrivingRule } from '@/core/run/travel/ownDrivingRule'
import { Choice } from '@/ui/fields/Choice'
import { SaveBar } from '@/ui/fields/SaveBar'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSave } from '@/ui/state/useSave'
import { runLabels } from '@/ui/terms/runLabels'

export const drivingStateLabels = {
  forbidden: 'Gas off while moving.',
  'with-device': 'Gas on only with a device built in for it.',
  allowed: 'Left to you: off is safer in a crash.',
} as const

const blank: OwnDrivingRule = { place: '', on: 'forbidden', words: '' }

/** Rules by state or province that the owner looked up, in the owner’s words. */
export function OwnRules({
  rigId,
  version,
  rules,
}: {
  rigId: string
  version: number
  rules: readonly OwnDrivingRule[]
}) {
  const id = useId()
  const say = useNotice()
  const [rule, setRule] = useState(blank)
  const { save, saving, issueAt } = useSave(saveDrivingRulesAction)
  const keep = async (next: readonly OwnDrivingRule[], done: string): Promise<void> => {
    if (await save({ rigId, version, rules: next })) {
      setRule(blank)
      say({ done })
    }
  }
  const at = (field: string): string | null => {
    const index = withDrivingRule(rules, rule).indexOf(rule)
    return issueAt(`rules.${index}.${field}`)
  }
  const text = (field: 'place' | 'words', label: string) => (
    <div>
      <Form.Label htmlFor={`${id}-${field}`}>{label}</Form.Label>
      <Form.Control
        id={`${id}-${field}`}
        value={rule[field]}
        aria-invalid={at(field) !== null}
        onChange={(event) => setRule({ ...rule, [field]: event.target.value })}
      />
      <div role="alert">{at(field) && <p className="issue mb-0">{at(field)}</p>}</div>
    </div>
  )
  return (
    <form
      noValidate
      className="mt-4"
      aria-label={runLabels.rulesYouLookedUp}
      onSubmit={(event) => {
        event.preventDefault()
        void keep(withDrivingRule(rules, rule), 'Rule saved')
      }}
    >
      <h2>{runLabels.rulesYouLookedUp}</h2>
      <ul className="plain-list">
        {rules.map((one) => (
          <li key={one.place}>
            <strong>{one.place}:</strong> {drivingStateLabels[one.on]} {one.words}{' '}
            <Button
              variant="bare"
              size="sm"
              onClick={() =>
                void keep(
                  rules.filter((other) => other !== one),
                  'Rule removed',
                )
              }
            >
              Remove <span className="visually-hidden">{one.place}</span>
            </Button>
          </li>
        ))}
      </ul>
      <div className="fields">
        {text('place', runLabels.stateOrProvince)}
        <Choice
          id={`${id}-on`}
          label={runLabels.gasWhileDriving}
          value={rule.on}
          options={drivingStates.map((one) => [one, drivingStateLabels[one]] as const)}
          set={(on) => setRule({ ...rule, on })}
        />
        {text('words', runLabels.whatItSays)}
      </div>
      <SaveBar label={runLabels.saveTheRule} saving={saving} dirty={rule !== blank} />
    </form>
  )
}
