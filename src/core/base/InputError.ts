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
