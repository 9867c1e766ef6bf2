import { formatISO } from 'date-fns'
import type { JudgedLine } from '@/core/trip/readiness/lineFindings'
import type { SharedFacts } from '@/core/trip/readiness/sharedFacts'
import type { RigGear, RigHeat } from '@/core/trip/readiness/rigGear'
import { database } from '@/records/database'
import type { Database } from '@/records/databaseType'
import type { CylinderWithGear } from '@/records/repositories/cylinders/cylinders'
import type { EquipmentWithVersion } from '@/records/repositories/cylinders/equipment'
import { loadRig } from '@/records/repositories/rigs/loadRig'
import { activeRig, findRig, type Rig } from '@/records/repositories/rigs/rigs'
import { type Appliance, listAppliances } from '@/records/repositories/trips/appliances'
import { nextTrip, type TripWithPlan } from '@/records/repositories/trips/trips'
import { type JudgedTrip, withVerdict } from '@/services/trips/judgedTrip'

/** All data of the active rig. */
export interface RigSnapshot {
  rig: Rig | undefined
  cylinders: CylinderWithGear[]
  appliances: Appliance[]
  equipment: EquipmentWithVersion[]
  lines: JudgedLine[]
  heat: RigHeat
  /** What several stations say of one appliance, settled; absent without a rig. */
  facts?: SharedFacts
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

/** The active rig, its gear and its next trip; read again only when something was written, or a minute has passed. */
export function rigSnapshot(now: Date): RigSnapshot {
  const records = database()
  // With the offset of where the owner is: its first ten characters are his own day.
  const nowIso = formatISO(now)
  const state = stateOf(records, nowIso)
  if (last?.state !== state) last = { state, snapshot: deepFreeze(readSnapshot(records, nowIso)) }
  return last.snapshot
}

function readSnapshot(records: Database, nowIso: string): RigSnapshot {
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

/**
 * What several stations say of one appliance, settled: from the snapshot that the page has read already, for the active
 * rig.
 *
 * @returns undefined for a rig that does not exist
 */
export function factsOfRig(rigId: string): SharedFacts | undefined {
  const snapshot = rigSnapshot(new Date())
  if (snapshot.rig?.id === rigId && snapshot.facts) return snapshot.facts
  const records = database()
  const rig = findRig(records, rigId)
  return rig && loadRig(records, rig).facts
}
