import { InputError } from '@/core/findings/InputError'
import type { DisplayRole } from '@/core/findings/quantity'
import { displayRoles, type UnitSystem } from '@/core/units/displayRoles'
import { parseQuantity } from '@/core/units/parseQuantity'

/** What a field's text comes to: a number in SI, or a sentence, or nothing yet. */
export interface QuantityReading {
  value: number | null
  issue: string | null
}

/**
 * Reads a field's text, a bare number in the unit shown beside it.
 *
 * @param text - as typed; empty gives neither number nor complaint
 */
export function readQuantity(text: string, role: DisplayRole, system: UnitSystem): QuantityReading {
  const shown = displayRoles[role]
  if (shown.dimension === null) throw new RangeError(`${role} has no unit to type`)
  if (text.trim() === '') return { value: null, issue: null }
  try {
    return { value: parseQuantity(text, shown.dimension, { defaultUnit: shown[system].unit }), issue: null }
  } catch (error) {
    if (error instanceof InputError) return { value: null, issue: error.message }
    throw error
  }
}
