import { atField, InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { findRuleSet, OWN_RULE_ID, ownRuleSchema } from '@/core/rules/dateRules'
import { readStamps } from '@/core/cylinders/stamps/readStamps'
import { requalification, type Requalification } from './requalification'
import { findDateClass } from '@/core/cylinders/stamps/readSpecification'
import { cylinderKinds } from '@/core/cylinders/cylinderKind'
import type { Mark } from '@/core/cylinders/stamps/stampReading'

const month = z.string().regex(/^\d{4}-(0[1-9]|1[0-2])$/, 'Write the month like 2031-03.')

export const requalificationSchema = z.strictObject({
  /** The collar as stamped. */
  stamps: z.string(),
  /** Identifier of a rule set, or the numbers of the owner's own rule. */
  ruleSet: z.union([z.string(), ownRuleSchema]),
  /** Day to judge at. */
  on: z.iso.date('Write the day like 2026-11-24.'),
  /** Last day of the trip; by default the same day. */
  until: z.iso.date('Write the day like 2026-11-24.').optional(),
  /** By default what the stamps speak for, else a removable cylinder. */
  kind: z.enum(cylinderKinds).optional(),
  /** A composite's own interval, from its label. */
  labelIntervalMonths: z.int().min(1).optional(),
  /** Last month of a composite's life, from its label. */
  endOfLifeMonth: month.optional(),
})

export interface StampedRequalification extends Requalification {
  manufactured: string | null
  marks: Mark[]
  ruleSet: string
  /** What was not understood. */
  unread: string[]
}

/**
 * Until when a cylinder may be filled, from its collar as typed.
 *
 * @param input - see requalificationSchema
 * @throws InputError at `stamps` for a part that cannot be right, at `ruleSet` for a rule that is not known
 */
export function requalificationOfStamps(input: z.output<typeof requalificationSchema>): StampedRequalification {
  const { stamps, ruleSet, on, until = on, kind, labelIntervalMonths = null, endOfLifeMonth = null } = input
  if (until < on) throw new InputError('until', 'The trip cannot end before the day to judge at.')
  const rule = typeof ruleSet === 'string' ? findRuleSet(ruleSet) : findRuleSet(OWN_RULE_ID, ruleSet)
  const reading = readStamps(stamps, on.slice(0, 7))
  const wrong = reading.parts.find((part) => part.issue !== null)
  if (wrong?.issue) throw new InputError('stamps', `“${wrong.text}”: ${wrong.issue}`)
  if (reading.parts.every((part) => part.meaning === 'unread')) {
    throw new InputError('stamps', 'No stamp was understood. Write it as on the collar, such as 06-11 E 05-25.')
  }
  const dateClass = findDateClass(kind ?? reading.kind ?? 'removable', reading.specification, {
    labelIntervalMonths,
    endOfLifeMonth,
  })
  const { manufacturedMonth, marks } = reading
  const dates = { dateClass, manufacturedMonth, marks, labelIntervalMonths, endOfLifeMonth }
  return {
    manufactured: manufacturedMonth,
    marks,
    ...atField('stamps', () => requalification(dates, rule, on.slice(0, 7), until.slice(0, 7))),
    ruleSet: rule.id,
    unread: reading.parts.filter((part) => part.meaning === 'unread').map((part) => part.text),
  }
}
