import type { RigGear } from '@/core/trip/readiness/rigGear'
import { listCylinders } from '@/records/repositories/cylinders/cylinders'
import type { Database } from '@/records/databaseType'
import { listEquipment } from '@/records/repositories/cylinders/equipment'
import { listHeat } from '@/records/repositories/heat/heaters'
import { listJudgedLines } from '@/records/repositories/lines/judgedLines'
import type { Rig } from './rigs'

/** Everything of a rig that a trip is judged by. */
export function loadRigGear(database: Database, { id, battery }: Pick<Rig, 'id' | 'battery'>): RigGear {
  return {
    cylinders: listCylinders(database, id).map(({ gear }) => gear),
    equipment: listEquipment(database, id).map(({ version: _, ...thing }) => thing),
    lines: listJudgedLines(database, id),
    heat: listHeat(database, id),
    battery,
  }
}
