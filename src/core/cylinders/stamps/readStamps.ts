import { InputError } from '@/core/base/InputError'
import type { Phrase, Quantity } from '@/core/base/quantity'
import { WATER_KG_M3 } from '@/core/cylinders/contents/waterCapacity'
import type { CylinderKind } from '@/core/cylinders/cylinderKind'
import { formatMonth } from '@/core/time/months'
import { fromUnit } from '@/core/units/convert'
import { stampedMonth } from './marks'
import { readSpecification } from './readSpecification'
import type { MarkLetter, StampMeaning, StampPart, StampReading } from './stampReading'
import { stampTokens, type StampToken } from './stampTokens'

/** Bottles that are weighed in ounces and grams hold less than this of water. */
const SMALL_KG = 2.5

/** Whether a weight on a collar belongs to a one-pound bottle. */
function isSmallVessel(massKg: number): boolean {
  return massKg < SMALL_KG
}

const LONGEST = 400

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

/** A separate letter belongs to the date after it when letters come first, else to the date before it. */
function letterOf(tokens: readonly StampToken[], i: number): string | null {
  const token = tokens[i]
  if (token?.type !== 'date') return null
  if (token.letter) return token.letter
  const near = tokens.filter((other) => other.type === 'date' || other.type === 'letter')
  const place = near.indexOf(token)
  const firstLetter = near.findIndex((other) => other.type === 'letter')
  if (firstLetter === -1) return null
  const leads = firstLetter <= 1 && near[firstLetter + 1]?.type === 'date'
  const beside = near[leads ? place - 1 : place + 1]
  return beside?.type === 'letter' ? beside.letter : null
}

const weightLabels = { tare: 'Tare', 'water-capacity': 'Water capacity', net: 'Net weight' } as const

const letterLabels = { E: 'external visual', S: 'proof pressure', none: 'volumetric' } as const

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

function takeDate(draft: Draft, tokens: readonly StampToken[], i: number, thisMonth: string): Read {
  const token = tokens[i]
  if (token?.type !== 'date') throw new RangeError('Not a date')
  const month = stampedMonth(token.month, token.year, thisMonth, 'stamps')
  const letter = letterOf(tokens, i) as MarkLetter
  const isMark =
    token.label === 'mark' || token.requalifier !== null || letter !== null || draft.manufacturedMonth !== null
  if (token.label === 'made' || !isMark) {
    if (draft.manufacturedMonth !== null) throw new InputError('stamps', 'A month of manufacture was read already.')
    draft.manufacturedMonth = month
    return said('manufactured', 'Made {month}', { month: formatMonth(month) })
  }
  if (draft.manufacturedMonth !== null && month < draft.manufacturedMonth) {
    throw new InputError('stamps', 'This mark is older than the cylinder. Check both dates.')
  }
  draft.marks.push({ month, letter, requalifier: token.requalifier })
  return said('mark', `Requalified {month}, ${letterLabels[letter ?? 'none']}`, { month: formatMonth(month) })
}

function take(draft: Draft, tokens: readonly StampToken[], i: number, thisMonth: string): Read {
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
      if (!read) return said('unread', 'Not understood')
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
      return takeDate(draft, tokens, i, thisMonth)
    case 'letter':
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
  const parts = placed.map(({ from, to }, i): StampPart => {
    const own = text.slice(from, to).trim()
    try {
      return { text: own, ...take(draft, tokens, i, thisMonth), issue: null }
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      return { text: own, meaning: 'unread', reads: { text: 'Not taken' }, issue: error.message }
    }
  })
  const { gas, says, ...reading } = draft
  return { ...reading, kind: kindOf(draft), parts }
}
