import { formatISO } from 'date-fns'
import { cookies } from 'next/headers'
import { cache } from 'react'
import { withVerdict, type JudgedTrip } from '@/services/trips/judgedTrip'
import { cylinderFindings } from '@/core/cylinders/fitness/cylinderFindings'
import { stations, type Finding, type Station } from '@/core/findings/Finding'
import type { RigGear, RigHeat } from '@/core/trip/readiness/rigGear'
import { lineFindings, type JudgedLine } from '@/core/trip/readiness/lineFindings'
import { SIXTY_F_K } from '@/core/units/convert'
import { verdict } from '@/core/findings/verdict'
import { heatFindings } from '@/core/heat/heatFindings'
import type { UnitSystem } from '@/core/units/displayRoles'
import { listAppliances, type Appliance } from '@/records/repositories/trips/appliances'
import type { CylinderWithGear } from '@/records/repositories/cylinders/cylinders'
import type { EquipmentWithVersion } from '@/records/repositories/cylinders/equipment'
import { database } from '@/records/database'
import type { Database } from '@/records/databaseType'
import { loadRig } from '@/records/repositories/rigs/loadRig'
import { activeRig, type Rig } from '@/records/repositories/rigs/rigs'
import { nextTrip, type TripWithPlan } from '@/records/repositories/trips/trips'
import type { StationState } from '@/ui/shell/GasLine'
import { stationFacts } from '@/ui/shell/stationFacts'
import { UNITS_COOKIE } from '@/ui/state/unitsCookie'

/** Without a trip the altitude is unknown. */
const SEA_LEVEL_PA = 101325

/** All data of the active rig. */
export interface RigSnapshot {
  rig: Rig | undefined
  cylinders: CylinderWithGear[]
  appliances: Appliance[]
  equipment: EquipmentWithVersion[]
  lines: JudgedLine[]
  heat: RigHeat
  /** Everything that a trip is judged by. */
  gear: RigGear
  trip: TripWithPlan | undefined
  /** That trip with its verdict and what its owner accepts. */
  judged: JudgedTrip | null
  nowIso: string
}

/** The last snapshot read, and the state of the records it was read from. */
let last: { state: string; snapshot: RigSnapshot } | null = null

/** Changes whenever anything is written, by this server or beside it, and with every minute. */
function stateOf({ $client }: Database, nowIso: string): string {
  const beside = $client.pragma('data_version', { simple: true })
  const here = $client.prepare('SELECT total_changes()').pluck().get()
  return `${$client.name} ${String(beside)} ${String(here)} ${nowIso.slice(0, 16)}`
}

/** Freezes what several requests share, so that none can change it for the others. */
function deepFreeze<Value>(value: Value): Value {
  if (typeof value !== 'object' || value === null || Object.isFrozen(value)) return value
  Object.freeze(value)
  for (const part of Object.values(value)) deepFreeze(part)
  return value
}

/** The rig, its gear and its next trip, read once for each request, and again when something was written. */
export const loadRigSnapshot = cache((): RigSnapshot => {
  const records = database()
  // With the offset of where the owner is: its first ten characters are his own day.
  const nowIso = formatISO(new Date())
  const state = stateOf(records, nowIso)
  if (last?.state !== state) last = { state, snapshot: deepFreeze(readArchive(records, nowIso)) }
  return last.snapshot
})

function readArchive(records: Database, nowIso: string): RigSnapshot {
  const rig = activeRig(records)
  if (!rig) {
    const heat = { rooms: [], heaters: [], heatless: false, warmth: null }
    const gear = { cylinders: [], equipment: [], lines: [], heat, battery: null }
    const nothing = { cylinders: [], appliances: [], equipment: [], lines: [], heat, gear }
    return { rig, ...nothing, trip: undefined, judged: null, nowIso }
  }
  const loaded = loadRig(records, rig)
  const next = nextTrip(records, rig.id, nowIso.slice(0, 10))
  const judged = next ? withVerdict(rig, next, loaded.gear, nowIso) : null
  return {
    rig,
    ...loaded,
    heat: loaded.gear.heat,
    appliances: listAppliances(records, rig.id),
    trip: judged ? { row: judged.row, plan: judged.plan } : undefined,
    judged,
    nowIso,
  }
}

/** The family of units the reader chose in this browser. */
export async function chosenUnits(): Promise<UnitSystem> {
  return (await cookies()).get(UNITS_COOKIE)?.value === 'metric' ? 'metric' : 'us'
}

/** State of every station for the gas line: its own findings' worst, and how many should be fixed. */
export function stationStates({
  cylinders,
  equipment,
  lines,
  heat,
  judged,
  nowIso,
}: Pick<RigSnapshot, 'cylinders' | 'equipment' | 'lines' | 'heat' | 'judged' | 'nowIso'>): Record<
  Station,
  StationState
> {
  const found: readonly Finding[] = judged
    ? judged.ready.answered.filter(({ accepted }) => accepted === null).map(({ finding }) => finding)
    : [
        ...cylinders.flatMap(({ gear }) => cylinderFindings(gear, nowIso)),
        // Before a trip is planned, missing heaters are not reported.
        ...(heat.heaters.length > 0 ? heatFindings({ ...heat, altitudeM: 0, equipment, planned: [] }) : []),
        ...lineFindings(lines, { temperatureK: SIXTY_F_K, atmospherePa: SEA_LEVEL_PA, untilMonth: nowIso.slice(0, 7) }),
      ]
  const state = (station: Station): StationState => {
    if (!stationFacts[station].built) return { mark: 'unbuilt', count: 0 }
    if (station === 'log') return { mark: 'none', count: 0 }
    const own = station === 'trip' ? found : found.filter((finding) => finding.station === station)
    const open = own.filter(({ severity }) => severity !== 'note')
    if (judged === null && open.length === 0) return { mark: 'none', count: 0 }
    return { mark: verdict(own), count: open.length }
  }
  return Object.fromEntries(stations.map((station) => [station, state(station)])) as Record<Station, StationState>
}
