import { InputError } from '@/core/base/InputError'
import { OWN_RULE_ID, ruleSets, type OwnRule, type RuleSet } from './ruleSets'

/**
 * A rule set by its identifier, or the owner's own from its numbers.
 *
 * @param id - `ten-then-five`, `us-dot`, `us-dot-proof-ten`, `canada` or `own`
 * @param own - numbers of the owner's own rule, for `own`
 * @throws InputError at `ruleSet` for one that is not known, or an own one without numbers
 */
export function ruleSetOf(id: string, own: OwnRule | null = null): RuleSet {
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
  const found = ruleSets.find((rule) => rule.id === id)
  if (!found) {
    const known = ruleSets.map((rule) => rule.id).join(', ')
    throw new InputError(
      'ruleSet',
      `There is no rule set “${id}”. There are: ${known}, or an own one with its numbers.`,
    )
  }
  return found
}
