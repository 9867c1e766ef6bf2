import type { Dimension } from '@/core/base/quantity'
import { unitOf } from './unitTable'

/**
 * Converts a number in a unit into SI.
 *
 * @param value - number in the unit
 * @param unitKey - key in the unit table, such as `lb`
 * @returns the SI value
 * @example fromUnit(1, 'mass', 'lb') // 0.45359237
 */
export function fromUnit(value: number, dimension: Dimension, unitKey: string): number {
  const unit = unitOf(dimension, unitKey)
  return value * unit.factor + (unit.offset ?? 0)
}

/**
 * Converts from SI into a unit.
 *
 * @param valueSi - SI value
 * @param unitKey - key in the unit table, such as `lb`
 * @returns the number in that unit
 * @example toUnit(0.45359237, 'mass', 'lb') // 1
 */
export function toUnit(valueSi: number, dimension: Dimension, unitKey: string): number {
  const unit = unitOf(dimension, unitKey)
  return (valueSi - (unit.offset ?? 0)) / unit.factor
}

/** Length of a number of inches. */
export function fromInches(inches: number): number {
  return fromUnit(inches, 'length', 'in')
}

/** 60 °F, at which the trade states liquid volumes and water capacities. */
export const SIXTY_F_K = fromUnit(60, 'temperature', 'F')

/** A parked car in the sun, 130 °F. [common practice] */
export const HOT_CAR_K = fromUnit(130, 'temperature', 'F')
