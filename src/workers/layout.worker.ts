import { expose } from 'comlink'
import ELK from 'elkjs/lib/elk.bundled.js'

/** A box to be placed, and what it hangs on. */
export interface Box {
  id: string
  widthPx: number
  heightPx: number
}

export interface BoxPosition {
  x: number
  y: number
}

const elk = new ELK()

async function layout(
  boxes: readonly Box[],
  edges: readonly (readonly [string, string])[],
): Promise<Record<string, BoxPosition>> {
  const placed = await elk.layout({
    id: 'line',
    layoutOptions: {
      'elk.algorithm': 'layered',
      'elk.direction': 'RIGHT',
      'elk.spacing.nodeNode': '24',
      'elk.layered.spacing.nodeNodeBetweenLayers': '22',
      'elk.layered.considerModelOrder.strategy': 'NODES_AND_EDGES',
    },
    children: boxes.map(({ id, widthPx, heightPx }) => ({ id, width: widthPx, height: heightPx })),
    edges: edges.map(([from, to], i) => ({ id: `e${i}`, sources: [from], targets: [to] })),
  })
  return Object.fromEntries((placed.children ?? []).map(({ id, x = 0, y = 0 }) => [id, { x, y }]))
}

const worker = { layout }
export type LayoutWorker = typeof worker

expose(worker)
