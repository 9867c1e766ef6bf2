import { connections, type ConnectionId, type SealsOn, type Tighten } from '@/core/hookup/catalogue/connections'

/** How a joint is made, in the order of doing. */
export interface JointWork {
  /** Which way it closes. */
  turn: string
  /** What it seals on, and what may be applied to it. */
  seal: string
  /** How it is tightened. */
  tighten: string
  /** Tools needed. */
  tools: readonly string[]
}

const sealLabels: Readonly<Record<SealsOn, string>> = {
  face: 'seals on its face: clean and unmarked, no tape ever',
  threads:
    'seals on its threads: tape or paste rated for gas, two turns or more with the thread, first thread and inlet kept clear',
  washer: 'seals on a flat washer: a new one each time, no tape ever',
  sleeve: 'seals on its sleeve: tube cut square, sleeve on, no tape ever',
  'o-ring': 'seals on an O-ring: whole, clean, no tape ever',
  hose: 'seals in the hose: pushed over every barb, clamp behind the last, no tape ever',
}

const tightenLabels: Readonly<Record<Tighten, string>> = {
  hand: 'by hand only: no tool',
  wrench: 'with a wrench: snug, not crushed',
  'two-wrenches': 'with two wrenches, one holding back: snug, not crushed',
  push: 'push until it clicks, then pull at it',
  clamp: 'clamp tight, not cutting into the hose',
}

const turnLabels = {
  right: 'right-hand: clockwise closes',
  left: 'left-hand: anticlockwise closes',
} as const

const wrenchFor: Readonly<Partial<Record<ConnectionId, string>>> = {
  pol: 'wrench for the POL nut (7/8 in)',
  'cga-320': 'wrench for the CO2 nut (1-1/8 in)',
}

function toolsFor(id: ConnectionId): string[] {
  const { tighten, sealsOn } = connections[id]
  const wrench = wrenchFor[id] ?? 'two adjustable wrenches'
  return [
    ...(tighten === 'wrench' ? [wrenchFor[id] ?? 'adjustable wrench'] : []),
    ...(tighten === 'two-wrenches' ? [wrench] : []),
    ...(tighten === 'clamp' ? ['screwdriver for the hose clamp'] : []),
    ...(sealsOn === 'threads' ? ['two adjustable wrenches', 'thread tape or paste rated for gas'] : []),
    ...(sealsOn === 'washer' ? ['new flat washer'] : []),
  ]
}

/**
 * How a connection is made: turn, seal, tightening, tools. Common practice; the part's own sheet comes first.
 *
 * @param id - connection that mates
 */
export function jointWork(id: ConnectionId): JointWork {
  const { hand, sealsOn, tighten } = connections[id]
  return {
    turn: hand === null ? 'nothing to turn' : turnLabels[hand],
    seal: sealLabels[sealsOn],
    // A tapered thread is always held against: what is below it would turn along.
    tighten: sealsOn === 'threads' ? tightenLabels['two-wrenches'] : tightenLabels[tighten],
    tools: toolsFor(id),
  }
}
