import type { Zone } from './zone'

/** What a joint seals on. */
export const sealsOns = ['face', 'threads', 'washer', 'sleeve', 'o-ring', 'hose'] as const

export type SealsOn = (typeof sealsOns)[number]

/** How it is made tight. */
export const tightens = ['hand', 'wrench', 'two-wrenches', 'push', 'clamp'] as const

export type Tighten = (typeof tightens)[number]

/** A kind of connection. It mates only with its own kind. */
export interface Connection {
  name: string
  thread: string | null
  /** Direction in which its nut closes; null when nothing turns. */
  hand: 'right' | 'left' | null
  sealsOn: SealsOn
  tighten: Tighten
  /** Tape or paste belongs on it. */
  tape: boolean
  /** Highest zone it is made for. */
  pressure: Zone | 'any'
  gas: 'propane' | 'co2' | 'any'
  /** Closes at excess flow, and releases in a fire. */
  flowLimiter: boolean
  /** Those that start to thread into it or look the same, and never seal. Holds both ways. */
  lookalikes: readonly string[]
}

/** Connections found on portable propane and CO2 gear: common practice, threads [from memory]. */
export const connections = {
  'type1-acme': {
    name: 'Acme hand-wheel (Type 1), outside thread',
    thread: '1-5/16 in acme',
    hand: 'right',
    sealsOn: 'face',
    tighten: 'hand',
    tape: false,
    pressure: 'cylinder',
    gas: 'propane',
    flowLimiter: true,
    lookalikes: [],
  },
  pol: {
    name: 'POL (CGA 510), inside thread',
    thread: '0.885-14 NGO',
    hand: 'left',
    sealsOn: 'face',
    tighten: 'wrench',
    tape: false,
    pressure: 'cylinder',
    gas: 'propane',
    flowLimiter: false,
    lookalikes: [],
  },
  'bottle-1-20': {
    name: 'One-pound bottle (CGA 600), 1 in-20',
    thread: '1-20 UNEF',
    hand: 'right',
    sealsOn: 'face',
    tighten: 'hand',
    tape: false,
    pressure: 'cylinder',
    gas: 'propane',
    flowLimiter: false,
    lookalikes: [],
  },
  'cga-320': {
    name: 'CO2 cylinder (CGA 320)',
    thread: '0.825-14 NGO',
    hand: 'right',
    sealsOn: 'washer',
    tighten: 'wrench',
    tape: false,
    pressure: 'co2-cylinder',
    gas: 'co2',
    flowLimiter: false,
    lookalikes: [],
  },
  'npt-1/4': {
    name: '1/4 in tapered pipe thread',
    thread: null,
    hand: 'right',
    sealsOn: 'threads',
    tighten: 'wrench',
    tape: true,
    pressure: 'any',
    gas: 'any',
    flowLimiter: false,
    lookalikes: ['flare-1/4', 'compression-1/4'],
  },
  'npt-3/8': {
    name: '3/8 in tapered pipe thread',
    thread: null,
    hand: 'right',
    sealsOn: 'threads',
    tighten: 'wrench',
    tape: true,
    pressure: 'any',
    gas: 'any',
    flowLimiter: false,
    lookalikes: ['flare-3/8', 'compression-3/8'],
  },
  'npt-1/2': {
    name: '1/2 in tapered pipe thread',
    thread: null,
    hand: 'right',
    sealsOn: 'threads',
    tighten: 'wrench',
    tape: true,
    pressure: 'any',
    gas: 'any',
    flowLimiter: false,
    lookalikes: ['flare-1/2'],
  },
  'flare-1/4': {
    name: '1/4 in SAE 45 degree flare',
    thread: '7/16-20 UNF',
    hand: 'right',
    sealsOn: 'face',
    tighten: 'two-wrenches',
    tape: false,
    pressure: 'any',
    gas: 'any',
    flowLimiter: false,
    lookalikes: ['npt-1/4'],
  },
  'flare-3/8': {
    name: '3/8 in SAE 45 degree flare',
    thread: '5/8-18 UNF',
    hand: 'right',
    sealsOn: 'face',
    tighten: 'two-wrenches',
    tape: false,
    pressure: 'any',
    gas: 'any',
    flowLimiter: false,
    lookalikes: ['npt-3/8'],
  },
  'flare-1/2': {
    name: '1/2 in SAE 45 degree flare',
    thread: '3/4-16 UNF',
    hand: 'right',
    sealsOn: 'face',
    tighten: 'two-wrenches',
    tape: false,
    pressure: 'any',
    gas: 'any',
    flowLimiter: false,
    lookalikes: ['npt-1/2'],
  },
  'inverted-flare-1/4': {
    name: '1/4 in inverted flare (pigtail to regulator)',
    thread: '7/16-24 UNS',
    hand: 'right',
    sealsOn: 'face',
    tighten: 'wrench',
    tape: false,
    pressure: 'cylinder',
    gas: 'propane',
    flowLimiter: false,
    lookalikes: ['compression-1/4'],
  },
  'compression-1/4': {
    name: '1/4 in compression',
    thread: '7/16-24 UNS',
    hand: 'right',
    sealsOn: 'sleeve',
    tighten: 'two-wrenches',
    tape: false,
    pressure: 'low',
    gas: 'any',
    flowLimiter: false,
    lookalikes: ['inverted-flare-1/4', 'npt-1/4'],
  },
  'compression-3/8': {
    name: '3/8 in compression',
    thread: '9/16-24 UNEF',
    hand: 'right',
    sealsOn: 'sleeve',
    tighten: 'two-wrenches',
    tape: false,
    pressure: 'low',
    gas: 'any',
    flowLimiter: false,
    lookalikes: ['npt-3/8', 'flare-3/8'],
  },
  'quick-low-1/4': {
    name: 'Quick connect, low pressure, with shut-off',
    thread: null,
    hand: null,
    sealsOn: 'o-ring',
    tighten: 'push',
    tape: false,
    pressure: 'low',
    gas: 'propane',
    flowLimiter: false,
    lookalikes: ['quick-high-1/4', 'quick-mid-1/4'],
  },
  'quick-mid-1/4': {
    name: 'Quick connect after a 10 to 15 psi regulator',
    thread: null,
    hand: null,
    sealsOn: 'o-ring',
    tighten: 'push',
    tape: false,
    pressure: 'intermediate',
    gas: 'propane',
    flowLimiter: false,
    lookalikes: ['quick-low-1/4', 'quick-high-1/4'],
  },
  'quick-high-1/4': {
    name: 'Quick connect, unregulated',
    thread: null,
    hand: null,
    sealsOn: 'o-ring',
    tighten: 'push',
    tape: false,
    pressure: 'cylinder',
    gas: 'propane',
    flowLimiter: false,
    lookalikes: ['quick-low-1/4', 'quick-mid-1/4'],
  },
  barb: {
    name: 'Hose barb with clamp',
    thread: null,
    hand: null,
    sealsOn: 'hose',
    tighten: 'clamp',
    tape: false,
    pressure: 'co2-low',
    gas: 'co2',
    flowLimiter: false,
    lookalikes: [],
  },
} as const satisfies Readonly<Record<string, Connection>>

export type ConnectionId = keyof typeof connections

export const connectionIds = Object.keys(connections) as [ConnectionId, ...ConnectionId[]]
