import { typicalSizes, type TypicalSize } from './typicalSizes'

/** A size that a name may refer to. */
export interface SizeMatch {
  size: TypicalSize
  /** How to recognize it. */
  tellTale: string
}

/** Trade names in gallons and the sizes in pounds they stand for. [common practice] */
const GALLONS_TO_LB: readonly (readonly [gallons: number, lb: number])[] = [
  [1.2, 5],
  [2.4, 10],
  [2.5, 10],
  [5, 20],
  [4.7, 20],
  [7, 30],
  [7.1, 30],
  [7.5, 30],
  [9.4, 40],
  [10, 40],
  [23.6, 100],
  [24, 100],
  [25, 100],
  [100, 420],
  [120, 420],
]

const POUND_SIZES = [5, 10, 20, 30, 40, 100, 420]

const numberLabels: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  'two and a half': 2.5,
  five: 5,
  seven: 7,
  ten: 10,
  twenty: 20,
  thirty: 30,
  forty: 40,
  'a hundred': 100,
  'one hundred': 100,
  hundred: 100,
}

const tellTales: Readonly<Record<string, string>> = {
  'removable-5': 'knee-high at most, hand-wheel valve, weighs 7 lb empty',
  'removable-10': 'a foot wide or less, half as heavy as a grill’s, weighs 11 lb empty',
  'removable-20': 'the usual grill cylinder: a foot wide, knee-high, about 17 lb empty',
  'removable-30': 'as wide as a grill’s and half again as tall; usual on a trailer’s tongue',
  'removable-40': 'as wide as a grill’s and hip-high, about 30 lb empty',
  'removable-100': 'tall and thin, chest-high, a collar with handles, no gauge; holds 23.6 gal of propane',
  'removable-420': 'squat and wide, waist-high, a lid on top and a gauge under it; its plate gives water gallons: 120',
  'bottle-1': 'fist-wide, thread at the top, no hand-wheel; 14 to 15 oz empty',
}

function withTale(id: string): SizeMatch[] {
  const size = typicalSizes.find((typical) => typical.id === id)
  return size ? [{ size, tellTale: tellTales[id] ?? '' }] : []
}

function numberIn(text: string): number | null {
  const digits = /(\d+(?:[.,]\d+)?)(?:\s+1\/2)?/.exec(text)
  if (digits?.[1]) return Number(digits[1].replace(',', '.')) + (/\d\s+1\/2/.test(text) ? 0.5 : 0)
  const words = Object.entries(numberLabels).toSorted(([a], [b]) => b.length - a.length)
  return words.find(([word]) => text.includes(word))?.[1] ?? null
}

/**
 * Sizes that a cylinder name may refer to: “five gallon”, “20 lb”, “100”.
 *
 * “100” is ambiguous: 100 lb of gas in a tall thin cylinder, or 100 gallons in a squat one that holds 420 lb.
 *
 * @param text - as typed
 * @returns all possible sizes, the likeliest first; empty when not recognized
 */
export function parseSizeName(text: string): SizeMatch[] {
  const said = text.trim().toLowerCase()
  const number = numberIn(said)
  if (/\bco2\b|soda|keg/.test(said)) {
    const amount = numberIn(said.replace(/co2/g, ''))
    return amount === null ? [] : withTale(`co2-${amount}`)
  }
  if (number === null) return /grill|barbecue|bbq/.test(said) ? withTale('removable-20') : []
  const inGallons = /gal/.test(said)
  const inPounds = /lb|pound|#/.test(said)
  if (!inGallons && !inPounds && number === 100) return [...withTale('removable-100'), ...withTale('removable-420')]
  if (inGallons) {
    const pounds = GALLONS_TO_LB.find(([gallons]) => gallons === number)?.[1]
    return pounds === undefined ? [] : withTale(`removable-${pounds}`)
  }
  if (number === 1) return withTale('bottle-1')
  return POUND_SIZES.includes(number) ? withTale(`removable-${number}`) : []
}
