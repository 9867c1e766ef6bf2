import { InputError } from '@/core/base/InputError'
import type { DisplayRole, Quantity } from '@/core/base/quantity'
import { displayRoles, type UnitSystem } from '@/core/units/displayRoles'
import { formatForField } from '@/core/units/formatQuantity'
import { parsePlain } from '@/core/units/parsePlain'
import { parseQuantity } from '@/core/units/parseQuantity'

/** What was typed into a quantity field, with the unit system that a number without unit is in. */
export interface TypedQuantity {
  text: string
  system: UnitSystem
}

/** An empty field. */
export const nothingTyped: TypedQuantity = { text: '', system: 'us' }

/** Reading of a quantity field: an SI value, a sentence, or empty. */
export interface QuantityReading {
  value: number | null
  issue: string | null
}

/** Whether a field is empty. */
export function isEmpty({ text }: TypedQuantity): boolean {
  return text.trim() === ''
}

/** A quantity as the field begins from it; null leaves it empty. */
export function typedOf(value: number | null, role: DisplayRole, system: UnitSystem): TypedQuantity {
  return value === null ? nothingTyped : { text: formatForField({ value, role }, system), system }
}

/**
 * Reads what was typed; a number without unit is in the unit that stood beside it.
 *
 * @param typed - empty gives neither number nor complaint
 */
export function readQuantity({ text, system }: TypedQuantity, role: DisplayRole): QuantityReading {
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

/** The text as the field shows it: as typed, or in the unit of the other system since the units were switched. */
export function shownText(typed: TypedQuantity, role: DisplayRole, system: UnitSystem): string {
  if (typed.system === system) return typed.text
  const { value } = readQuantity(typed, role)
  const quantity: Quantity | null = value === null ? null : { value, role }
  return quantity === null ? typed.text : formatForField(quantity, system)
}
