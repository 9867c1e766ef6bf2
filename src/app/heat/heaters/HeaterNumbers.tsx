'use client'

import Form from 'react-bootstrap/Form'
import type { DisplayRole } from '@/core/base/quantity'
import type { Clearances, Heater, HeaterBody } from '@/core/heat/heaters/heater'
import { Choice } from '@/ui/fields/Choice'
import { MaybeMeasure } from '@/ui/fields/MaybeMeasure'
import { Measure } from '@/ui/fields/Measure'
import { heatLabels } from '@/ui/terms/heatLabels'

/** The numbers of the heater's plate and manual. */
export function HeaterNumbers({
  heater,
  set,
  issueAt,
}: {
  heater: Heater
  set: (change: Partial<Heater>) => void
  issueAt: (path: string) => string | null
}) {
  const { body } = heater
  const setBody = (change: Partial<HeaterBody>): void => set({ body: { ...body, ...change } })
  // A changed value may equal the common one by chance; the checkbox decides its source.
  const setClearance = (change: Partial<Clearances>): void => setBody({ clearances: { ...body.clearances, ...change } })
  const number = (label: string, role: DisplayRole, path: string, value: number, take: (value: number) => void) => (
    <Measure
      label={label}
      role={role}
      value={value}
      mayBeZero={path.includes('clearances') || path.includes('cylinder')}
      issue={issueAt(`heater.${path}`)}
      set={take}
    />
  )
  const clearance = (label: string, key: 'frontM' | 'sidesM' | 'topM' | 'rearM') =>
    number(label, 'length', `body.clearances.${key}`, body.clearances[key], (value) => setClearance({ [key]: value }))
  return (
    <>
      <fieldset>
        <legend>Distances to what can burn</legend>
        <div className="fields narrow">
          {clearance('Front', 'frontM')}
          {clearance('Sides', 'sidesM')}
          {clearance('Top', 'topM')}
          {clearance('Rear', 'rearM')}
          <MaybeMeasure
            label="To the ceiling, if told apart"
            role="length"
            value={body.clearances.ceilingM ?? null}
            set={(value) => setClearance({ ceilingM: value ?? undefined })}
          />
          {number('To a cylinder', 'length', 'body.cylinderM', body.cylinderM, (cylinderM) => setBody({ cylinderM }))}
        </div>
        <Form.Check
          id="from-manual"
          label={heatLabels.theseDistancesAreFromItsManual}
          checked={heater.clearancesFrom === 'manual'}
          onChange={() => set({ clearancesFrom: heater.clearancesFrom === 'manual' ? 'common' : 'manual' })}
        />
      </fieldset>
      <fieldset>
        <legend>Its size</legend>
        <div className="fields narrow">
          {number('Width', 'length', 'body.widthM', body.widthM, (widthM) => setBody({ widthM }))}
          {number('Depth', 'length', 'body.depthM', body.depthM, (depthM) => setBody({ depthM }))}
          {number('Height', 'length', 'body.heightM', body.heightM, (heightM) => setBody({ heightM }))}
          <Choice
            id="heater-mount"
            label="It stands or hangs"
            value={body.mount}
            options={[
              ['floor', 'stands on the floor'],
              ['wall', 'hangs on a wall'],
              ['either', 'either'],
            ]}
            set={(mount) => setBody({ mount })}
          />
          <MaybeMeasure
            label="Length of its hose"
            role="run"
            value={body.hoseM ?? null}
            set={(value) => setBody({ hoseM: value ?? undefined })}
          />
        </div>
      </fieldset>
      <fieldset>
        <legend>Heat and air</legend>
        <div className="fields narrow">
          {number('Input, high', 'power', 'highW', heater.highW, (highW) => set({ highW }))}
          {number('Input, low', 'power', 'lowW', heater.lowW, (lowW) => set({ lowW }))}
          <MaybeMeasure
            label="Open area it wants"
            role="area"
            value={heater.openAreaM2}
            issue={issueAt('heater.openAreaM2')}
            hint="from its manual; else 24 in² for 3,000 BTU/h"
            set={(openAreaM2) => set({ openAreaM2 })}
          />
          <MaybeMeasure
            label="Highest place it may be used"
            role="altitude"
            value={heater.highestM}
            issue={issueAt('heater.highestM')}
            hint="from its manual"
            set={(highestM) => set({ highestM })}
          />
          <Choice
            id="heater-cut-off"
            label="Oxygen cut-off"
            value={heater.oxygenCutOff}
            options={[
              ['not-known', 'not known'],
              ['yes', 'has one'],
              ['no', 'has none'],
            ]}
            set={(oxygenCutOff) => set({ oxygenCutOff })}
          />
          <Choice
            id="heater-certified"
            label="Certified for inside, where you camp"
            value={heater.certified}
            options={[
              ['not-known', 'not known'],
              ['yes', 'yes, by its plate'],
              ['no', 'no'],
            ]}
            set={(certified) => set({ certified })}
          />
        </div>
        <Form.Check
          id="heater-vented"
          label="Its fumes go outside"
          checked={heater.vented}
          onChange={() => set({ vented: !heater.vented })}
        />
        <Form.Check
          id="heater-bottle"
          label="A small bottle is screwed on it"
          checked={heater.bottleOn}
          onChange={() => set({ bottleOn: !heater.bottleOn })}
        />
      </fieldset>
    </>
  )
}
