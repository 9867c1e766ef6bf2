/** Identifies the file format. */
export const FORMAT = 'gold-kettle'

/** Of the open format, not of the program. Version 1 is the first there is. */
export const FORMAT_VERSION = 1

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
  /** Pictures by their identifier, base64. */
  files: Readonly<Record<string, string>>
}
