'use client'

import Form from 'react-bootstrap/Form'
import { archiveOfferAction, saveOfferAction } from '@/actions/fill'
import { priceWays, type PriceWay } from '@/core/fill/cost/fillCosts'
import { formatQuantity } from '@/core/units/formatQuantity'
import type { DisplayRole } from '@/core/base/quantity'
import { ConflictNote } from '@/ui/shell/ConflictNote'
import { QuantityField } from '@/ui/fields/QuantityField'
import { nothingTyped, readQuantity, typedOf } from '@/ui/fields/typedQuantity'
import { FormActions } from '@/ui/fields/FormActions'
import { useUnits } from '@/ui/state/UnitsProvider'
import type { ListedOffer } from './listedOffer'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { fillLabels } from '@/ui/terms/fillLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const ways: Readonly<Record<PriceWay, { name: string; role: DisplayRole; contains: DisplayRole | null }>> = {
  'by-volume': { name: 'metered, by the gallon or liter', role: 'pricePerVolume', contains: null },
  'by-weight': { name: 'on a scale, by weight', role: 'pricePerMass', contains: null },
  exchange: { name: 'exchange of a cylinder', role: 'money', contains: 'cylinderMass' },
  bottles: { name: 'one-pound bottle, thrown away', role: 'money', contains: 'bottleMass' },
}

const FIRST_WAY: PriceWay = 'by-volume'

/** Form for one price. */
export function OfferForm({ rigId, stored, close }: { rigId: string; stored: ListedOffer | null; close: () => void }) {
  const { system } = useUnits()
  const form = useSavedForm({
    slot: `offer ${stored?.id ?? 'new'}`,
    version: stored?.version ?? null,
    initial: {
      place: stored?.place ?? '',
      way: stored?.way ?? FIRST_WAY,
      price: stored ? typedOf(stored.price, ways[stored.way].role, system) : nothingTyped,
      amount: stored ? typedOf(stored.containsKg, ways[stored.way].contains ?? 'cylinderMass', system) : nothingTyped,
    },
    send: saveOfferAction,
  })
  const { values, set, saving, issueAt } = form
  const { place, way, price, amount } = values
  const { role, contains } = ways[way]
  const theirs = saving.conflict

  const leave = (): void => {
    form.forget()
    close()
  }
  const submit = async (version: number | null): Promise<void> => {
    const priceRead = readQuantity(price, role)
    const amountRead = contains === null ? null : readQuantity(amount, contains)
    if (priceRead.issue || amountRead?.issue) return
    const entry = { place, way, price: priceRead.value ?? 0, containsKg: amountRead?.value ?? null }
    if (await form.save({ id: stored?.id ?? null, rigId, version, ...entry }, version)) leave()
  }
  return (
    <form
      className="py-3"
      noValidate
      aria-label={stored ? `Change ${stored.place}` : 'A new price'}
      onSubmit={(event) => {
        event.preventDefault()
        void submit(form.baseVersion)
      }}
    >
      <div className="fields narrow">
        <div>
          <Form.Label htmlFor="offer-place">Where</Form.Label>
          <Form.Control
            id="offer-place"
            maxLength={60}
            value={place}
            onChange={(event) => set({ place: event.target.value })}
          />
          {issueAt('place') && <p className="issue mb-0">{issueAt('place')}</p>}
        </div>
        <div>
          <Form.Label htmlFor="offer-way">How it is sold</Form.Label>
          <Form.Select id="offer-way" value={way} onChange={(event) => set({ way: event.target.value as PriceWay })}>
            {priceWays.map((one) => (
              <option key={one} value={one}>
                {ways[one].name}
              </option>
            ))}
          </Form.Select>
        </div>
        <QuantityField
          label="Price, tax in it"
          role={role}
          typed={price}
          issue={issueAt('price')}
          onTyped={(typed) => set({ price: typed })}
        />
        {contains && (
          <QuantityField
            label="Gas it contains"
            role={contains}
            typed={amount}
            issue={issueAt('containsKg')}
            hint={way === 'exchange' ? 'often only 15 lb in a 20 lb cylinder' : '16.4 oz, tall thin ones 14.1'}
            onTyped={(typed) => set({ amount: typed })}
          />
        )}
      </div>
      <FormActions
        label={fillLabels.saveThePrice}
        saving={saving}
        dirty={form.dirty}
        leave={leave}
        stored={stored}
        archive={archiveOfferAction}
        away="Take it off"
      />
      {theirs && (
        <ConflictNote
          rows={[
            { label: 'Where', theirs: theirs.place, mine: place },
            {
              label: sharedLabels.price,
              theirs: formatQuantity({ value: theirs.price, role: ways[theirs.way].role }, system),
              mine: price.text,
            },
          ]}
          takeTheirs={leave}
          keepMine={() => void submit(theirs.version)}
        />
      )}
    </form>
  )
}
