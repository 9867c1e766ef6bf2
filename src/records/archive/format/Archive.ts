/** Identifies the file format. */
export const FORMAT = 'gold-kettle'

/**
 * Of the open format, not of the program.
 *
 * - 1: as 0.6.0 wrote it; pictures by the identifier of their row
 * - 2: events with `recordedAt` and `sequence`; pictures by their hash
 * - 3: rows with the `sources` of their quantities; rigs with `shell`, appliances with `ratedInputW`
 */
export const FORMAT_VERSION = 3

export type ArchiveRow = Readonly<Record<string, unknown>>

/** An owner's data, or part of it, as the open format has it. */
export interface Archive {
  format: typeof FORMAT
  version: number
  /**
   * - `all`: everything
   * - `rig`: one rig without trips, history and prices
   */
  part: 'all' | 'rig'
  /** Rows by table, in the order of archiveTables. */
  tables: Readonly<Record<string, readonly ArchiveRow[]>>
  /** Pictures by the SHA-256 of their content, base64. */
  files: Readonly<Record<string, string>>
}
