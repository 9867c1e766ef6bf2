import type { RigThings } from '@/core/hookup/line/linkToRig'
import { siteConditions, type SiteConditions } from '@/core/run/siteConditions'
import { redirect } from 'next/navigation'
import { cylinderFindings } from '@/core/cylinders/fitness/cylinderFindings'
import { isOfLine } from '@/core/cylinders/equipment/equipment'
import type { Finding } from '@/core/findings/Finding'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { heldGas, type HeldGas } from '@/core/hookup/line/changeoverSides'
import type { Line } from '@/core/hookup/line/line'
import type { PartType } from '@/core/hookup/catalogue/partType'
import { tripEndDay } from '@/core/time/day'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { changesOf, linesOf, type StoredLine, type StoredLineChange } from '@/services/hookup/lines'

/** What the address chooses. */
export type LineSearch = Promise<{ line?: string | string[]; about?: string | string[] }>

/** Data of every page of Hook-up. */
export interface HookupPageData extends SiteConditions {
  rigId: string
  lines: readonly Pick<StoredLine, 'id' | 'name'>[]
  chosen: { id: string; name: string; version: number; line: Line } | null
  about: string | null
  changes: readonly StoredLineChange[]
  cylinders: RigThings['cylinders']
  /** What stops the use of the cylinders of this line. */
  cylinderStops: readonly Finding[]
  appliances: RigThings['appliances']
  equipment: RigThings['equipment']
  /** The owner's own parts, of every line. */
  ownTypes: readonly PartType[]
  /** What is in the cylinders. */
  heldKg: HeldGas
  untilMonth: string
  thisMonth: string
}

/** The line in the address, else the first; null for a new one. */
export async function hookupPageData(search: LineSearch): Promise<HookupPageData> {
  const { rig, cylinders, appliances, equipment, trip, nowIso } = loadRigSnapshot()
  if (!rig) redirect('/')
  const { line: asked, about } = await search
  const rows = linesOf(rig.id)
  const row = asked === 'new' ? undefined : (rows.find(({ id }) => id === asked) ?? rows[0])
  return {
    rigId: rig.id,
    lines: rows.map(({ id, name }) => ({ id, name })),
    chosen: row ? { id: row.id, name: row.name, version: row.version, line: row.line } : null,
    about: typeof about === 'string' ? about : null,
    changes: row ? changesOf(row.id) : [],
    cylinders: cylinders.map(({ gear }) => ({
      id: gear.id,
      name: gear.name,
      kind: gear.kind,
      holdsKg: gearLimitKg(gear),
    })),
    cylinderStops: cylinders
      .filter(({ gear }) => row?.line.parts.some(({ cylinderId }) => cylinderId === gear.id))
      .flatMap(({ gear }) => cylinderFindings(gear, nowIso))
      .filter(({ severity }) => severity === 'stop'),
    appliances: appliances.map(({ id, name, kind, inputW }) => ({ id, name, kind, inputW })),
    equipment: equipment.filter(({ kind }) => isOfLine(kind)).map(({ id, name, kind }) => ({ id, name, kind })),
    ownTypes: rows.flatMap(({ line }) => line.types),
    heldKg: heldGas(cylinders.map(({ gear }) => gear)),
    ...siteConditions(trip?.plan),
    thisMonth: nowIso.slice(0, 7),
    untilMonth: (trip ? tripEndDay(trip.plan.startDay, trip.plan.nights) : nowIso).slice(0, 7),
  }
}
