import { InputError, type InputIssue } from '@/core/base/InputError'

/**
 * What core says against an input, if anything.
 *
 * @param judge - throws InputError where it does not accept it
 */
export function findIssue(judge: () => void): InputIssue | null {
  try {
    judge()
    return null
  } catch (error) {
    if (error instanceof InputError) return error.issues[0] ?? null
    throw error
  }
}
