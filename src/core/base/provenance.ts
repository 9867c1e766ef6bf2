import { z } from './zod'

/**
 * How a quantity is known.
 *
 * - `measured`: by an instrument of the owner
 * - `stamped`: on the vessel
 * - `label`: on a plate or in a manual
 * - `metered`: by the meter of a pump
 * - `computed`: from other quantities
 * - `assumed`: usual for its kind; nobody read it
 * - `entered`: by the owner, who did not say how it is known
 */
export const provenances = ['measured', 'stamped', 'label', 'metered', 'computed', 'assumed', 'entered'] as const

export type Provenance = (typeof provenances)[number]

/** Source of one quantity; an assumed one says between what it may lie, in the quantity's SI unit. */
export interface QuantitySource {
  source: Provenance
  lowest?: number
  highest?: number
}

/** Sources by the name of the quantity; one that is not listed was entered. */
export type QuantitySources = Readonly<Record<string, QuantitySource>>

const quantitySourceSchema = z
  .strictObject({
    source: z.enum(provenances),
    lowest: z.number().optional(),
    highest: z.number().optional(),
  })
  .refine(({ lowest = -Infinity, highest = Infinity }) => lowest <= highest, {
    message: 'The lowest value is over the highest.',
  })

/** Most quantities that one row has. */
const MAX_QUANTITIES = 60

export const quantitySourcesSchema = z
  .record(z.string().min(1).max(60), quantitySourceSchema)
  .refine((sources) => Object.keys(sources).length <= MAX_QUANTITIES, { message: 'These are too many quantities.' })

/**
 * Whether nobody read or measured a quantity.
 *
 * @param sources - of its row; absent for a row of entered quantities
 */
export function isAssumed(sources: QuantitySources | undefined, quantity: string): boolean {
  return sources?.[quantity]?.source === 'assumed'
}

/** An assumed value with its range. */
export function assumed(lowest?: number, highest?: number): QuantitySource {
  return { source: 'assumed', ...(lowest !== undefined && { lowest }), ...(highest !== undefined && { highest }) }
}

/** Sources without that of one quantity, which somebody has entered since. */
export function withoutSource(sources: QuantitySources, quantity: string): QuantitySources {
  return Object.fromEntries(Object.entries(sources).filter(([name]) => name !== quantity))
}
