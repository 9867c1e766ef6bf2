import { InputError } from '@/core/base/InputError'
import type { Line } from './line'
import { lineGraph, type LineGraph } from './lineGraph'

/** The graph of a line; null for one that cannot be read, which is reported at its own station. */
export function readableGraph(line: Line): LineGraph | null {
  try {
    return lineGraph(line)
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}
