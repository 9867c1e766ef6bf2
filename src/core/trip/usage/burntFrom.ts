import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import type { TripPlan } from '@/core/run/tripPlan'

/** The cylinders aboard of the supplies that a trip burns from. */
export function burntFrom({ uses }: Pick<TripPlan, 'uses'>, cylinders: readonly CylinderGear[]): CylinderGear[] {
  const used = new Set(uses.map(({ supply }) => supply))
  return cylinders.filter(({ aboard, kind }) => {
    const { supply } = kindFacts[kind]
    return aboard && supply !== null && used.has(supply)
  })
}
