import { sharedFacts, type SharedFacts } from '@/core/trip/readiness/sharedFacts'
import { listAppliances } from '@/records/repositories/trips/appliances'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import type { JudgedLine } from '@/core/trip/readiness/lineFindings'
import { type CylinderWithGear, listCylinders } from '@/records/repositories/cylinders/cylinders'
import type { Database } from '@/records/databaseType'
import { type EquipmentWithVersion, listEquipment } from '@/records/repositories/cylinders/equipment'
import { listHeat } from '@/records/repositories/heat/heaters'
import { listJudgedLines } from '@/records/repositories/lines/judgedLines'
import { listRehearsals, recordedFaults } from '@/records/repositories/practice/practice'
import type { Rig } from './rigs'

/** A rig as the records have it. */
export interface LoadedRig {
  cylinders: CylinderWithGear[]
  equipment: EquipmentWithVersion[]
  lines: JudgedLine[]
  /** What several stations say of one appliance, settled. */
  facts: SharedFacts
  /** Everything that a trip is judged by; the one place where it is put together. */
  gear: RigGear
}

/** Reads a rig with everything it has. */
export function loadRig(
  database: Database,
  { id, battery, noneNeeded = [] }: Pick<Rig, 'id' | 'battery'> & Partial<Pick<Rig, 'noneNeeded'>>,
): LoadedRig {
  const cylinders = listCylinders(database, id)
  const equipment = listEquipment(database, id)
  const heat = listHeat(database, id)
  const drawn = listJudgedLines(database, id)
  const facts = sharedFacts({
    appliances: listAppliances(database, id),
    heaters: heat.heaters,
    rooms: heat.rooms,
    lines: drawn.map((line) => line.gear),
  })
  const lines = drawn.map((line) => ({ ...line, gear: { ...line.gear, line: facts.line(line.gear.line) } }))
  const gear = {
    cylinders: cylinders.map((cylinder) => cylinder.gear),
    equipment: equipment.map(({ version: _, ...thing }) => thing),
    lines,
    heat: { ...heat, heaters: heat.heaters.map(facts.heater) },
    ...(noneNeeded.length > 0 && { noneNeeded }),
    battery,
    recordedFaults: recordedFaults(database, id),
    rehearsedAt: listRehearsals(database, id)[0]?.rehearsedAt ?? null,
  }
  return { cylinders, equipment, lines, gear, facts }
}
