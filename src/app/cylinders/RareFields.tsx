'use client'

import { kindFacts } from '@/core/cylinders/cylinderKind'
import Form from 'react-bootstrap/Form'
import type { FullMark } from '@/core/cylinders/contents/liquidLevel'
import { OWN_RULE_ID, dateRuleSets } from '@/core/rules/dateRules'
import { QuantityField } from '@/ui/fields/QuantityField'
import type { StampFieldsProps } from './stampValues'

/** Fields for special cases: gauge and relief valve of a fixed tank, a date rule of its own. */
export function RareFields({ values, set, issueAt }: Pick<StampFieldsProps, 'values' | 'set' | 'issueAt'>) {
  return (
    <>
      {kindFacts[values.kind].isFixed && (
        <div>
          <Form.Label htmlFor="tank-full-mark">What its gauge’s full means</Form.Label>
          <Form.Select
            id="tank-full-mark"
            value={values.fullMark}
            onChange={(event) => set({ fullMark: event.target.value as FullMark })}
          >
            <option value="usable">the legal full, 80 % of the inside</option>
            <option value="eighths">eighths of that</option>
            <option value="whole">the whole inside, in percent</option>
          </Form.Select>
        </div>
      )}
      <QuantityField
        label="Relief valve set at"
        role="cylinderPressure"
        optional
        hint="from the plate or the valve"
        issue={issueAt('reliefGaugePa')}
        typed={values.relief}
        onTyped={(relief) => set({ relief })}
      />
      <div>
        <Form.Label htmlFor="own-rule">Date rule for this one</Form.Label>
        <Form.Select
          id="own-rule"
          value={values.ruleSetId}
          onChange={(event) => set({ ruleSetId: event.target.value })}
        >
          <option value="">the rig’s</option>
          {dateRuleSets.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
          <option value={OWN_RULE_ID}>Your own rule</option>
        </Form.Select>
        {issueAt('ruleSet') && <p className="issue mb-0">{issueAt('ruleSet')}</p>}
      </div>
      {values.ruleSetId !== '' && (
        <div>
          <Form.Label htmlFor="rule-reason">Why it goes by another</Form.Label>
          <Form.Control
            id="rule-reason"
            maxLength={200}
            value={values.ruleReason}
            onChange={(event) => set({ ruleReason: event.target.value })}
          />
          {issueAt('ruleReason') && <p className="issue mb-0">{issueAt('ruleReason')}</p>}
        </div>
      )}
    </>
  )
}
