import type { Line } from './line'

/** Marks a file as one of ours, and how to read it. */
export const LINE_FORMAT = 'gold-kettle-line'
export const LINE_FORMAT_VERSION = 1

/**
 * A line as a file to keep or to give away. What ties it to one rig is left out.
 *
 * @param name - of the line
 * @param line - as drawn
 */
export function writeLineFile(name: string, line: Line): string {
  const parts = line.parts.map(({ cylinderId, applianceId, equipmentId, ...part }) => part)
  return `${JSON.stringify({ format: LINE_FORMAT, version: LINE_FORMAT_VERSION, name, line: { ...line, parts } }, null, 2)}\n`
}
