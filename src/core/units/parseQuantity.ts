import { InputError } from '@/core/base/InputError'
import type { Dimension } from '@/core/base/quantity'
import { readNumber } from './readNumber'
import { readTerms, type Term } from './readTerms'
import { tidyQuantityText } from './tidyQuantityText'
import { unitOf } from './unitOf'
import { unitTable } from './unitTable'

export interface ParseOptions {
  /** Unit meant by a bare number; without it a bare number is refused. */
  defaultUnit?: string
  /** Field path to carry in errors. */
  path?: string
}

/** Units that only one family writes together, so that `1 lb 200 g` is caught. */
function requireMinorFollows(previous: string, term: Term, value: number, dimension: Dimension, path: string): void {
  const major = unitOf(dimension, previous)
  if (term.unitKey === null) {
    const numberText = term.numberText
    throw new InputError(path, `The ${numberText} at the end has no unit. Write, say, ${unitTable[dimension].example}.`)
  }
  const minor = unitOf(dimension, term.unitKey)
  if (major.minor !== term.unitKey) {
    throw new InputError(
      path,
      `${major.symbol} and ${minor.symbol} do not go together in one ${unitTable[dimension].noun}. Use one of them.`,
    )
  }
  if (value * minor.factor >= major.factor) {
    throw new InputError(
      path,
      `${term.numberText} ${minor.symbol} is 1 ${major.symbol} or more by itself. Is a decimal point missing?`,
    )
  }
}

/**
 * Reads a quantity as an owner types it.
 *
 * @param text - such as `1 lb 11.6 oz`, `8'2"`, `-9 °C`
 * @param dimension - what the field measures
 * @returns the SI value
 * @throws InputError with a sentence for the field
 * @example parseQuantity('1 lb 11.6 oz', 'mass') // 0.7824…
 */
export function parseQuantity(text: string, dimension: Dimension, options: ParseOptions = {}): number {
  const { defaultUnit, path = '' } = options
  const { noun, example, mayBeNegative } = unitTable[dimension]
  const tidy = tidyQuantityText(text)
  if (tidy === '') throw new InputError(path, `Enter the ${noun}, such as ${example}.`)
  const negative = tidy.startsWith('-')
  if (negative && !mayBeNegative) throw new InputError(path, `The ${noun} cannot be negative.`)
  const terms = readTerms(tidy.replace(/^[+-]\s*/, ''), dimension, path)

  let sumSi = 0
  let offset = 0
  let previous: string | null = null
  for (const term of terms) {
    const unitKey: string | null = term.unitKey ?? (terms.length === 1 ? (defaultUnit ?? null) : null)
    if (unitKey === null && previous === null) {
      throw new InputError(path, `${term.numberText} of what? Write the unit too, like ${example}.`)
    }
    const unit = unitOf(dimension, unitKey ?? previous ?? '')
    const value = readNumber(term.numberText, unit.family, path)
    if (previous !== null) requireMinorFollows(previous, term, value, dimension, path)
    sumSi += value * unit.factor
    offset = unit.offset ?? 0
    previous = unitKey
  }
  if (!Number.isFinite(sumSi)) throw new InputError(path, `That number is too large for the ${noun}.`)
  return (negative ? -sumSi : sumSi) + offset
}
