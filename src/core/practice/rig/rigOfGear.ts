import { gearContents } from '@/core/cylinders/contents/gearContents'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { vesselOf } from '@/core/vaporization/vessel'
import type { ApplianceKind } from '@/core/appliances/applianceKinds'
import type { LineGear } from '@/core/hookup/line/line'
import { lineGraphOrNull } from '@/core/hookup/line/lineGraph'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import { MOST_PARTS, type PracticeRig, practiceRigSchema } from './practiceRig'

/** What the records know of a rig. */
export interface KnownRig {
  name: string
  gear: RigGear
  appliances: readonly { id: string; kind: ApplianceKind }[]
  outsideK: number
  altitudeM: number
  /** When a line was last changed, by its identifier. */
  changedAt: ReadonlyMap<string, string>
  nowIso: string
}

/** A measurement counts without being asked again for this long. [common practice] */
const FRESH_MS = 6 * 3_600_000

function measuredAt({ lastWeighing, lastLevel }: CylinderGear): string | null {
  return (
    [lastWeighing?.weighedAt, lastLevel?.readAt]
      .flatMap((at) => at ?? [])
      .toSorted()
      .at(-1) ?? null
  )
}

const isFresh = (at: string | null, nowIso: string): boolean =>
  at !== null && Date.parse(nowIso) - Date.parse(at) <= FRESH_MS

/** Lines that can be practiced on: with a source and no ring. */
function hasSource({ line }: LineGear): boolean {
  const graph = lineGraphOrNull(line)
  if (graph === null || graph.ring.length > 0) return false
  return graph.sources.length > 0 && graph.parts.length <= MOST_PARTS
}

/**
 * The rig as the diagnosis and the drills take it, once for each line that can be practiced on.
 *
 * Contents that nobody measured stay unknown; what was measured within six hours is known.
 *
 * @param known - from the records
 */
export function rigsOfGear({
  name,
  gear,
  appliances,
  outsideK,
  altitudeM,
  changedAt,
  nowIso,
}: KnownRig): (LineGear & { rig: PracticeRig })[] {
  const kindOf = new Map(appliances.map(({ id, kind }) => [id, kind]))
  const byId = new Map(gear.cylinders.map((cylinder) => [cylinder.id, cylinder]))
  return gear.lines
    .map((judged) => judged.gear)
    .filter(hasSource)
    .map((lineGear) => {
      const sources = lineGraphOrNull(lineGear.line)?.sources ?? []
      const drawn = sources.flatMap(({ part }) => {
        const cylinder = part.cylinderId === undefined ? undefined : byId.get(part.cylinderId)
        return cylinder ? [{ partId: part.id, cylinder }] : []
      })
      const rig = practiceRigSchema.parse({
        name,
        line: lineGear.line,
        cylinders: drawn.map(({ partId, cylinder }) => {
          const { waterCapacityKg, stands } = vesselOf(cylinder)
          return {
            partId,
            massKg: gearContents(cylinder)?.netKg ?? null,
            waterCapacityKg,
            stands,
            ...(cylinder.tareKg > 0 && { tareKg: cylinder.tareKg }),
          }
        }),
        kinds: Object.fromEntries(
          lineGear.line.parts.flatMap(({ id, applianceId }) => {
            const kind = applianceId === undefined ? undefined : kindOf.get(applianceId)
            return kind ? [[id, kind]] : []
          }),
        ),
        outsideK,
        altitudeM,
        batteryShare: gear.battery?.startShare ?? null,
        room: gear.heat.rooms[0]?.shelter.room ?? null,
        known: {
          lever: isFresh(changedAt.get(lineGear.id) ?? null, nowIso),
          cylinders: drawn.filter(({ cylinder }) => isFresh(measuredAt(cylinder), nowIso)).map(({ partId }) => partId),
        },
      })
      return { ...lineGear, rig }
    })
}
