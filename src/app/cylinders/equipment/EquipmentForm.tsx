'use client'

import Form from 'react-bootstrap/Form'
import { archiveEquipmentAction, saveEquipmentAction } from '@/actions/cylinders'
import {
  type Equipment,
  equipmentFacts,
  equipmentKinds,
  type EquipmentKind,
} from '@/core/cylinders/equipment/equipment'
import { FormActions } from '@/ui/fields/FormActions'
import { MonthField } from '@/ui/fields/MonthField'
import { readMonthField } from '@/ui/fields/readMonthField'
import { ConflictNote } from '@/ui/shell/ConflictNote'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** A thing with the version of its row. */
export type ListedEquipment = Equipment & { version: number }

/** Its own date may be in the future. */
const FAR = '2099-12'

const FIRST_KIND: EquipmentKind = 'regulator'

/** Form for one item. */
export function EquipmentForm({
  rigId,
  stored,
  thisMonth,
  close,
}: {
  rigId: string
  stored: ListedEquipment | null
  thisMonth: string
  close: () => void
}) {
  const form = useSavedForm({
    slot: `equipment ${stored?.id ?? 'new'}`,
    version: stored?.version ?? null,
    initial: {
      kind: stored?.kind ?? FIRST_KIND,
      name: stored?.name ?? '',
      made: stored?.madeMonth ?? '',
      until: stored?.replaceByMonth ?? '',
    },
    send: saveEquipmentAction,
  })
  const { values, set, saving, issueAt } = form
  const { kind, name, made, until } = values
  const theirs = saving.conflict

  const leave = (): void => {
    form.forget()
    close()
  }
  const submit = async (version: number | null): Promise<void> => {
    const madeMonth = readMonthField(made, thisMonth)
    const replaceByMonth = readMonthField(until, FAR)
    if (madeMonth.issue || replaceByMonth.issue) return
    const entry = { id: stored?.id ?? null, rigId, version, kind, name: name.trim() || equipmentFacts[kind].name }
    if (await form.save({ ...entry, madeMonth: madeMonth.month, replaceByMonth: replaceByMonth.month }, version))
      leave()
  }
  return (
    <form
      className="py-3 w-100"
      noValidate
      aria-label={stored ? `Change ${stored.name}` : 'A new thing'}
      onSubmit={(event) => {
        event.preventDefault()
        void submit(form.baseVersion)
      }}
    >
      <div className="fields narrow">
        <div>
          <Form.Label htmlFor="equipment-kind">What it is</Form.Label>
          <Form.Select
            id="equipment-kind"
            value={kind}
            onChange={(event) => set({ kind: event.target.value as EquipmentKind })}
          >
            {equipmentKinds.map((one) => (
              <option key={one} value={one}>
                {equipmentFacts[one].name}
              </option>
            ))}
          </Form.Select>
        </div>
        <div>
          <Form.Label htmlFor="equipment-name">{sharedLabels.whatYouCallIt}</Form.Label>
          <Form.Control
            id="equipment-name"
            maxLength={60}
            value={name}
            placeholder={equipmentFacts[kind].name}
            onChange={(event) => set({ name: event.target.value })}
          />
          {issueAt('name') && <p className="issue mb-0">{issueAt('name')}</p>}
        </div>
        <MonthField
          label={cylindersLabels.monthItWasMade}
          text={made}
          onText={(text) => set({ made: text })}
          latest={thisMonth}
          issue={issueAt('madeMonth')}
          hint="printed or stamped on it; may stay empty"
        />
        <MonthField
          label={cylindersLabels.toBeReplacedBy}
          text={until}
          onText={(text) => set({ until: text })}
          latest={FAR}
          issue={issueAt('replaceByMonth')}
          hint="where its own label says; may stay empty"
        />
      </div>
      <FormActions
        label={cylindersLabels.save}
        saving={saving}
        leave={leave}
        stored={stored}
        archive={archiveEquipmentAction}
      />
      {theirs && (
        <ConflictNote
          rows={[
            { label: 'Name', theirs: theirs.name, mine: name },
            { label: 'Made', theirs: theirs.madeMonth ?? '–', mine: made || '–' },
            { label: 'Replace by', theirs: theirs.replaceByMonth ?? '–', mine: until || '–' },
          ]}
          takeTheirs={leave}
          keepMine={() => void submit(theirs.version)}
        />
      )}
    </form>
  )
}
