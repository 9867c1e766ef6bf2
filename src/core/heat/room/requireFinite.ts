import { InputError } from '@/core/base/InputError'

/**
 * Refuses what is no number.
 *
 * @param values - by the field's name
 * @param within - what the fields belong to
 * @throws InputError at the first that is not finite
 */
export function requireFinite(values: Readonly<Record<string, number>>, within?: string): void {
  for (const [field, value] of Object.entries(values)) {
    if (!Number.isFinite(value)) {
      throw new InputError(within === undefined ? field : `${within}.${field}`, 'This wants a number.')
    }
  }
}
