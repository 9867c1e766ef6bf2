import { InputError } from '@/core/base/InputError'
import type { Dimension } from '@/core/base/quantity'
import { unitTable } from './unitTable'

/** A number and the unit written behind it; null where none was written. */
export interface Term {
  numberText: string
  unitKey: string | null
}

const NUMBER = /^(\d+(?: |-)\d+\/\d+|\d+\/\d+|\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+(?:[.,]\d+)?|[.,]\d+)\s*/

/** Length of `rest` that spells the word, spaces and points inside it not counted; 0 when it does not. */
function spelledLength(rest: string, spelling: string): number {
  let matched = 0
  for (let i = 0; i < rest.length; i += 1) {
    const character = rest.charAt(i)
    if (matched > 0 && (character === ' ' || character === '.')) continue
    if (character !== spelling[matched]) return 0
    matched += 1
    if (matched < spelling.length) continue
    const runsOn = /[a-z°#]$/.test(spelling) && /[a-z/^]/.test(rest.charAt(i + 1))
    if (runsOn) return 0
    return rest.charAt(i + 1) === '.' ? i + 2 : i + 1
  }
  return 0
}

function longestSpelling(rest: string, spellings: readonly string[]): number {
  return Math.max(0, ...spellings.map((spelling) => spelledLength(rest, spelling)))
}

/**
 * Splits a tidied quantity into its terms, as `1 lb 11.6 oz` into two.
 *
 * @param text - from tidyQuantityText, without a sign
 * @param path - field path for errors
 * @throws InputError when a number or a known unit is missing at its place
 */
export function readTerms(text: string, dimension: Dimension, path: string): Term[] {
  const { units, misnomers = [], noun, example } = unitTable[dimension]
  const terms: Term[] = []
  let rest = text
  while (rest !== '') {
    const number = NUMBER.exec(rest)
    if (!number?.[1]) {
      throw new InputError(path, `“${rest}” does not begin with a number. Write the ${noun} like ${example}.`)
    }
    rest = rest.slice(number[0].length)
    let unitKey: string | null = null
    let length = 0
    for (const [key, unit] of Object.entries(units)) {
      const found = longestSpelling(rest, unit.spellings)
      if (found > length) [unitKey, length] = [key, found]
    }
    const misnomer = misnomers.find(({ spellings }) => longestSpelling(rest, spellings) > length)
    if (misnomer) throw new InputError(path, misnomer.message)
    if (unitKey === null && rest !== '' && !/^\d/.test(rest)) {
      const word = /^\S+/.exec(rest)?.[0] ?? rest
      throw new InputError(path, `“${word}” is not a unit of ${noun} known here. Write it like ${example}.`)
    }
    terms.push({ numberText: number[1], unitKey })
    rest = rest.slice(length).trimStart()
  }
  return terms
}
