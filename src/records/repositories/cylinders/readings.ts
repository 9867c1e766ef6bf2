import { and, inArray, isNull } from 'drizzle-orm'
import { type CylinderGear, usedTareKg } from '@/core/cylinders/cylinderGear'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { massAtLevelKg } from '@/core/cylinders/contents/liquidLevel'
import type { CylinderReading } from '@/core/trip/usage/burnSpans'
import { swapReadings } from '@/core/trip/usage/swap'
import type { Database } from '@/records/databaseType'
import { hasHappened } from '@/records/repositories/appendEvent'
import { fills, levels, weighings } from '@/records/schema/schema'
import { listSwaps } from '@/records/repositories/trips/swaps'

/** Contents of the rig's cylinders from all valid weighings, readings, fills and swaps. */
export function listReadings(database: Database, cylinders: readonly CylinderGear[]): CylinderReading[] {
  const gears = new Map(cylinders.map((gear) => [gear.id, gear]))
  const ids = [...gears.keys()]
  const filled = database
    .select()
    .from(fills)
    .where(and(inArray(fills.cylinderId, ids), isNull(fills.voidedAt), hasHappened(fills.filledAt)))
    .all()
  const brought = new Set(filled.flatMap(({ weighingId, levelId }) => [weighingId, levelId]))
  const weighed = database
    .select()
    .from(weighings)
    .where(and(inArray(weighings.cylinderId, ids), isNull(weighings.voidedAt), hasHappened(weighings.weighedAt)))
    .all()
    .filter(({ id }) => !brought.has(id))
    .flatMap((weighing): CylinderReading[] => {
      const gear = gears.get(weighing.cylinderId)
      if (!gear) return []
      // Only the difference of weights, because years of weighings are read at once.
      const scaleKg = weighing.grossKg - weighing.hangingKg
      const netKg = scaleKg - usedTareKg(gear, scaleKg)
      return netKg < 0 ? [] : [{ cylinderId: gear.id, at: weighing.weighedAt, netKg, isFill: false }]
    })
  const read = database
    .select()
    .from(levels)
    .where(and(inArray(levels.cylinderId, ids), isNull(levels.voidedAt), hasHappened(levels.readAt)))
    .all()
    .filter(({ id }) => !brought.has(id))
    .flatMap((level): CylinderReading[] => {
      const gear = gears.get(level.cylinderId)
      if (!gear) return []
      const { gas } = kindFacts[gear.kind]
      const netKg = massAtLevelKg(gas, gear.waterCapacityKg, level.liquidFraction, level.temperatureK)
      return [{ cylinderId: gear.id, at: level.readAt, netKg, isFill: false }]
    })
  const refilled = filled.map(({ cylinderId, filledAt, netKg }): CylinderReading => ({
    cylinderId,
    at: filledAt,
    netKg,
    isFill: true,
  }))
  const told = [...weighed, ...read, ...refilled]
  return [...told, ...swapReadings(told, listSwaps(database, ids))]
}
