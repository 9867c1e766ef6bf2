import type { Fluid } from '@/core/fluids/fluidData'

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

interface KindFacts {
  name: string
  gas: Fluid
  /** Weighed in ounces and grams rather than pounds and kilograms. */
  small: boolean
  /** Which appliances it feeds; null for CO2, which feeds none. */
  supply: Supply | null
}

export const kindFacts: Readonly<Record<CylinderKind, KindFacts>> = {
  removable: { name: 'Removable cylinder', gas: 'propane', small: false, supply: 'line' },
  bottle: { name: 'One-pound bottle, not refillable', gas: 'propane', small: true, supply: 'bottles' },
  'refillable-bottle': { name: 'One-pound bottle, refillable', gas: 'propane', small: true, supply: 'bottles' },
  onboard: { name: 'Fixed onboard tank', gas: 'propane', small: false, supply: 'line' },
  co2: { name: 'CO2 cylinder', gas: 'co2', small: false, supply: null },
}

/** Name of a kind inside a sentence: the first word in lower case, abbreviations as they are. */
export function kindInSentence(kind: CylinderKind): string {
  const { name } = kindFacts[kind]
  return /^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name
}
