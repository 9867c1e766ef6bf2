'use client'

import Image from 'next/image'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { archiveHeaterAction, saveHeaterAction } from '@/actions/heat'
import { heaterKinds, type Heater } from '@/core/heat/heaters/heater'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import type { StoredHeater } from '@/services/heat/heaters'
import { Choice } from '@/ui/fields/Choice'
import { MaybeMeasure } from '@/ui/fields/MaybeMeasure'
import { PhotoField } from '@/ui/fields/PhotoField'
import { FormActions } from '@/ui/fields/FormActions'
import type { HeatPageData } from '@/app/heat/heatPageData'
import { HeaterNumbers } from './HeaterNumbers'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { heatLabels } from '@/ui/terms/heatLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const asPanel: Heater = heaterTemplates['catalytic-panel'].heater

/** Form for one heater: kind, values from its manual, photo of the page. */
export function HeaterForm({
  data,
  stored,
  pages,
  close,
}: {
  data: HeatPageData
  stored: StoredHeater | null
  pages: readonly string[]
  close: () => void
}) {
  const form = useSavedForm({
    slot: `heater ${stored?.id ?? 'new'}`,
    version: stored?.version ?? null,
    initial: {
      name: stored?.name ?? '',
      applianceId: stored?.applianceId ?? null,
      heater: stored?.heater ?? asPanel,
      price: stored?.price ?? null,
      lastsNights: stored?.lastsNights ?? null,
    },
    send: saveHeaterAction,
  })
  const { values: typed, set, saving, issueAt } = form
  const [photo, setPhoto] = useState<string | null>(null)
  const { heater } = typed
  const leave = (): void => {
    form.forget()
    close()
  }
  const theirVersion = saving.conflict?.version ?? null
  const submit = async (version: number | null): Promise<void> => {
    const name = typed.name.trim() || heaterTemplates[heater.kind].name
    const entry = { ...typed, id: stored?.id ?? null, rigId: data.rigId, version, name, photo }
    if (await form.save(entry, version)) leave()
  }
  return (
    <form
      className="heater-form"
      noValidate
      aria-label={stored ? `Change ${stored.name}` : 'A new heater'}
      onSubmit={(event) => {
        event.preventDefault()
        void submit(form.baseVersion)
      }}
    >
      <div className="fields narrow">
        <div>
          <Form.Label htmlFor="heater-name">{sharedLabels.whatYouCallIt}</Form.Label>
          <Form.Control
            id="heater-name"
            size="sm"
            maxLength={60}
            value={typed.name}
            placeholder={heaterTemplates[heater.kind].name}
            onChange={(event) => set({ name: event.target.value })}
          />
          {issueAt('name') && <p className="issue mb-0">{issueAt('name')}</p>}
        </div>
        <Choice
          id="heater-kind"
          label={sharedLabels.kind}
          value={heater.kind}
          options={heaterKinds.map((kind) => [kind, `${heaterTemplates[kind].name}: ${heaterTemplates[kind].words}`])}
          // Another kind begins from what is common for it.
          set={(kind) => set({ heater: heaterTemplates[kind].heater })}
        />
        <Choice
          id="heater-appliance"
          label="Which appliance of the rig it is"
          value={typed.applianceId ?? ''}
          options={[['', 'none'], ...data.appliances.map(({ id, name }) => [id, name] as const)]}
          set={(id) => set({ applianceId: id === '' ? null : id })}
        />
      </div>
      <HeaterNumbers heater={heater} set={(change) => set({ heater: { ...heater, ...change } })} issueAt={issueAt} />
      <div className="fields narrow">
        <MaybeMeasure
          label="What it costs"
          role="money"
          value={typed.price}
          issue={issueAt('price')}
          set={(price) => set({ price })}
        />
        <MaybeMeasure
          label="Nights until it breaks"
          role="count"
          value={typed.lastsNights}
          issue={issueAt('lastsNights')}
          set={(lastsNights) => set({ lastsNights })}
        />
      </div>
      <PhotoField label={heatLabels.photoOfTheManualsPage} photo={photo} onPhoto={setPhoto} issue={issueAt('photo')} />
      {pages.length > 0 && (
        <ul className="manual-pages" aria-label="Pages kept">
          {pages.map((id, i) => (
            <li key={id}>
              <a href={`/photos/${id}`}>
                <Image src={`/photos/${id}`} alt={`Page ${i + 1} of the manual`} width={120} height={90} unoptimized />
              </a>
            </li>
          ))}
        </ul>
      )}
      <FormActions
        label={heatLabels.saveTheHeater}
        saving={saving}
        leave={leave}
        stored={stored}
        archive={archiveHeaterAction}
      >
        {theirVersion !== null && (
          <Button variant="quiet" onClick={() => void submit(theirVersion)}>
            {sharedLabels.saveMineOverTheirs}
          </Button>
        )}
      </FormActions>
    </form>
  )
}
