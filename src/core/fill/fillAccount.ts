import type { Phrase } from '@/core/base/quantity'
import { FIXED_TANK_FULL, massAtLevelKg } from '@/core/cylinders/contents/liquidLevel'
import { liquidTemperature } from '@/core/cylinders/contents/liquidTemperature'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { fillLimit } from '@/core/cylinders/limits/fillLimit'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { saturation } from '@/core/fluids/saturation'
import { SIXTY_F_K } from '@/core/units/convert'

/** How it was known when to stop: white spray at the bleeder, the pump's or the valve's own stop, or not at all. */
export const fillStops = ['bleeder', 'itself', 'unseen'] as const

export type FillStop = (typeof fillStops)[number]

export interface FilledCylinder {
  cylinder: Pick<CylinderGear, 'kind' | 'waterCapacityKg' | 'labelNetKg'>
  /** Contents before; null when unknown. */
  beforeKg: number | null
  /** As sold, at 60 °F; null when nobody noted it. */
  meteredM3: number | null
  stoppedBy: FillStop
  /** Contents after, weighed or by the gauge; null when neither. */
  measuredKg: number | null
  /** Of the liquid from the pump; null when nobody measured it. */
  liquidK: number | null
}

/** What a fill left in the cylinder, and whether the numbers agree. */
export interface FillAccount {
  /** Null when nobody can tell. */
  netKg: number | null
  by: 'measured' | 'bleeder' | 'metered' | null
  errorKg: number
  /** Over its limit by more than the errors; null when it is not. */
  overKg: number | null
  /** Before and metered against what is in it then; null when they agree, or nobody can tell. */
  mismatch: Phrase | null
}

/** Error of a reading of the contents, by scale or gauge, kg. [common practice] */
const READING_ERROR_KG = 0.2
/** Error of a pump's meter. [common practice] */
const METER_ERROR = 0.02
/** How far over the limit is overfilled, beside the error of the reading; by the bleeder cold liquid stands higher. [common practice] */
const OVER = { measured: 0.01, metered: 0.01, bleeder: 0.03 } as const

/** Legal level of the liquid. */
function levelKg({ kind, waterCapacityKg }: FilledCylinder['cylinder'], liquidK: number | null): number {
  const { temperatureK } = liquidTemperature(liquidK)
  const { gas, isFixed } = kindFacts[kind]
  const limit = fillLimit({ gas: 'propane', waterCapacityKg, liquidTemperatureK: temperatureK }).volumeLimitFraction
  return massAtLevelKg(gas, waterCapacityKg, isFixed ? FIXED_TANK_FULL : (limit ?? FIXED_TANK_FULL), temperatureK)
}

/** Mass of what a pump metered. */
export const meteredKg = (meteredM3: number): number => meteredM3 * saturation('propane', SIXTY_F_K).liquidDensityKgM3

/** Most it may hold, kg: a fixed tank by its level, others by weight. */
function mostKg({ cylinder, liquidK }: FilledCylinder): number {
  return kindFacts[cylinder.kind].isFixed ? levelKg(cylinder, liquidK) : gearLimitKg(cylinder)
}

/** What the contents after the fill are known by, in the sentence of a mismatch. */
const found = {
  measured: '{found} was measured',
  bleeder: 'the level at the bleeder is {found}',
} as const

function mismatchOf(expectedKg: number, foundKg: number, errorKg: number, by: keyof typeof found): Phrase | null {
  if (Math.abs(expectedKg - foundKg) <= errorKg) return null
  const more = expectedKg > foundKg ? 'more' : 'less'
  return {
    text: `Before and metered together come to {expected}, but ${found[by]}: {off} ${more} than that. Check what was in it before, and the gallons.`,
    parts: {
      expected: { value: expectedKg, role: 'cylinderMass' },
      found: { value: foundKg, role: 'cylinderMass' },
      off: { value: Math.abs(expectedKg - foundKg), role: 'cylinderMass' },
    },
  }
}

/**
 * What is in a cylinder after a fill: as measured; else the legal level when it was filled until the bleeder spat; else
 * what was in it and what the pump metered. Gallons are a cross-check: they never stop a fill, but more of them than
 * there was room for is an overfill until somebody weighs it.
 *
 * @param fill - of propane
 */
export function fillAccount(fill: FilledCylinder): FillAccount {
  const { cylinder, beforeKg, meteredM3, stoppedBy, measuredKg, liquidK } = fill
  const limitKg = mostKg(fill)
  const addedKg = meteredM3 === null ? null : meteredKg(meteredM3)
  const expectedKg = beforeKg === null || addedKg === null ? null : beforeKg + addedKg
  const expectedErrorKg = READING_ERROR_KG + (addedKg ?? 0) * METER_ERROR
  const over = (netKg: number, errorKg: number, share: number): number | null =>
    netKg - limitKg > errorKg + share * limitKg ? netKg - limitKg : null

  if (measuredKg !== null) {
    const errorKg = READING_ERROR_KG
    return {
      netKg: measuredKg,
      by: 'measured',
      errorKg,
      overKg: over(measuredKg, errorKg, OVER.measured),
      mismatch: expectedKg === null ? null : mismatchOf(expectedKg, measuredKg, expectedErrorKg + errorKg, 'measured'),
    }
  }
  const expectedOverKg = expectedKg === null ? null : over(expectedKg, expectedErrorKg, OVER.metered)
  if (stoppedBy === 'bleeder') {
    const atLevelKg = levelKg(cylinder, liquidK)
    const errorKg = OVER.bleeder * limitKg
    const mismatch =
      expectedKg === null ? null : mismatchOf(expectedKg, atLevelKg, expectedErrorKg + errorKg, 'bleeder')
    if (expectedKg === null || expectedOverKg === null || mismatch === null) {
      return { netKg: atLevelKg, by: 'bleeder', errorKg, overKg: null, mismatch }
    }
    return { netKg: expectedKg, by: 'metered', errorKg: expectedErrorKg, overKg: expectedOverKg, mismatch }
  }
  if (expectedKg === null) return { netKg: null, by: null, errorKg: 0, overKg: null, mismatch: null }
  return { netKg: expectedKg, by: 'metered', errorKg: expectedErrorKg, overKg: expectedOverKg, mismatch: null }
}

/**
 * Level at 60 °F that a mass stands at, for a fill that is kept as a level.
 *
 * @param netKg - in it
 * @param waterCapacityKg - of the cylinder
 * @returns share of its volume that is liquid, 0 to 1
 */
export function levelOfMass(netKg: number, waterCapacityKg: number): number {
  const { liquidDensityKgM3, vapourDensityKgM3 } = saturation('propane', SIXTY_F_K)
  const density = netKg / waterCapacityVolumeM3(waterCapacityKg)
  return Math.min(1, Math.max(0, (density - vapourDensityKgM3) / (liquidDensityKgM3 - vapourDensityKgM3)))
}
