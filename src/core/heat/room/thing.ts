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
  bed: { name: 'Bed', lengthM: 1.9, widthM: 1.2, lowM: 0, highM: 0.6, reachM: 0.1, combustible: true },
  bench: { name: 'Bench', lengthM: 1, widthM: 0.5, lowM: 0, highM: 0.45, reachM: 0, combustible: true },
  cabinet: { name: 'Cabinet', lengthM: 0.8, widthM: 0.45, lowM: 0, highM: 0.9, reachM: 0, combustible: true },
  table: { name: 'Table', lengthM: 0.7, widthM: 0.5, lowM: 0.65, highM: 0.72, reachM: 0, combustible: true },
  curtain: { name: 'Curtain', lengthM: 1, widthM: 0.04, lowM: 0.1, highM: 1.6, reachM: 0.3, combustible: true },
  'door-swing': { name: 'Door', lengthM: 0.6, widthM: 0.04, lowM: 0, highM: 1.7, reachM: 0, combustible: true },
  sleeper: { name: 'Sleeper', lengthM: 1.8, widthM: 0.6, lowM: 0.5, highM: 0.9, reachM: 0.2, combustible: true },
  cylinder: { name: 'Cylinder', lengthM: 0.31, widthM: 0.31, lowM: 0, highM: 0.46, reachM: 0, combustible: false },
  'cylinder-locker': {
    name: 'Cylinder locker',
    lengthM: 0.45,
    widthM: 0.4,
    lowM: 0,
    highM: 0.6,
    reachM: 0,
    combustible: false,
  },
  'gas-outlet': {
    name: 'Gas outlet',
    lengthM: 0.06,
    widthM: 0.06,
    lowM: 0.15,
    highM: 0.2,
    reachM: 0,
    combustible: false,
  },
  other: { name: 'Thing', lengthM: 0.5, widthM: 0.5, lowM: 0, highM: 0.5, reachM: 0, combustible: true },
}

export const thingSchema = z.strictObject({
  id: z.string().min(1).max(64),
  name: z.string().trim().min(1, 'Give it a name.').max(60),
  kind: z.enum(thingKinds).default('other'),
  /** Its middle, from the back of the room. */
  xM: z.number().min(-5).max(35),
  /** Its middle, from the left side. */
  yM: z.number().min(-5).max(35),
  lengthM: z.number().positive('This must be more than nothing.').max(30),
  widthM: z.number().positive('This must be more than nothing.').max(30),
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
