import type { RigGear } from '@/core/trip/readiness/rigGear'
import type { JudgedLine } from '@/core/trip/readiness/lineFindings'
import { type CylinderWithGear, listCylinders } from '@/records/repositories/cylinders/cylinders'
import type { Database } from '@/records/databaseType'
import { type EquipmentWithVersion, listEquipment } from '@/records/repositories/cylinders/equipment'
import { listHeat } from '@/records/repositories/heat/heaters'
import { listJudgedLines } from '@/records/repositories/lines/judgedLines'
import type { Rig } from './rigs'

/** A rig as the records have it. */
export interface LoadedRig {
  cylinders: CylinderWithGear[]
  equipment: EquipmentWithVersion[]
  lines: JudgedLine[]
  /** Everything that a trip is judged by; the one place where it is put together. */
  gear: RigGear
}

/** Reads a rig with everything it has. */
export function loadRig(database: Database, { id, battery }: Pick<Rig, 'id' | 'battery'>): LoadedRig {
  const cylinders = listCylinders(database, id)
  const equipment = listEquipment(database, id)
  const lines = listJudgedLines(database, id)
  const gear = {
    cylinders: cylinders.map((cylinder) => cylinder.gear),
    equipment: equipment.map(({ version: _, ...thing }) => thing),
    lines,
    heat: listHeat(database, id),
    battery,
  }
  return { cylinders, equipment, lines, gear }
}
