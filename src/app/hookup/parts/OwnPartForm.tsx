'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { connectionIds, connections, type ConnectionId } from '@/core/hookup/catalogue/connections'
import { ownPartType, type OwnPart } from '@/core/hookup/catalogue/ownPartType'
import { type Fit, type PartType } from '@/core/hookup/catalogue/partType'
import { partRoles, type PartRole } from '@/core/hookup/catalogue/partRoles'
import { zoneFacts, zones, type Zone } from '@/core/hookup/catalogue/zone'
import { InputError } from '@/core/base/InputError'
import type { DisplayRole } from '@/core/base/quantity'
import { newId } from '@/ui/state/newId'
import { QuantityField } from '@/ui/fields/QuantityField'
import { nothingTyped, readQuantity } from '@/ui/fields/typedQuantity'
import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import { hookupLabels } from '@/ui/terms/hookupLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

function FitFields({ label, fit, set }: { label: string; fit: Fit; set: (fit: Fit) => void }) {
  return (
    <fieldset className="fit-fields">
      <legend>{label}</legend>
      <Form.Select
        aria-label={`${label}: connection`}
        value={fit.connection}
        onChange={(event) => set({ ...fit, connection: event.target.value as ConnectionId })}
      >
        {connectionIds.map((id) => (
          <option key={id} value={id}>
            {connections[id].name}
          </option>
        ))}
      </Form.Select>
      <Form.Select
        aria-label={`${label}: thread outside or inside`}
        value={fit.sex}
        onChange={(event) => set({ ...fit, sex: event.target.value as Fit['sex'] })}
      >
        <option value="male">outside (male)</option>
        <option value="female">inside (female)</option>
      </Form.Select>
    </fieldset>
  )
}

/** A part the catalogue does not have: what it does, its two ends, what it is made for. */
export function OwnPartForm({ add, close }: { add: (type: PartType) => void; close: () => void }) {
  const [part, setPart] = useState<Omit<OwnPart, 'id'>>({
    name: '',
    role: 'adapter',
    rated: 'cylinder',
    into: { connection: 'flare-3/8', sex: 'female' },
    out: { connection: 'flare-3/8', sex: 'male' },
  })
  const [texts, setTexts] = useState({
    length: nothingTyped,
    bore: nothingTyped,
    input: nothingTyped,
    set: nothingTyped,
  })
  const [issues, setIssues] = useState<InputError['issues']>([])
  const issueAt = (path: string): string | null => issues.find((issue) => issue.path === path)?.message ?? null
  const role: PartRole = part.role
  const has = {
    run: roleTraits[role].isRun,
    input: role === 'appliance',
    set: role === 'regulator',
    into: !roleTraits[role].isSource,
    out: !roleTraits[role].isEnd,
  }
  const field = (key: keyof typeof texts, label: string, shown: DisplayRole, path: string) => (
    <QuantityField
      label={label}
      role={shown}
      typed={texts[key]}
      issue={issueAt(path)}
      onTyped={(text) => setTexts({ ...texts, [key]: text })}
    />
  )
  const submit = (): void => {
    const number = (key: keyof typeof texts, shown: DisplayRole): number | null => readQuantity(texts[key], shown).value
    try {
      add(
        ownPartType({
          ...part,
          id: newId('own'),
          lengthM: number('length', 'run'),
          boreM: number('bore', 'bore'),
          inputW: number('input', 'power'),
          setGaugePa: number('set', 'linePressure'),
        }),
      )
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      setIssues(error.issues)
    }
  }
  return (
    <div className="own-part" role="group" aria-label={hookupLabels.aPartOfYourOwn}>
      <div className="fields">
        <div>
          <Form.Label htmlFor="own-name">{hookupLabels.whatItIsCalled}</Form.Label>
          <Form.Control
            id="own-name"
            value={part.name}
            aria-invalid={issueAt('name') !== null}
            onChange={(event) => setPart({ ...part, name: event.target.value })}
          />
          {issueAt('name') && (
            <p className="issue mb-0" role="alert">
              {issueAt('name')}
            </p>
          )}
        </div>
        <div>
          <Form.Label htmlFor="own-role">{hookupLabels.whatItDoes}</Form.Label>
          <Form.Select
            id="own-role"
            value={part.role}
            onChange={(event) => setPart({ ...part, role: event.target.value as PartRole })}
          >
            {partRoles
              .filter((one) => one !== 'supply-tee' && one !== 'changeover')
              .map((one) => (
                <option key={one} value={one}>
                  {roleTraits[one].label}
                </option>
              ))}
          </Form.Select>
        </div>
        <div>
          <Form.Label htmlFor="own-rated">Made for, at most</Form.Label>
          <Form.Select
            id="own-rated"
            value={part.rated}
            onChange={(event) => setPart({ ...part, rated: event.target.value as Zone })}
          >
            {zones.map((zone) => (
              <option key={zone} value={zone}>
                {zoneFacts[zone].name}
              </option>
            ))}
          </Form.Select>
        </div>
        {has.into && <FitFields label="Gas comes in by" fit={part.into} set={(into) => setPart({ ...part, into })} />}
        {has.out && <FitFields label="and goes out by" fit={part.out} set={(out) => setPart({ ...part, out })} />}
        {role === 'tee' && (
          <FitFields
            label={hookupLabels.andBySecondOutlet}
            fit={part.secondOut ?? part.out}
            set={(secondOut) => setPart({ ...part, secondOut })}
          />
        )}
        {has.run && field('length', hookupLabels.length, 'run', 'lengthM')}
        {has.run && field('bore', sharedLabels.insideDiameter, 'bore', 'boreM')}
        {has.input && field('input', sharedLabels.heatInput, 'power', 'inputW')}
        {has.set && field('set', 'It holds behind it', 'linePressure', 'setGaugePa')}
      </div>
      <div className="save-line">
        <Button size="sm" onClick={submit}>
          {hookupLabels.addIt}
        </Button>
        <Button size="sm" variant="quiet" onClick={close}>
          {sharedLabels.leaveIt}
        </Button>
      </div>
    </div>
  )
}
