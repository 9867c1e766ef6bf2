import { quantitySourcesSchema } from '@/core/base/provenance'
import { format } from 'date-fns'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { energies, habitSchema } from '@/core/appliances/habit'

/** Fields that several actions share. Lengths keep a page readable and a row small. */
export const idField = z.string().min(1).max(64)
export const nameField = z.string().trim().min(1, 'Give it a name.').max(60)
export const versionField = z.int().min(1)
export const reasonField = z.string().trim().min(1, 'Say why, in a few words.').max(200)
export const noteField = z.string().trim().max(300).nullable()
export const sourceField = z.enum(['typed', 'scale'])

/** Heaviest thing anyone weighs here: a 420 lb cylinder with its gas is under half of this. */
const MAX_KG = 1000
export const massField = z
  .number()
  .positive('This must weigh more than zero.')
  .max(MAX_KG, 'That is heavier than any cylinder. Check the unit.')
export const hangingField = z
  .number()
  .min(0, 'This cannot weigh less than zero.')
  .max(50, 'That is heavier than any hose. Check the unit.')

/** A month as stored; typed text is parsed by core first. */
export const monthField = z
  .string()
  .regex(
    /^(19|20)\d\d-(0[1-9]|1[0-2])$/,
    'Write month and year as on the collar, such as 03-20, with a month from 01 to 12.',
  )

/** Price of one item or amount. */
export const priceField = z.number().positive('A price is more than zero.').max(1e6, 'No gas costs that much.')

/** Hours or habit of each appliance on a trip. */
export const tripUsesField = z
  .array(
    z.strictObject({
      applianceId: idField,
      burnPerDayS: z.number().min(0, 'This cannot be less than zero.').max(86_400, 'A day has 24 hours.'),
      habit: habitSchema.nullable(),
      byNight: z.array(z.enum(energies)).max(366).nullable(),
      sources: quantitySourcesSchema.default({}),
      heatsRoom: z.boolean().nullable().default(null),
    }),
  )
  .max(100)

/** Identifier and version of a row that is changed. */
export const rowFields = { id: idField, version: versionField }

/** A row that is added without identifier, or saved over the version given. */
export const savedFields = { id: idField.nullable(), rigId: idField, version: versionField.nullable() }

/** A row as it is archived. */
export const archivedRowSchema = z.strictObject(rowFields)
export type ArchivedRow = z.output<typeof archivedRowSchema>

/** The day where the server stands, which is the owner's own machine: `2026-11-24`. */
export function dayOf(now: Date): string {
  return format(now, 'yyyy-MM-dd')
}

/** The month where the server stands: `2026-11`. */
export function monthOf(now: Date): string {
  return dayOf(now).slice(0, 7)
}

/** @throws InputError at `path` for a month of manufacture that is still to come */
export function requireMadeMonth(path: string, month: string | null, now: Date): void {
  if (month !== null && month > monthOf(now)) {
    throw new InputError(path, 'That month has not come yet. Check the year.')
  }
}

/**
 * Adds a row that has no identifier yet, or saves it over the version given.
 *
 * @returns identifier and version that the row has from then on
 */
export function addOrSave(
  { id, version }: { id: string | null; version: number | null },
  add: () => { id: string; version: number },
  save: (id: string, version: number) => void,
): { id: string; version: number } {
  if (id === null) {
    const added = add()
    return { id: added.id, version: added.version }
  }
  const over = version ?? 0
  save(id, over)
  return { id, version: over + 1 }
}
