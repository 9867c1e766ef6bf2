import { priceWays } from '@/core/fill/cost/fillCosts'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { addOffer, findOffer, listOffers, saveOffer, type StoredOffer } from '@/records/repositories/cylinders/offers'
import { requireRig } from '@/services/rigs/rigs'
import { addOrSave, type ArchivedRow, massField, nameField, priceField, savedFields } from '@/services/shared/fields'

export type { StoredOffer }

/** Prices of a rig's owner, by place. */
export function pricesOf(rigId: string): StoredOffer[] {
  return listOffers(database(), rigId)
}

export const priceSchema = z.strictObject({
  ...savedFields,
  place: nameField,
  way: z.enum(priceWays),
  price: priceField,
  containsKg: massField.nullable(),
})

/**
 * Saves a price.
 *
 * @throws InputError at `containsKg` for an exchange without it
 */
export function savePrice({ id, rigId, version, ...entry }: z.output<typeof priceSchema>): { id: string } {
  if ((entry.way === 'exchange' || entry.way === 'bottles') && entry.containsKg === null) {
    throw new InputError('containsKg', 'Enter how much gas it contains: an exchanged cylinder often only 15 lb.')
  }
  requireRig(rigId)
  const saved = addOrSave(
    { id, version },
    () => addOffer(database(), rigId, entry),
    (known, over) => saveOffer(database(), known, over, entry),
  )
  return { id: saved.id }
}

/** A price as it is saved. */
export function savedPrice(id: string): StoredOffer | undefined {
  return findOffer(database(), id)
}

/** Takes a price off the list. */
export function archivePrice({ id, version }: ArchivedRow, now: Date): null {
  saveOffer(database(), id, version, { archivedAt: now.toISOString() })
  return null
}
