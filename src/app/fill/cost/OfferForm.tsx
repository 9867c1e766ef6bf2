'use client'

import Form from 'react-bootstrap/Form'
import { archiveOfferAction, saveOfferAction } from '@/actions/fill'
import { priceWays, type PriceWay } from '@/core/fill/cost/fillCosts'
import { formatForField, formatQuantity } from '@/core/units/formatQuantity'
import type { DisplayRole } from '@/core/base/quantity'
import { ConflictNote } from '@/ui/shell/ConflictNote'
import { QuantityField } from '@/ui/fields/QuantityField'
import { readQuantity } from '@/ui/fields/readQuantity'
import { FormActions } from '@/ui/fields/FormActions'
import { useSave } from '@/ui/state/useSave'
import { useUnits } from '@/ui/state/UnitsProvider'
import { useSessionState } from '@/ui/state/useSessionState'
import type { ListedOffer } from './listedOffer'

const ways: Readonly<Record<PriceWay, { name: string; role: DisplayRole; contains: DisplayRole | null }>> = {
  'by-volume': { name: 'metered, by the gallon or litre', role: 'pricePerVolume', contains: null },
  'by-weight': { name: 'on a scale, by weight', role: 'pricePerMass', contains: null },
  exchange: { name: 'exchange of a cylinder', role: 'money', contains: 'cylinderMass' },
  bottles: { name: 'one-pound bottle, thrown away', role: 'money', contains: 'bottleMass' },
}

const FIRST_WAY: PriceWay = 'by-volume'

/** Form for one price. */
export function OfferForm({ rigId, stored, close }: { rigId: string; stored: ListedOffer | null; close: () => void }) {
  const { system } = useUnits()
  const field = (value: number | null, as: DisplayRole): string =>
    value === null ? '' : formatForField({ value, role: as }, system)
  // The version is part of the draft: text typed over an older version must not silently overwrite a newer one.
  const [typed, setTyped, forget] = useSessionState(`offer ${stored?.id ?? 'new'}`, {
    version: stored?.version ?? null,
    place: stored?.place ?? '',
    way: stored?.way ?? FIRST_WAY,
    price: stored ? field(stored.price, ways[stored.way].role) : '',
    amount: stored ? field(stored.containsKg, ways[stored.way].contains ?? 'cylinderMass') : '',
  })
  const { place, way, price, amount } = typed
  const set = (change: Partial<typeof typed>): void => setTyped({ ...typed, ...change })
  const { role, contains } = ways[way]
  const { save, saving, issueAt, resetSaving } = useSave(saveOfferAction)
  const theirs = saving.conflict

  const leave = (): void => {
    forget()
    close()
  }
  const submit = async (version: number | null): Promise<void> => {
    const priceRead = readQuantity(price, role, system)
    const amountRead = contains === null ? null : readQuantity(amount, contains, system)
    if (priceRead.issue || amountRead?.issue) return
    const entry = { place, way, price: priceRead.value ?? 0, containsKg: amountRead?.value ?? null }
    if (await save({ id: stored?.id ?? null, rigId, version, ...entry })) leave()
  }
  return (
    <form
      className="py-3"
      noValidate
      aria-label={stored ? `Change ${stored.place}` : 'A new price'}
      onChange={resetSaving}
      onSubmit={(event) => {
        event.preventDefault()
        void submit(typed.version)
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
          text={price}
          issue={issueAt('price')}
          onText={(text) => set({ price: text })}
        />
        {contains && (
          <QuantityField
            label="Gas it contains"
            role={contains}
            text={amount}
            issue={issueAt('containsKg')}
            hint={way === 'exchange' ? 'often only 15 lb in a 20 lb cylinder' : '16.4 oz, tall thin ones 14.1'}
            onText={(text) => set({ amount: text })}
          />
        )}
      </div>
      <FormActions
        label="Save the price"
        saving={saving}
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
              label: 'Price',
              theirs: formatQuantity({ value: theirs.price, role: ways[theirs.way].role }, system),
              mine: price,
            },
          ]}
          takeTheirs={leave}
          keepMine={() => void submit(theirs.version)}
        />
      )}
    </form>
  )
}
