/** One unit: SI value = number × factor + offset. */
export interface Unit {
  symbol: string
  factor: number
  offset?: number
  /** Spellings in use, lower case, without spaces or periods. */
  spellings: readonly string[]
  /** Unit system that decides whether `1,500` means fifteen hundred (us, or `inThousands`) or is ambiguous (metric). */
  family: 'us' | 'metric'
  /** The smaller unit that may follow in the same quantity, as ounces follow pounds. */
  minor?: string
  /** A number without a unit after it is the smaller unit, as in `6 ft 3` and `1h30`. */
  takesBareMinor?: boolean
  /** Amounts in it run to thousands and have no third decimal, so `9.000` may mean nine thousand. */
  inThousands?: boolean
}

/** A recognized spelling that measures something else than the field. */
export interface Misnomer {
  spellings: readonly string[]
  message: string
}

export interface DimensionUnits {
  noun: string
  example: string
  mayBeNegative: boolean
  units: Readonly<Record<string, Unit>>
  misnomers?: readonly Misnomer[]
}
