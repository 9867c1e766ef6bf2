import { InputError } from '@/core/base/InputError'
import { expectedMessage } from '@/records/storageErrorMessage'

function sentenceOf(error: unknown): string | null {
  if (error instanceof InputError) return error.message
  const { code } = error as NodeJS.ErrnoException
  return code === 'ENOENT' ? 'There is no such file.' : expectedMessage(error)
}

/** Ends a command with the sentence of an expected error; others are thrown. */
export function sayOrThrow(error: unknown): void {
  const sentence = sentenceOf(error)
  if (sentence === null) throw error
  console.error(sentence)
  process.exitCode = 1
}
