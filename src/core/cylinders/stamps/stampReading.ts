import type { Phrase } from '@/core/base/quantity'
import type { CylinderKind } from '@/core/cylinders/cylinderKind'

/**
 * Letter of a requalification mark: E external visual, S proof pressure, `?` one that was not read, which takes the
 * shortest interval; null for a volumetric test.
 */
export const markLetters = ['E', 'S', '?'] as const

export type MarkLetter = (typeof markLetters)[number] | null

/** How each letter is called. */
export const markLetterLabels: Readonly<Record<Exclude<MarkLetter, null> | 'none', string>> = {
  E: 'external visual',
  S: 'proof pressure',
  '?': 'letter not read, so the shortest interval counts',
  none: 'volumetric',
}

/** One requalification, as stamped or on a sticker. */
export interface Mark {
  /** `2025-05`. */
  month: string
  letter: MarkLetter
  /** The requalifier's number, where it was read. */
  requalifier: string | null
}

export type StampMeaning =
  | 'tare'
  | 'water-capacity'
  | 'net'
  | 'specification'
  | 'manufactured'
  | 'mark'
  | 'requalifier'
  | 'pressure'
  | 'valve'
  | 'gas'
  | 'serial'
  | 'unread'

/** One part of the collar, in the order of the text. */
export interface StampPart {
  /** As typed. */
  text: string
  meaning: StampMeaning
  /** What it was read as. */
  reads: Phrase
  /** What is wrong with it, in a sentence. */
  issue: string | null
}

/** All that a collar was read as; what is not stamped is null. */
export interface StampReading {
  parts: StampPart[]
  tareKg: number | null
  waterCapacityKg: number | null
  labelNetKg: number | null
  specification: string | null
  servicePressurePa: number | null
  manufacturedMonth: string | null
  marks: Mark[]
  /** Kind that follows from the stamps; null when they do not decide it. */
  kind: CylinderKind | null
  /** An overfill stop is stamped on the valve. */
  overfillStop: boolean
}
