/** How well a source is established. */
export const provenances = ['published', 'common practice', 'from memory', 'your entry'] as const

export type Provenance = (typeof provenances)[number]

/** Basis of a figure, shown when a line of a slip is opened. */
export interface BasisEntry {
  title: string
  /** The formula in words. */
  formula: string
  source: string
  provenance: Provenance
  caution?: string
  /** For an estimate: how far the truth may be off, in words. The figure is shown with “about”. */
  range?: string
  /** For a limit: what it bounds. At most is rounded down, at least is rounded up. */
  limit?: 'most' | 'least'
  /** The function that computes it, as `file in src/core#name`. */
  computedBy: `${string}#${string}`
  /** The test that calls this function, as a file in tests without its ending. */
  checkedBy: string
}

/** The source that most states of a fluid share. */
export const equationOfState =
  'Short Helmholtz equations of Span and Wagner, Int. J. Thermophys. 24 (2003) 41 (propane) and 111 (CO2)'
