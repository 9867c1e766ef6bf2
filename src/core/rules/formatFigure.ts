import type { Quantity } from '@/core/base/quantity'
import { basis, type BasisId } from '@/core/rules/basis/basis'
import type { BasisEntry } from '@/core/rules/basis/basisEntry'
import type { UnitSystem } from '@/core/units/displayRoles'
import { quantityParts } from '@/core/units/formatQuantity'
import type { Figure } from './figure'

/** The basis of a figure with all that an entry may say. */
export function basisOf(id: BasisId): BasisEntry {
  return basis[id]
}

/** The quantity of a figure, rounded toward safety where it is a limit. */
export function figureQuantity({ basis: id, quantity }: Pick<Figure, 'basis' | 'quantity'>): Quantity {
  const { limit } = basisOf(id)
  return limit === undefined ? quantity : { rounded: limit === 'most' ? 'down' : 'up', ...quantity }
}

/**
 * Texts of a figure: “about” for an estimate, the number, and its unit.
 *
 * @param figure - quantity and basis
 * @param system - units the owner reads in
 */
export function figureParts(
  figure: Pick<Figure, 'basis' | 'quantity'>,
  system: UnitSystem,
): { about: string; number: string; unit: string } {
  const about = basisOf(figure.basis).range === undefined ? '' : 'about'
  return { about, ...quantityParts(figureQuantity(figure), system) }
}

/**
 * A figure as text, such as `about 9.2 h`.
 *
 * @param figure - quantity and basis
 * @param system - units the owner reads in
 */
export function formatFigure(figure: Pick<Figure, 'basis' | 'quantity'>, system: UnitSystem): string {
  const { about, number, unit } = figureParts(figure, system)
  return [about, number, unit].filter((text) => text !== '').join('\u00a0')
}
