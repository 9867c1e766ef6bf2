import type { Fluid } from '@/core/fluids/fluidData'
import { fromUnit } from '@/core/units/convert'

/** The kinds of vessel an owner carries; each has its own rules for date, fill and transport. */
export const cylinderKinds = ['removable', 'bottle', 'refillable-bottle', 'onboard', 'co2'] as const

export type CylinderKind = (typeof cylinderKinds)[number]

/** The two supplies of propane that never mix: the rig's line, and bottles screwed onto an appliance. */
export const supplies = ['line', 'bottles'] as const

export type Supply = (typeof supplies)[number]

/** How each supply is called at the head of a sum. */
export const supplyLabels: Readonly<Record<Supply, string>> = {
  line: 'The rig’s line',
  bottles: 'Small bottles',
}

/** The class that settles which date rule holds. */
export type DateClass = 'welded' | 'high-pressure' | 'composite' | 'non-refillable' | 'fixed' | 'not-understood'

/** Where a kind of cylinder is filled; each place has its own pages and rules. */
export type FilledAt = 'pump' | 'own-cylinder' | 'vehicle' | 'co2-store'

/** Relief device of a kind; [common practice]. */
export interface ReliefTraits {
  /** A valve that closes again, or a disc that lets everything out. */
  device: 'valve' | 'disc'
  /** Where nothing is stamped. */
  usualGaugePa: number
  /** Times the stamped service pressure; null where the stamp does not decide. */
  overService: number | null
}

/** What is true of every cylinder of a kind; adding a kind is one entry here. */
export interface KindTraits {
  name: string
  gas: Fluid
  /** Weighed in ounces and grams rather than pounds and kilograms. */
  small: boolean
  /** Which appliances it feeds; null for CO2, which feeds none. */
  supply: Supply | null
  /** Part of the vehicle: it lies, is never put on a scale or carried, and is filled to a level. */
  isFixed: boolean
  /** Made to be filled again. */
  isRefillable: boolean
  /** What to do with one that is overfilled; [common practice]. */
  whenOverfilled: string
  filledAt: FilledAt
  /** Needs an overfill stop to be filled at a pump, if it holds 4 to 40 lb. */
  needsOverfillStop: boolean
  /** A float gauge or the height of the liquid tells of its contents too. */
  hasLevel: boolean
  /** Decides which dates it goes by, whatever its stamps say; or only where they do not tell. */
  dateClass: { class: DateClass; overStamps: boolean }
  relief: ReliefTraits
}

const psi = (value: number): number => fromUnit(value, 'gaugePressure', 'psi')

/** 375 psig for cylinders of 240 psi service pressure. */
const reliefValve: ReliefTraits = { device: 'valve', usualGaugePa: psi(375), overService: 375 / 240 }

export const kindFacts: Readonly<Record<CylinderKind, KindTraits>> = {
  removable: {
    name: 'Removable cylinder',
    gas: 'propane',
    small: false,
    supply: 'line',
    isFixed: false,
    isRefillable: true,
    whenOverfilled:
      'At the pump, hand it back. At home, shut its valve and stand it outdoors in the shade; a dealer comes to draw it down.',
    filledAt: 'pump',
    needsOverfillStop: true,
    hasLevel: true,
    dateClass: { class: 'welded', overStamps: false },
    relief: reliefValve,
  },
  bottle: {
    name: 'One-pound bottle, not refillable',
    gas: 'propane',
    small: true,
    supply: 'bottles',
    isFixed: false,
    isRefillable: false,
    whenOverfilled:
      'Do not press its pin. Cap it. Stand it upright outdoors in the shade, 25 ft (8 m) from the rig, doors, drains and flames. Ask a dealer, or the fire department on its non-emergency line.',
    filledAt: 'own-cylinder',
    needsOverfillStop: false,
    hasLevel: false,
    dateClass: { class: 'non-refillable', overStamps: true },
    relief: reliefValve,
  },
  'refillable-bottle': {
    name: 'One-pound bottle, refillable',
    gas: 'propane',
    small: true,
    supply: 'bottles',
    isFixed: false,
    isRefillable: true,
    whenOverfilled:
      'Cap it. Stand it upright outdoors in the shade, away from doors, drains and flames. A dealer comes to draw it down.',
    filledAt: 'own-cylinder',
    needsOverfillStop: false,
    hasLevel: false,
    dateClass: { class: 'welded', overStamps: false },
    relief: reliefValve,
  },
  onboard: {
    name: 'Fixed onboard tank',
    gas: 'propane',
    small: false,
    supply: 'line',
    isFixed: true,
    isRefillable: true,
    whenOverfilled: 'Stand in the shade, away from flames; a dealer draws it down where it stands.',
    filledAt: 'vehicle',
    needsOverfillStop: false,
    hasLevel: true,
    dateClass: { class: 'fixed', overStamps: true },
    // 312 psig where the plate says so.
    relief: { device: 'valve', usualGaugePa: psi(250), overService: null },
  },
  co2: {
    name: 'CO2 cylinder',
    gas: 'co2',
    small: false,
    supply: null,
    isFixed: false,
    isRefillable: true,
    whenOverfilled: 'Stand it outdoors in the shade; its supplier lets the excess out.',
    filledAt: 'co2-store',
    needsOverfillStop: false,
    hasLevel: false,
    dateClass: { class: 'high-pressure', overStamps: false },
    // 3,000 psig for 1,800.
    relief: { device: 'disc', usualGaugePa: psi(3000), overService: 5 / 3 },
  },
}

/** Name of a kind inside a sentence: the first word in lower case, abbreviations as they are. */
export function kindInSentence(kind: CylinderKind): string {
  return nameInSentence(kindFacts[kind].name)
}

/** A name within a sentence: small, but for abbreviations such as CO2. */
export function nameInSentence(name: string): string {
  return /^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name
}
