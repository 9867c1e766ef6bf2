import { z } from '@/core/base/zod'
import { dayField } from '@/core/time/day'
import { instantField } from '@/core/time/instant'

/** Until version 0.6.0 photos were files with these names, so no path separators. */
const NAME_OF_FILE = /^[^/\\\0.][^/\\\0]*$/

/** What names a row. */
export const idField = z
  .string()
  .min(1)
  .max(64)
  .regex(NAME_OF_FILE, 'A name of a row holds no slash and begins with no dot.')

/** SHA-256, hexadecimal. */
export const hashField = z.string().regex(/^[0-9a-f]{64}$/, 'A hash has 64 hexadecimal digits.')

const positive = (most: number): z.ZodNumber => z.number().positive('This must be more than zero.').max(most)
const between = (least: number, most: number): z.ZodNumber => z.number().min(least).max(most)

/** Schemas of plain columns, by name, or by table and name when ambiguous. Bounds equal those of the forms. */
export const columnSchemas: Readonly<Record<string, z.ZodType>> = {
  id: idField,
  at: instantField,
  month: z.string().regex(/^(19|20)\d\d-(0[1-9]|1[0-2])$/, 'A month is written like 2031-03.'),
  startDay: dayField(),
  name: z.string().min(1).max(60),
  place: z.string().min(1).max(60),
  subjectId: z.string().max(200),
  stepId: z.string().min(1).max(4000),
  itemId: z.string().min(1).max(200),
  reason: z.string().min(1).max(200),
  version: z.int().min(1).max(1e9),
  sequence: z.int().min(0).max(1e9),
  contentHash: hashField,
  position: z.int().min(0).max(1e6),
  tareKg: between(0, 1000),
  waterCapacityKg: positive(5000),
  labelNetKg: positive(2000),
  labelIntervalMonths: positive(1200),
  reliefGaugePa: positive(1e8),
  'weighings.grossKg': positive(3000),
  hangingKg: between(0, 50),
  shown: between(0, 10),
  liquidFraction: between(0, 1),
  temperatureK: between(203.15, 333.15),
  netKg: between(0, 2000),
  meteredM3: between(0, 10),
  shownBefore: between(0, 1),
  paid: between(0, 1e6),
  fees: between(0, 1e6),
  price: positive(1e6),
  containsKg: positive(2000),
  lastsNights: positive(1e6),
  bytes: z
    .int()
    .min(1)
    .max(700 * 1024),
  inputW: positive(200_000),
  ratedInputW: positive(200_000),
  pilotW: between(0, 200_000),
  currentA: between(0, 200),
  nights: z.int().min(1).max(366),
  altitudeM: between(-500, 6000),
  coldestK: between(203.15, 333.15),
  reserveShare: between(0, 1),
  burnPerDayS: between(0, 86_400),
  seed: z.int().min(0).max(4_294_967_295),
  people: z.int().min(1).max(20),
  durationS: between(0, 1e6),
  expertDurationS: between(0, 1e6),
  gasKg: between(0, 2000),
  'lessons.factor': between(0.2, 5),
  burntKg: between(0, 2000),
  plannedKg: between(0, 2000),
}
