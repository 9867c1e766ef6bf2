/** A problem with one field, as a sentence for the owner. */
export interface InputIssue {
  /** Path of the field, such as `cylinders.0.tareKg`. */
  path: string
  message: string
}

/**
 * The one error core throws for a wrong input.
 *
 * @example throw new InputError('tareKg', 'The tare must be greater than 0.')
 */
export class InputError extends Error {
  readonly issues: readonly InputIssue[]

  constructor(path: string, message: string) {
    super(message)
    this.name = 'InputError'
    this.issues = [{ path, message }]
  }
}

/**
 * Runs a check or calculation and puts what it refuses at a field of the caller's own.
 *
 * @returns what it returns
 * @throws InputError at `path`, with its sentence
 */
export function atField<Result>(path: string, run: () => Result): Result {
  try {
    return run()
  } catch (error) {
    if (error instanceof InputError) throw new InputError(path, error.message)
    throw error
  }
}
