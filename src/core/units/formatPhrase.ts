import type { Phrase } from '@/core/base/quantity'
import type { UnitSystem } from './displayRoles'
import { formatQuantity } from './formatQuantity'

/**
 * Fills a phrase's parts in, its numbers in the units the owner reads.
 *
 * @throws RangeError when the text names a part that was not given: a fault of the program
 */
export function formatPhrase({ text, parts = {} }: Phrase, system: UnitSystem): string {
  return text.replace(/\{(\w+)\}/g, (_, name: string) => {
    const part = parts[name]
    if (part === undefined) throw new RangeError(`The phrase “${text}” wants {${name}}`)
    return typeof part === 'string' ? part : formatQuantity(part, system)
  })
}
