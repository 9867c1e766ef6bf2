'use client'

import Form from 'react-bootstrap/Form'
import { cylinderKinds, kindFacts, type CylinderKind } from '@/core/cylinders/cylinderKind'
import { type TareWay, tareWays } from '@/core/cylinders/contents/tareSource'
import { MonthField } from '@/ui/fields/MonthField'
import { QuantityField } from '@/ui/fields/QuantityField'
import { AssumedText } from '@/ui/figures/AssumedText'
import { Term } from '@/ui/figures/Term'
import { useUnits } from '@/ui/state/UnitsProvider'
import {
  FAR,
  massRoleOf,
  turnedTo,
  waterRoleOf,
  type StampFieldsProps,
  type StampValues,
  dateClassOf,
  tareWayOf,
} from './stampValues'
import { RareFields } from './RareFields'
import type { TypedQuantity } from '@/ui/fields/typedQuantity'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const tareWayLabels: Readonly<Record<TareWay, string>> = {
  stamped: 'TW stamped on the collar',
  measured: 'weighed empty',
  assumed: 'not read: usual size',
}

const sourceNames = { tare: 'tareKg', water: 'waterCapacityKg', label: 'labelNetKg' } as const

/** Fields of a collar; the kind decides which are shown. */
export function StampFields({ values, set, issues, issueAt, thisMonth }: StampFieldsProps) {
  const { kind } = values
  const { system } = useUnits()
  const { small } = kindFacts[kind]
  const dateClass = dateClassOf(values)
  const massRole = massRoleOf(kind)
  const quantity = (name: 'tare' | 'water' | 'label') => ({
    typed: values[name],
    onTyped: (typed: TypedQuantity) =>
      set({
        [name]: typed,
        sources: { ...values.sources, [sourceNames[name]]: { source: 'stamped' } },
        confirmed: false,
      }),
  })
  const tareWay = tareWayOf(values)
  const marksIssue = issues.marks ?? issueAt('marks')
  return (
    <div className="fields narrow">
      <div>
        <Form.Label htmlFor="name">{sharedLabels.whatYouCallIt}</Form.Label>
        <Form.Control
          id="name"
          maxLength={60}
          value={values.name}
          aria-invalid={issueAt('name') !== null}
          onChange={(event) => set({ name: event.target.value })}
        />
        {issueAt('name') && <p className="issue">{issueAt('name')}</p>}
      </div>
      <div>
        <Form.Label htmlFor="kind">{sharedLabels.kind}</Form.Label>
        <Form.Select
          id="kind"
          value={kind}
          onChange={(event) => set(turnedTo(event.target.value as CylinderKind, values, system))}
        >
          {cylinderKinds.map((one) => (
            <option key={one} value={one}>
              {kindFacts[one].name}
            </option>
          ))}
        </Form.Select>
      </div>
      {!kindFacts[kind].isFixed && (
        <QuantityField
          label={
            <>
              TW, the <Term id="tare">tare</Term>
            </>
          }
          role={massRole}
          hint={tareWay === 'assumed' ? 'assumed: type what the collar says' : 'stamped on the collar'}
          issue={issueAt('tareKg')}
          {...quantity('tare')}
        />
      )}
      {!kindFacts[kind].isFixed && (
        <div>
          <Form.Label htmlFor="tare-way">{cylindersLabels.howTheTareIsKnown}</Form.Label>
          <Form.Select
            id="tare-way"
            value={tareWay}
            onChange={(event) => {
              // An assumed one is not offered again once it was read.
              set({ sources: { ...values.sources, tareKg: { source: event.target.value as TareWay } } })
            }}
          >
            {tareWays
              .filter((way) => way !== 'assumed' || tareWay === 'assumed')
              .map((way) => (
                <option key={way} value={way}>
                  {tareWayLabels[way]}
                </option>
              ))}
          </Form.Select>
          {tareWay === 'assumed' && (
            <p className="hint mb-0">
              <AssumedText source={values.sources.tareKg} role={massRole} /> Contents count the heavy end; no stop
              weight is given until you read the collar.
            </p>
          )}
        </div>
      )}
      <QuantityField
        label={
          <>
            WC, the <Term id="water-capacity">water capacity</Term>
          </>
        }
        role={waterRoleOf(kind)}
        hint={
          kindFacts[kind].isFixed ? 'water gallons on its plate' : 'stamped on the collar, more than the tare on most'
        }
        issue={issueAt('waterCapacityKg')}
        {...quantity('water')}
      />
      {small && (
        <QuantityField
          label="Net weight on the label"
          role={massRole}
          optional
          hint="such as 16.4 oz"
          issue={issueAt('labelNetKg')}
          {...quantity('label')}
        />
      )}
      <MonthField
        label={cylindersLabels.monthItWasMade}
        text={values.month}
        onText={(month) => set({ month })}
        latest={thisMonth}
        issue={issues.month ?? issueAt('manufacturedMonth')}
        hint="as on the collar: 03-20; may stay empty"
      />
      {dateClass !== 'fixed' && dateClass !== 'non-refillable' && (
        <div>
          <Form.Label htmlFor="marks">{cylindersLabels.marksToEnterWithIt}</Form.Label>
          <Form.Control
            id="marks"
            value={values.marks}
            placeholder="05-25 E"
            aria-invalid={Boolean(marksIssue)}
            onChange={(event) => set({ marks: event.target.value })}
          />
          {marksIssue && (
            <p className="issue mb-0" role="alert">
              {marksIssue}
            </p>
          )}
          <p className="hint mb-0">requalifications on the collar, commas between; may stay empty</p>
        </div>
      )}
      <div>
        <Form.Label htmlFor="specification">Specification</Form.Label>
        <Form.Control
          id="specification"
          maxLength={40}
          value={values.specification}
          placeholder="DOT-4BA240"
          onChange={(event) => set({ specification: event.target.value })}
        />
        <p className="hint mb-0">may stay empty</p>
      </div>
      {kindFacts[kind].needsOverfillStop && (
        <div>
          <Form.Label htmlFor="overfill-stop">
            <Term id="overfill-stop">{cylindersLabels.overfillStop}</Term> in its valve
          </Form.Label>
          <Form.Select
            id="overfill-stop"
            value={values.overfillStop}
            onChange={(event) => set({ overfillStop: event.target.value as StampValues['overfillStop'] })}
          >
            <option value="unknown">not looked yet</option>
            <option value="yes">yes: three-lobed wheel, OPD on it</option>
            <option value="no">no</option>
          </Form.Select>
        </div>
      )}
      {(dateClass === 'composite' || dateClass === 'not-understood') && (
        <>
          <div>
            <Form.Label htmlFor="label-years">Years by its own label</Form.Label>
            <Form.Control
              id="label-years"
              value={values.labelYears}
              inputMode="numeric"
              placeholder="5"
              onChange={(event) => set({ labelYears: event.target.value })}
            />
            {issues.labelYears && <p className="issue mb-0">{issues.labelYears}</p>}
            <p className="hint mb-0">a composite goes by its label</p>
          </div>
          <MonthField
            label="End of its life"
            text={values.endOfLife}
            onText={(endOfLife) => set({ endOfLife })}
            latest={FAR}
            issue={issues.endOfLife ?? issueAt('endOfLifeMonth')}
            hint="from the label; may stay empty"
          />
        </>
      )}
      <RareFields values={values} set={set} issueAt={issueAt} />
      <div>
        <Form.Check
          id="aboard"
          label={cylindersLabels.comesAlongOnTheTrip}
          checked={values.aboard}
          onChange={(event) => set({ aboard: event.target.checked })}
        />
        {issueAt('aboard') && <p className="issue mb-0">{issueAt('aboard')}</p>}
      </div>
    </div>
  )
}
