import { atField } from '@/core/base/InputError'
import { assumed, type QuantitySources } from '@/core/base/provenance'
import { z } from '@/core/base/zod'
import { dayField } from '@/core/time/day'
import { requireTemperature } from '@/core/fluids/fluidData'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { nameField } from '@/services/shared/fields'

/** The day of leaving as a date field gives it. */
export const leavingDayField = dayField('Choose the day you leave.')

/** What an owner enters of a trip, other than what burns. */
export const tripFieldsSchema = z.strictObject({
  name: nameField,
  startDay: leavingDayField,
  nights: z
    .int('A trip has a whole number of nights.')
    .min(1, 'A trip has one night or more.')
    .max(366, 'Plan a year at most.'),
  /** Null when not entered: sea level is then assumed, and said so. */
  altitudeM: z.number().nullable(),
  coldestK: z.number().nullable(),
  reserveShare: z.number().min(0, 'The reserve cannot be less than zero.').max(1, 'The reserve is at most 100 %.'),
})

/**
 * Refuses a height and a cold that cannot be.
 *
 * @param place - of the trip
 * @param before - put before the field's name, where it lies deeper
 * @throws InputError at `altitudeM` or `coldestK`
 */
export function requireTripPlace(
  { altitudeM, coldestK }: { altitudeM: number | null; coldestK: number | null },
  before = '',
): void {
  if (altitudeM !== null) atField(`${before}altitudeM`, () => standardAtmospherePa(altitudeM))
  if (coldestK !== null) atField(`${before}coldestK`, () => requireTemperature('propane', coldestK))
}

/** Height as stored: an unknown one is assumed to be sea level. */
export function storedAltitude(altitudeM: number | null): { altitudeM: number; sources: QuantitySources } {
  return altitudeM === null ? { altitudeM: 0, sources: { altitudeM: assumed() } } : { altitudeM, sources: {} }
}
