/** The database cannot be used, with a sentence for the owner about what to do. */
export class RecordsError extends Error {
  constructor(message: string, options?: ErrorOptions) {
    super(message, options)
    this.name = 'RecordsError'
  }
}

/** Somebody saved a newer version of the row in the meantime; theirs is carried along to be shown. */
export class ConflictError<Row> extends Error {
  readonly current: Row

  constructor(current: Row) {
    super('This was changed somewhere else in the meantime.')
    this.name = 'ConflictError'
    this.current = current
  }
}

/** The thing asked for is not there. */
export class NotFoundError extends Error {
  constructor(what: string) {
    super(`This ${what} is not in the records.`)
    this.name = 'NotFoundError'
  }
}
