/**
 * - `damaged`: the file cannot be read; a backup can take its place
 * - `refused`: something that the owner has to change first
 */
export type RecordsErrorKind = 'damaged' | 'refused'

/** The database cannot be used; the message tells the owner what to do. */
export class RecordsError extends Error {
  readonly kind: RecordsErrorKind

  constructor(message: string, { kind = 'refused', ...options }: ErrorOptions & { kind?: RecordsErrorKind } = {}) {
    super(message, options)
    this.name = 'RecordsError'
    this.kind = kind
  }
}

/** A newer version of the row was saved meanwhile. */
export class ConflictError extends Error {
  constructor() {
    super('This was changed somewhere else in the meantime.')
    this.name = 'ConflictError'
  }
}

/** The requested row does not exist. */
export class NotFoundError extends Error {
  constructor(what: string) {
    super(`This ${what} is not in the records.`)
    this.name = 'NotFoundError'
  }
}
