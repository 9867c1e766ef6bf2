import type { TripCylinder } from './tripRun'

/** A full cylinder one might take along besides. [common practice: a common 20 lb one, a one-pound bottle] */
const sizes = {
  line: { name: 'another 20 lb cylinder', waterCapacityKg: 21.59, massKg: 9.07, wallKg: 7.94 },
  bottles: { name: 'a new bottle', waterCapacityKg: 1.107, massKg: 0.465, wallKg: 0.414 },
} as const

/**
 * A full cylinder that is only supposed.
 *
 * @param sourceId - the rig’s line, or the small bottles
 * @param number - from 1, one for each
 */
export function supposedCylinder(sourceId: keyof typeof sizes, number: number): TripCylinder {
  return { id: `more ${sourceId} ${number}`, sourceId, stands: 'upright', ...sizes[sourceId] }
}
