import { InputError } from '@/core/base/InputError'
import type { Phrase, Quantity } from '@/core/base/quantity'
import { WATER_KG_M3 } from '@/core/cylinders/contents/waterCapacity'
import type { CylinderKind } from '@/core/cylinders/cylinderKind'
import { formatMonth } from '@/core/time/months'
import { fromUnit } from '@/core/units/convert'
import { stampedMonth } from './marks'
import { readSpecification } from './readSpecification'
import { markLetterLabels, type MarkLetter, type StampMeaning, type StampPart, type StampReading } from './stampReading'
import { stampTokens, type StampToken } from './stampTokens'

/** Bottles that are weighed in ounces and grams hold less than this of water. */
const SMALL_KG = 2.5

/** Whether a weight on a collar belongs to a one-pound bottle. */
function isSmallVessel(massKg: number): boolean {
  return massKg < SMALL_KG
}

const LONGEST = 400
const MAX_SPECIFICATION = 40

const massUnits: Readonly<Record<string, string>> = {
  LB: 'lb',
  LBS: 'lb',
  '#': 'lb',
  KG: 'kg',
  KGS: 'kg',
  OZ: 'oz',
  G: 'g',
}

interface WeightRead {
  kg: number
  assumed: boolean
}

/** A number without a unit is read as pounds: if it was kilograms, every limit comes out too small, never too large. */
function weightOf(number: string, unit: string): WeightRead {
  const value = Number(number.replace(',', '.'))
  if (/^L/.test(unit) && !/^LB/.test(unit)) return { kg: fromUnit(value, 'volume', 'L') * WATER_KG_M3, assumed: false }
  return { kg: fromUnit(value, 'mass', massUnits[unit] ?? 'lb'), assumed: unit === '' }
}

/** What is known of the letters between the dates of a collar. */
interface Letters {
  /** Letter of each date, by its place among the tokens. */
  of: ReadonlyMap<number, MarkLetter>
  /** Separate letters that may belong to either of two dates, by their place. */
  doubtful: ReadonlySet<number>
}

/** All ways to give each separate letter to the date before or behind it, no date twice. */
function assignments(
  letters: readonly number[],
  near: readonly number[],
  free: ReadonlySet<number>,
): Map<number, number>[] {
  const [letter, ...others] = letters
  if (letter === undefined) return [new Map()]
  const place = near.indexOf(letter)
  return [near[place - 1], near[place + 1]].flatMap((date) => {
    if (date === undefined || !free.has(date)) return []
    const left = new Set([...free].filter((one) => one !== date))
    return assignments(others, near, left).map((rest) => new Map([[date, letter], ...rest]))
  })
}

/**
 * Letters that stand by themselves: given to dates where only one way is possible. The first date of several is the
 * month of manufacture and has no letter. A date without a letter on a collar with words that were not read has one that
 * was not read.
 */
function lettersOf(tokens: readonly StampToken[]): Letters {
  const places = tokens
    .map((token, i) => ({ token, i }))
    .filter(({ token }) => token.type === 'date' || token.type === 'letter')
  const dates = places.flatMap(({ token, i }) => (token.type === 'date' ? [{ token, i }] : []))
  const made =
    dates.find(({ token }) => token.label === 'made')?.i ??
    (dates.length > 1
      ? dates.find(({ token }) => token.label === null && token.letter === null && token.requalifier === null)?.i
      : undefined)
  const separate = places.flatMap(({ token, i }) => (token.type === 'letter' ? [i] : []))
  const free = new Set(dates.filter(({ token, i }) => token.letter === null && i !== made).map(({ i }) => i))
  const near = places.map(({ i }) => i)
  const ways = assignments(separate, near, free)
  const [only] = ways
  const isSure = ways.length === 1
  const given = new Map<number, MarkLetter>()
  const hasUnread = tokens.some(({ type }) => type === 'unread') || (separate.length > 0 && !isSure)
  for (const { token, i } of dates) {
    const letter = isSure ? only?.get(i) : undefined
    const own = letter === undefined ? undefined : tokens[letter]
    if (token.letter) given.set(i, token.letter as MarkLetter)
    else if (own?.type === 'letter') given.set(i, own.letter as MarkLetter)
    else if (hasUnread && i !== made) given.set(i, '?')
  }
  return { of: given, doubtful: new Set(ways.length > 1 ? separate : []) }
}

const weightLabels = { tare: 'Tare', 'water-capacity': 'Water capacity', net: 'Net weight' } as const

interface Draft extends Omit<StampReading, 'parts'> {
  gas: 'propane' | 'co2' | null
  says: CylinderKind | null
}

interface Read {
  meaning: StampMeaning
  reads: Phrase
}

const said = (meaning: StampMeaning, text: string, parts?: Phrase['parts']): Read => ({
  meaning,
  reads: { text, ...(parts && { parts }) },
})

function takeWeight(draft: Draft, token: Extract<StampToken, { type: 'weight' }>): Read {
  const { kg, assumed } = weightOf(token.number, token.unit)
  const key = ({ tare: 'tareKg', 'water-capacity': 'waterCapacityKg', net: 'labelNetKg' } as const)[token.of]
  if (!(kg > 0)) throw new InputError('stamps', 'A weight of nothing is not stamped on any collar.')
  if (draft[key] !== null) throw new InputError('stamps', `A ${weightLabels[token.of].toLowerCase()} was read already.`)
  draft[key] = kg
  const amount: Quantity = { value: kg, role: isSmallVessel(kg) ? 'bottleMass' : 'cylinderMass' }
  const words = `${weightLabels[token.of]} {amount}${assumed ? ', taken as pounds' : ''}`
  return said(token.of, words, { amount })
}

function takeDate(draft: Draft, tokens: readonly StampToken[], i: number, letters: Letters, thisMonth: string): Read {
  const token = tokens[i]
  if (token?.type !== 'date') throw new RangeError('Not a date')
  const month = stampedMonth(token.month, token.year, thisMonth, 'stamps')
  const letter = letters.of.get(i) ?? null
  const isMark =
    token.label === 'mark' ||
    token.requalifier !== null ||
    letter === 'E' ||
    letter === 'S' ||
    draft.manufacturedMonth !== null
  if (token.label === 'made' || !isMark) {
    if (draft.manufacturedMonth !== null) throw new InputError('stamps', 'A month of manufacture was read already.')
    draft.manufacturedMonth = month
    return said('manufactured', 'Made {month}', { month: formatMonth(month) })
  }
  if (draft.manufacturedMonth !== null && month < draft.manufacturedMonth) {
    throw new InputError('stamps', 'This mark is older than the cylinder. Check both dates.')
  }
  draft.marks.push({ month, letter, requalifier: token.requalifier })
  return said('mark', `Requalified {month}, ${markLetterLabels[letter ?? 'none']}`, { month: formatMonth(month) })
}

function take(draft: Draft, tokens: readonly StampToken[], i: number, letters: Letters, thisMonth: string): Read {
  const token = tokens[i] ?? { type: 'unread' }
  switch (token.type) {
    case 'weight':
      return takeWeight(draft, token)
    case 'water-gallons': {
      draft.waterCapacityKg = fromUnit(Number(token.number.replace(',', '.')), 'volume', 'gal') * WATER_KG_M3
      draft.says ??= 'onboard'
      return said('water-capacity', 'Water capacity {volume}', {
        volume: { value: draft.waterCapacityKg / WATER_KG_M3, role: 'liquidVolume' },
      })
    }
    case 'specification': {
      const read = readSpecification(token.text)
      if (!read) {
        // Kept as it is: a specification that is not understood gives no date.
        draft.specification ??= token.text.trim().slice(0, MAX_SPECIFICATION)
        return said('unread', 'A specification that is not understood: no date follows from it')
      }
      draft.specification ??= read.name
      draft.servicePressurePa ??= read.servicePressurePa
      return said('specification', 'Specification {name}', { name: read.name })
    }
    case 'pressure': {
      draft.servicePressurePa ??= fromUnit(Number(token.number), 'gaugePressure', 'psi')
      return said('pressure', 'Pressure {pressure}', {
        pressure: { value: fromUnit(Number(token.number), 'gaugePressure', 'psi'), role: 'cylinderPressure' },
      })
    }
    case 'date':
      return takeDate(draft, tokens, i, letters, thisMonth)
    case 'maybe-date':
      throw new InputError(
        'stamps',
        `Is this ${token.month} of the year ${token.year}? Write ${token.month.padStart(2, '0')}-${token.year}, or remove it.`,
      )
    case 'letter':
      if (letters.doubtful.has(i)) {
        throw new InputError(
          'stamps',
          `This letter may belong to either date beside it. Write it at its date, such as 06-17${token.letter}.`,
        )
      }
      return said('mark', token.letter === 'E' ? 'E: external visual' : 'S: proof pressure')
    case 'requalifier':
      return said('requalifier', 'Requalifier’s number')
    case 'valve':
      draft.overfillStop = true
      return said('valve', 'Valve with an overfill stop')
    case 'gas':
      draft.gas ??= token.gas
      return said('gas', token.gas === 'co2' ? 'For CO2' : 'For propane')
    case 'non-refillable':
      draft.says ??= 'bottle'
      return said('gas', 'Not to be refilled')
    case 'fixed':
      draft.says ??= 'onboard'
      return said('specification', 'Fixed tank')
    case 'serial':
      return said('serial', 'Serial number')
    case 'unread':
      return said('unread', 'Not understood')
  }
}

function kindOf({ says, gas, specification, waterCapacityKg }: Draft): CylinderKind | null {
  if (says) return says
  const dateClass = specification === null ? null : readSpecification(specification)?.dateClass
  if (dateClass === 'non-refillable') return 'bottle'
  if (gas === 'co2' || dateClass === 'high-pressure') return 'co2'
  if (dateClass === 'welded' || dateClass === 'composite' || gas === 'propane') {
    return waterCapacityKg !== null && isSmallVessel(waterCapacityKg) ? 'refillable-bottle' : 'removable'
  }
  return null
}

/**
 * Reads a collar as typed: any order, two- and four-digit years, the requalifier's number between, lb or kg.
 *
 * The first date without letter or number is the month of manufacture; the others are requalifications.
 *
 * @param text - as stamped, such as `TW 17.8 WC 47.6 DOT-4BA240 06-11 E 05-25`
 * @param thisMonth - the month it is, `2026-11`
 * @returns what was read, part by part; a wrong part carries its sentence and is not counted
 * @throws InputError at `stamps` when the text is longer than any collar
 */
export function readStamps(text: string, thisMonth: string): StampReading {
  if (text.length > LONGEST) throw new InputError('stamps', `No collar is that long: at most ${LONGEST} characters.`)
  const placed = stampTokens(text)
  const tokens = placed.map(({ token }) => token)
  const draft: Draft = {
    tareKg: null,
    waterCapacityKg: null,
    labelNetKg: null,
    specification: null,
    servicePressurePa: null,
    manufacturedMonth: null,
    marks: [],
    kind: null,
    overfillStop: false,
    gas: null,
    says: null,
  }
  const letters = lettersOf(tokens)
  const parts = placed.map(({ from, to }, i): StampPart => {
    const own = text.slice(from, to).trim()
    try {
      return { text: own, ...take(draft, tokens, i, letters, thisMonth), issue: null }
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      return { text: own, meaning: 'unread', reads: { text: 'Not taken' }, issue: error.message }
    }
  })
  const { gas, says, ...reading } = draft
  return { ...reading, kind: kindOf(draft), parts }
}
