import { InputError } from '@/core/base/InputError'

/** A result, or core's sentence at the field it is about. */
export interface Calculated<Value> {
  found: Value | null
  at: (path: string) => string | null
}

export function tryCalculation<Value>(work: () => Value): Calculated<Value> {
  try {
    return { found: work(), at: () => null }
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return { found: null, at: (path) => error.issues.find((issue) => issue.path === path)?.message ?? null }
  }
}
