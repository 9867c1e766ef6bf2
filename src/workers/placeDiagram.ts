import { wrap, type Remote } from 'comlink'
import type { Box, LayoutWorker, BoxPosition } from './layout.worker'

export type { Box, BoxPosition }

let remote: Remote<LayoutWorker> | null = null

/** Places a diagram left to right, in a worker: the page goes on meanwhile. */
export function placeDiagram(
  boxes: readonly Box[],
  edges: readonly (readonly [string, string])[],
): Promise<Record<string, BoxPosition>> {
  remote ??= wrap<LayoutWorker>(new Worker(new URL('./layout.worker.ts', import.meta.url), { type: 'module' }))
  return remote.layout(boxes, edges)
}
