import { InputError } from '@/core/base/InputError'
import type { DisplayRole } from '@/core/base/quantity'
import { displayRoles, type UnitSystem } from '@/core/units/displayRoles'
import { parsePlain } from '@/core/units/parsePlain'
import { parseQuantity } from '@/core/units/parseQuantity'

/** Reading of a quantity field: an SI value, a sentence, or empty. */
export interface QuantityReading {
  value: number | null
  issue: string | null
}

/**
 * Reads a field's text; a number without unit is in the unit shown beside it.
 *
 * @param text - as typed; empty gives neither number nor complaint
 */
export function readQuantity(text: string, role: DisplayRole, system: UnitSystem): QuantityReading {
  const shown = displayRoles[role]
  if (text.trim() === '') return { value: null, issue: null }
  try {
    if (shown.dimension === null) return { value: parsePlain(text, role, system), issue: null }
    return { value: parseQuantity(text, shown.dimension, { defaultUnit: shown[system].unit }), issue: null }
  } catch (error) {
    if (error instanceof InputError) return { value: null, issue: error.message }
    throw error
  }
}
