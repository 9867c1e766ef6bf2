'use client'

import Form from 'react-bootstrap/Form'
import { saveRuleAction } from '@/actions/cylinders'
import { OWN_RULE_ID, dateRuleSets, type OwnRule } from '@/core/rules/dateRules'
import { ConflictNote } from '@/ui/shell/ConflictNote'
import { SaveBar } from '@/ui/fields/SaveBar'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

interface RuledRig {
  id: string
  version: number
  ruleSetId: string
  ownRule: OwnRule | null
}

const ownFields: readonly [keyof OwnRule, string][] = [
  ['firstMonths', 'From manufacture'],
  ['afterEMonths', 'After a mark E'],
  ['afterSMonths', 'After a mark S'],
  ['afterNoneMonths', 'After one without a letter'],
  ['highPressureMonths', 'CO2, each time'],
]

const usualYears: OwnRule = {
  firstMonths: 120,
  afterEMonths: 60,
  afterSMonths: 60,
  afterNoneMonths: 60,
  highPressureMonths: 60,
}

/** Date rule of the rig; the filling station applies its own. */
export function RuleForm({ rig }: { rig: RuledRig }) {
  const say = useNotice()
  const start = rig.ownRule ?? usualYears
  const form = useSavedForm({
    slot: `date rule ${rig.id}`,
    version: rig.version,
    initial: {
      chosen: rig.ruleSetId,
      years: Object.fromEntries(ownFields.map(([key]) => [key, String(start[key] / 12)])),
    },
    send: saveRuleAction,
  })
  const { values, set, saving, issueAt } = form
  const { chosen, years } = values
  const months = Object.fromEntries(ownFields.map(([key]) => [key, Math.round(Number(years[key] || NaN) * 12)]))
  const theirs = saving.conflict

  const submit = async (version: number | null): Promise<void> => {
    const ownRule = chosen === OWN_RULE_ID ? months : null
    if (await form.save({ rigId: rig.id, version, ruleSetId: chosen, ownRule }, version))
      say({ done: cylindersLabels.dateRuleSaved })
  }
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        void submit(form.baseVersion)
      }}
    >
      <p className="hint">
        People go by different rules, and the filler’s own come first. The one picked here judges every cylinder of the
        rig that has none of its own.
      </p>
      <fieldset className="schools">
        <legend className="visually-hidden">Rule</legend>
        {dateRuleSets.map(({ id, name, words, source, standing }) => (
          <label key={id} className={chosen === id ? 'chosen' : ''}>
            <input type="radio" name="rule" checked={chosen === id} onChange={() => set({ chosen: id })} />
            <span>
              <strong>{name}</strong> {words}
              <small>
                {source} · {standing}
              </small>
            </span>
          </label>
        ))}
        <label className={chosen === OWN_RULE_ID ? 'chosen' : ''}>
          <input
            type="radio"
            name="rule"
            checked={chosen === OWN_RULE_ID}
            onChange={() => set({ chosen: OWN_RULE_ID })}
          />
          <span>
            <strong>Your own rule</strong> In years, as your filler or your country has it.
          </span>
        </label>
      </fieldset>
      {chosen === OWN_RULE_ID && (
        <div className="fields narrow mt-3">
          {ownFields.map(([key, label]) => (
            <div key={key}>
              <Form.Label htmlFor={key}>{label}, years</Form.Label>
              <Form.Control
                id={key}
                inputMode="decimal"
                value={years[key] ?? ''}
                onChange={(event) => set({ years: { ...years, [key]: event.target.value } })}
              />
              {issueAt(`ownRule.${key}`) && <p className="issue mb-0">{cylindersLabels.enterYearsSuchAs5}</p>}
            </div>
          ))}
        </div>
      )}
      {issueAt('ruleSet') && <p className="issue">{issueAt('ruleSet')}</p>}
      <SaveBar label={cylindersLabels.goByThis} saving={saving} dirty={form.dirty} />
      {theirs && (
        <ConflictNote
          rows={[{ label: 'Rule', theirs: theirs.ruleSetId, mine: chosen }]}
          takeTheirs={form.forget}
          keepMine={() => void submit(theirs.version)}
        />
      )}
    </form>
  )
}
