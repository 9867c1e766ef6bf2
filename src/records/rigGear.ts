import type { RigGear } from '@/core/trip/readiness/rigGear'
import { listCylinders } from './cylinders'
import type { Database } from './databaseType'
import { listEquipment } from './equipment'
import { listHeat } from './heaters'
import { listJudgedLines } from './judgedLines'
import type { Rig } from './rigs'

/** All of a rig that a trip is judged by. */
export function loadGear(database: Database, { id, battery }: Pick<Rig, 'id' | 'battery'>): RigGear {
  return {
    cylinders: listCylinders(database, id).map(({ gear }) => gear),
    equipment: listEquipment(database, id).map(({ version: _, ...thing }) => thing),
    lines: listJudgedLines(database, id),
    heat: listHeat(database, id),
    battery,
  }
}
