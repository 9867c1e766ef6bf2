import { redirect } from 'next/navigation'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import type { FillMode } from '@/core/fill/fillModes'
import { loadRigSnapshot } from '@/app/shared/pageData'
import type { CylinderWithGear } from '@/services/cylinders/requireCylinder'
import { fillTicks, type StoredTick } from '@/services/log/ticks'
import type { Rig } from '@/services/rigs/rigs'

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
    ticks: chosen ? fillTicks(rig.id, mode, chosen.row.id, nowIso) : [],
    today: nowIso.slice(0, 10),
  }
}
