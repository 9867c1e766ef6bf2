import { redirect } from 'next/navigation'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import type { FillMode } from '@/core/fill/fillModes'
import { ticksGoingOn } from '@/app/shared/ticksGoingOn'
import { loadRigSnapshot } from '@/app/shared/rigSnapshot'
import type { CylinderWithGear } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'
import { listFills } from '@/records/repositories/cylinders/fills'
import type { Rig } from '@/records/repositories/rigs/rigs'
import type { StoredTick } from '@/records/repositories/trips/ticks'

/** What the address chooses. */
export type FillSearch = Promise<{ cylinder?: string | string[] }>

export interface FillPageData {
  rig: Rig
  /** Every cylinder, for choosing. */
  gear: readonly CylinderGear[]
  chosen: CylinderWithGear | null
  ticks: readonly StoredTick[]
  today: string
}

/** Filling, with the drive there and back, takes up to half a day. */
const MAX_RUN_MS = 12 * 3_600_000

/** Steps ticked in the current fill: today and since the last saved fill. */
function openTicks(rigId: string, procedure: string, cylinderId: string, nowIso: string): StoredTick[] {
  const lastFill = listFills(database(), cylinderId).find(({ voidedAt }) => voidedAt === null)?.filledAt ?? ''
  return ticksGoingOn({ rigId, procedure, subjectId: cylinderId }, nowIso, MAX_RUN_MS, lastFill)
}

/**
 * Data of every fill page: the cylinder in the address, else the first suitable one.
 *
 * @param mode - of the bench
 * @param search - of the page
 * @param suits - which cylinders belong to this mode
 */
export async function fillPageData(
  mode: FillMode,
  search: FillSearch,
  suits: (gear: CylinderGear) => boolean,
): Promise<FillPageData> {
  const { rig, cylinders, nowIso } = loadRigSnapshot()
  if (!rig) redirect('/')
  const asked = (await search).cylinder
  const chosen =
    cylinders.find(({ row }) => row.id === asked) ?? cylinders.find(({ gear }) => suits(gear)) ?? cylinders[0] ?? null
  return {
    rig,
    gear: cylinders.map((cylinder) => cylinder.gear),
    chosen,
    ticks: chosen ? openTicks(rig.id, `fill ${mode}`, chosen.row.id, nowIso) : [],
    today: nowIso.slice(0, 10),
  }
}
