import type { Phrase } from '@/core/findings/quantity'
import type { UnitSystem } from './displayRoles'
import { formatQuantity } from './formatQuantity'

/**
 * Fills a phrase's numbers in, in the units the owner reads.
 *
 * @throws RangeError when the text names a quantity that was not given: a fault of the program
 */
export function formatPhrase({ text, quantities = {} }: Phrase, system: UnitSystem): string {
  return text.replace(/\{(\w+)\}/g, (_, name: string) => {
    const quantity = quantities[name]
    if (!quantity) throw new RangeError(`The phrase “${text}” wants {${name}}`)
    return formatQuantity(quantity, system)
  })
}
