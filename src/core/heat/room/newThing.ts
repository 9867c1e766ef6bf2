import type { PlanPoint } from '@/core/math/planPoint'
import { thingFacts, thingSchema, type Thing, type ThingKind } from './thing'

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
