/** What was wrong with one field, in a sentence for the owner. */
export interface InputIssue {
  /** Name of the field, dotted where it lies deeper: `cylinders.0.tareKg`. */
  path: string
  message: string
}

/**
 * The one error core throws for a wrong input.
 *
 * @example throw new InputError('tareKg', 'The tare must be more than nothing.')
 */
export class InputError extends Error {
  readonly issues: readonly InputIssue[]

  constructor(path: string, message: string) {
    super(message)
    this.name = 'InputError'
    this.issues = [{ path, message }]
  }
}
