import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import type { Provenance } from '@/core/rules/basis/basisEntry'

/** How long a cylinder may be filled after it was made or last requalified. Numbers are months. */
export interface RuleSet {
  id: string
  name: string
  /** The rule in one sentence. */
  words: string
  source: string
  standing: Provenance
  /** From manufacture to the first requalification of a welded propane cylinder. */
  firstMonths: number
  /** After a mark, by its letter: E external visual, S proof pressure, none volumetric expansion. */
  afterMonths: { E: number; S: number; none: number }
  /** High-pressure cylinders of steel or aluminum, as for CO2: from manufacture and after every mark. */
  highPressureMonths: number
}

const HIGH_PRESSURE_MONTHS = 60

/** Rule sets that the owner can choose. */
export const dateRuleSets = [
  {
    id: 'ten-then-five',
    name: '10 then 5',
    words: 'Good for ten years from manufacture; each requalification buys five. CO2 cylinders every five.',
    source: 'Common at filling stations',
    standing: 'common practice',
    firstMonths: 120,
    afterMonths: { E: 60, S: 60, none: 60 },
    highPressureMonths: HIGH_PRESSURE_MONTHS,
  },
  {
    id: 'us-dot',
    name: 'US DOT',
    words:
      'Good for twelve years from manufacture. Then five after an external look (E), seven after a proof test (S), twelve after a volumetric one (no letter). CO2 cylinders every five.',
    source: '49 CFR 180.209',
    standing: 'from memory',
    firstMonths: 144,
    afterMonths: { E: 60, S: 84, none: 144 },
    highPressureMonths: HIGH_PRESSURE_MONTHS,
  },
  {
    id: 'us-dot-proof-ten',
    name: 'US DOT, later edition',
    words: 'As US DOT, but ten years after a proof test (S).',
    source: '49 CFR 180.209, later editions',
    standing: 'from memory',
    firstMonths: 144,
    afterMonths: { E: 60, S: 120, none: 144 },
    highPressureMonths: HIGH_PRESSURE_MONTHS,
  },
  {
    id: 'canada',
    name: 'Canada',
    words: 'Every ten years, from manufacture and after every requalification. CO2 cylinders every five.',
    source: 'CSA B339 and B340',
    standing: 'from memory',
    firstMonths: 120,
    afterMonths: { E: 120, S: 120, none: 120 },
    highPressureMonths: HIGH_PRESSURE_MONTHS,
  },
] as const satisfies readonly RuleSet[]

export const OWN_RULE_ID = 'own'

/** Default for a new rig: the strictest rule for the first years of a cylinder. */
export const DEFAULT_RULE_ID = 'ten-then-five'

const months = z.int().min(1, 'A rule has one month or more.').max(600, 'No rule is longer than fifty years.')

/** The numbers of an owner's own rule. */
export const ownRuleSchema = z.strictObject({
  firstMonths: months,
  afterEMonths: months,
  afterSMonths: months,
  afterNoneMonths: months,
  highPressureMonths: months,
})

export type OwnRule = z.output<typeof ownRuleSchema>

/**
 * A rule set by its identifier, or the owner's own from its numbers.
 *
 * @param id - `ten-then-five`, `us-dot`, `us-dot-proof-ten`, `canada` or `own`
 * @param own - numbers of the owner's rule, for `own`
 * @throws InputError at `ruleSet` for an unknown one, or an own rule without numbers
 */
export function findRuleSet(id: string, own: OwnRule | null = null): RuleSet {
  if (id === OWN_RULE_ID && own) {
    return {
      id,
      name: 'Your own rule',
      words: 'As you entered it.',
      source: 'Your entry',
      standing: 'your entry',
      firstMonths: own.firstMonths,
      afterMonths: { E: own.afterEMonths, S: own.afterSMonths, none: own.afterNoneMonths },
      highPressureMonths: own.highPressureMonths,
    }
  }
  const found = dateRuleSets.find((rule) => rule.id === id)
  if (!found) {
    const known = dateRuleSets.map((rule) => rule.id).join(', ')
    throw new InputError(
      'ruleSet',
      `There is no rule set “${id}”. There are: ${known}, or an own one with its numbers.`,
    )
  }
  return found
}
