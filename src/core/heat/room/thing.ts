import { fromInches } from '@/core/units/convert'
import { z } from '@/core/base/zod'
import type { PlanPoint } from '@/core/math/planGeometry'

/** Objects in a room. */
export const thingKinds = [
  'bed',
  'bench',
  'cabinet',
  'table',
  'curtain',
  'door-swing',
  'sleeper',
  'cylinder',
  'cylinder-locker',
  'gas-outlet',
  'other',
] as const

export type ThingKind = (typeof thingKinds)[number]

interface ThingFacts {
  name: string
  lengthM: number
  widthM: number
  lowM: number
  highM: number
  reachM: number
  combustible: boolean
}

/** Kinds that hold gas: they have their own distance to a heater and do not belong in the living space. */
export const gasKinds: readonly ThingKind[] = ['cylinder', 'cylinder-locker']

/** More things than any rig holds. */
export const MAX_THINGS = 200

/** What each kind is like before it is measured. */
export const thingFacts: Readonly<Record<ThingKind, ThingFacts>> = {
  bed: {
    name: 'Bed',
    lengthM: fromInches(76),
    widthM: fromInches(48),
    lowM: 0,
    highM: fromInches(24),
    reachM: fromInches(4),
    combustible: true,
  },
  bench: {
    name: 'Bench',
    lengthM: fromInches(40),
    widthM: fromInches(20),
    lowM: 0,
    highM: fromInches(18),
    reachM: 0,
    combustible: true,
  },
  cabinet: {
    name: 'Cabinet',
    lengthM: fromInches(32),
    widthM: fromInches(18),
    lowM: 0,
    highM: fromInches(36),
    reachM: 0,
    combustible: true,
  },
  table: {
    name: 'Table',
    lengthM: fromInches(28),
    widthM: fromInches(20),
    lowM: fromInches(26),
    highM: fromInches(29),
    reachM: 0,
    combustible: true,
  },
  curtain: {
    name: 'Curtain',
    lengthM: fromInches(40),
    widthM: fromInches(2),
    lowM: fromInches(4),
    highM: fromInches(64),
    reachM: fromInches(12),
    combustible: true,
  },
  'door-swing': {
    name: 'Door',
    lengthM: fromInches(24),
    widthM: fromInches(2),
    lowM: 0,
    highM: fromInches(68),
    reachM: 0,
    combustible: true,
  },
  sleeper: {
    name: 'Sleeper',
    lengthM: fromInches(72),
    widthM: fromInches(24),
    lowM: fromInches(20),
    highM: fromInches(36),
    reachM: fromInches(8),
    combustible: true,
  },
  cylinder: {
    name: 'Cylinder',
    lengthM: fromInches(12),
    widthM: fromInches(12),
    lowM: 0,
    highM: fromInches(18),
    reachM: 0,
    combustible: false,
  },
  'cylinder-locker': {
    name: 'Cylinder locker',
    lengthM: fromInches(18),
    widthM: fromInches(16),
    lowM: 0,
    highM: fromInches(24),
    reachM: 0,
    combustible: false,
  },
  'gas-outlet': {
    name: 'Gas outlet',
    lengthM: fromInches(2),
    widthM: fromInches(2),
    lowM: fromInches(6),
    highM: fromInches(8),
    reachM: 0,
    combustible: false,
  },
  other: {
    name: 'Thing',
    lengthM: fromInches(20),
    widthM: fromInches(20),
    lowM: 0,
    highM: fromInches(20),
    reachM: 0,
    combustible: true,
  },
}

export const thingSchema = z.strictObject({
  id: z.string().min(1).max(64),
  name: z.string().trim().min(1, 'Give it a name.').max(60),
  kind: z.enum(thingKinds).default('other'),
  /** Its middle, from the back of the room. */
  xM: z.number().min(-5).max(35),
  /** Its middle, from the left side. */
  yM: z.number().min(-5).max(35),
  lengthM: z.number().positive('This must be more than zero.').max(30),
  widthM: z.number().positive('This must be more than zero.').max(30),
  /** Clockwise on the plan, from its length lying along the room. */
  turnDeg: z.number().min(-360).max(360).default(0),
  lowM: z.number().min(0, 'It cannot lie under the floor.').max(10),
  highM: z.number().min(0).max(10),
  combustible: z.boolean().default(true),
  /** How far it can come from where it is drawn: a curtain across itself, bedding and feet all round. */
  reachM: z.number().min(0, 'It cannot reach less far than nothing.').max(3).default(0),
  /** A locker closed to the room and open to the outside air at its floor. */
  sealed: z.enum(['yes', 'no', 'not-known']).default('not-known'),
})

export type Thing = z.output<typeof thingSchema>

/**
 * A thing of a kind, with that kind's usual measures.
 *
 * @param kind - what it is
 * @param id - its own
 * @param at - its middle
 * @param more - measures that are known better
 */
export function newThing(kind: ThingKind, id: string, at: PlanPoint, more: Partial<Thing> = {}): Thing {
  return thingSchema.parse({ id, kind, ...thingFacts[kind], ...at, ...more })
}
