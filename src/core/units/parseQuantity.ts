import { InputError } from '@/core/base/InputError'
import type { Dimension } from '@/core/base/quantity'
import type { Unit } from './unit'
import { unitTable, unitOf } from './unitTable'

const vulgarFractions: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}

/**
 * Normalizes the characters of a typed quantity: minus signs, quotes, spaces and fractions.
 *
 * @param text - as typed or pasted
 * @returns lower-case text without surrounding spaces
 * @example tidyQuantityText('1½ IN') // '1 1/2 in'
 */
export function tidyQuantityText(text: string): string {
  return text
    .replace(/[¼½¾⅓⅔⅛⅜⅝⅞]/g, (sign) => ` ${vulgarFractions[sign]}`)
    .replace(/[−–—]/g, '-')
    .replace(/[′’‘]/g, "'")
    .replace(/[″“”]|''/g, '"')
    .replace(/º|˚/g, '°')
    .replace(/²/g, '2')
    .replace(/³/g, '3')
    .replace(/(?<=\d)[\u202f\u2009\u00a0](?=\d{3})/g, '')
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase()
    .replace(/^(?:minus|negative) *(?=[\d.,])/, '-')
}

/** A number and the unit written behind it; null where none was written. */
interface QuantityTerm {
  numberText: string
  unitKey: string | null
}

/** A number as people write it, without a sign. */
export const NUMBER =
  /^(\d+(?: |-)\d+\/\d+|\d+\/\d+|\d{1,3}(?:,\d{3})+(?:\.\d+)?|[1-9]\d{0,2}(?: \d{3})+(?:[.,]\d+)?(?![\d/])|\d+(?:[.,]\d+|\.(?!\d))?|[.,]\d+)\s*/

/** What people write between pounds and ounces. */
const BETWEEN_TERMS = /^(?:,|;|&|\+|and\b)\s*(?=[\d.,])/

/** Length of `rest` that spells the word, ignoring spaces and periods inside it; 0 for no match. */
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
export function readTerms(text: string, dimension: Dimension, path: string): QuantityTerm[] {
  const { units, misnomers = [], noun, example } = unitTable[dimension]
  const terms: QuantityTerm[] = []
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
    if (unitKey !== null) rest = rest.replace(BETWEEN_TERMS, '')
  }
  return terms
}

/**
 * Reads one number as people write it: `31.4`, `17,5`, `9,000`, `1 1/2`, `3/8`.
 *
 * A comma before exactly three digits separates thousands in US units. With a metric unit it is ambiguous, and
 * a wrong guess would be off a thousandfold, so it is refused; so is a point before three digits in a unit whose
 * amounts run to thousands.
 *
 * @param unit - that follows
 * @param path - field path for errors
 * @throws InputError when ambiguous or when a denominator is 0
 */
export function readNumber(
  numberText: string,
  { family, inThousands = false }: Pick<Unit, 'family' | 'inThousands'>,
  path: string,
): number {
  const ask = (joined: string, pointed: string, sign: string): never => {
    throw new InputError(path, `“${numberText}” could mean ${joined} or ${pointed}. Write it without the ${sign}.`)
  }
  const fraction = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(numberText)
  if (fraction) {
    const [, whole = '0', numerator = '0', denominator = '0'] = fraction
    if (Number(denominator) === 0)
      throw new InputError(path, `${numerator}/${denominator} is not a fraction: nothing can be divided by 0.`)
    return Number(whole) + Number(numerator) / Number(denominator)
  }
  if (/^[1-9]\d{0,2}(,\d{3})+(\.\d+)?$/.test(numberText)) {
    const oneComma = numberText.indexOf(',') === numberText.lastIndexOf(',')
    if (family === 'metric' && !inThousands && oneComma && !numberText.includes('.')) {
      ask(numberText.replace(',', ''), numberText.replace(',', '.'), 'comma')
    }
    return Number(numberText.replaceAll(',', ''))
  }
  if (inThousands && /^[1-9]\d{0,2}\.\d{3}$/.test(numberText)) {
    ask(numberText.replace('.', ''), String(Number(numberText)), 'point')
  }
  return Number(numberText.replaceAll(' ', '').replace(',', '.'))
}

interface ParseOptions {
  /** Unit of a number without one; without it such a number is refused. */
  defaultUnit?: string
  /** Field path to carry in errors. */
  path?: string
}

/**
 * Clock notation of a time as terms: `1:30` is 1 h 30 min.
 *
 * @throws InputError where the field counts minutes, and the same could be 1 min 30 s
 */
function spellOutClock(text: string, defaultUnit: string | undefined, path: string): string {
  const clock = /^(\d+):([0-5]\d)(?::([0-5]\d))?(?: ?(?:h|hr|hrs|hours))?$/.exec(text)
  if (!clock) return text
  const [whole, hours = '', minutes = '', seconds] = clock
  if (seconds !== undefined) return `${hours} h ${minutes} min ${seconds} s`
  if ((defaultUnit === 'min' || defaultUnit === 's') && /\d$/.test(whole)) {
    throw new InputError(
      path,
      `“${whole}” could be ${hours} h ${minutes} min or ${hours} min ${minutes} s. Write the units.`,
    )
  }
  return `${hours} h ${minutes} min`
}

/** Rejects units that do not belong together, such as `1 lb 200 g`. */
function requireMinorFollows(
  previous: string,
  term: QuantityTerm,
  value: number,
  dimension: Dimension,
  path: string,
): void {
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
  const unsigned = tidy.replace(/^[+-]\s*/, '')
  const terms = readTerms(
    dimension === 'duration' ? spellOutClock(unsigned, defaultUnit, path) : unsigned,
    dimension,
    path,
  )

  let sumSi = 0
  let offset = 0
  let previous: string | null = null
  for (const term of terms) {
    const before: Unit | null = previous === null ? null : unitOf(dimension, previous)
    const bareUnit: string | null = before?.takesBareMinor
      ? (before.minor ?? null)
      : terms.length === 1
        ? (defaultUnit ?? null)
        : null
    const unitKey: string | null = term.unitKey ?? bareUnit
    if (unitKey === null && previous === null) {
      throw new InputError(path, `${term.numberText} of what? Write the unit too, like ${example}.`)
    }
    const unit = unitOf(dimension, unitKey ?? previous ?? '')
    const value = readNumber(term.numberText, unit, path)
    if (previous !== null) requireMinorFollows(previous, { ...term, unitKey }, value, dimension, path)
    sumSi += value * unit.factor
    offset = unit.offset ?? 0
    previous = unitKey
  }
  if (!Number.isFinite(sumSi)) throw new InputError(path, `That number is too large for the ${noun}.`)
  return (negative ? -sumSi : sumSi) + offset
}
