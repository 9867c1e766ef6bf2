import { InputError } from '@/core/base/InputError'
import { parseMonth } from '@/core/cylinders/stamps/marks'

/** Reading of a month field: a month, a sentence, or empty. */
export interface MonthReading {
  month: string | null
  issue: string | null
}

/**
 * Reads a month as typed; empty gives neither month nor complaint.
 *
 * @param text - `03-20`, `2020-03`
 * @param latest - latest accepted month; `2099-12` when future months are allowed
 */
export function readMonthField(text: string, latest: string): MonthReading {
  if (text.trim() === '') return { month: null, issue: null }
  try {
    return { month: parseMonth(text, latest, ''), issue: null }
  } catch (error) {
    if (error instanceof InputError) return { month: null, issue: error.message }
    throw error
  }
}
