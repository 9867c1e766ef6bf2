import { typicalSizes } from '@/core/cylinders/typicalSizes'
import { equipmentFacts, type EquipmentKind } from '@/core/cylinders/equipment/equipment'
import { contents } from '@/core/cylinders/contents/contents'
import { contentsInput } from '@/core/cylinders/contents/gearContents'
import type { HeaterKind } from '@/core/heat/heaters/heater'
import { InputError } from '@/core/base/InputError'
import { type ApplianceKind, applianceTraits } from '@/core/appliances/applianceKinds'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import { addAppliance } from '@/records/repositories/trips/appliances'
import { addCylinder, findCylinder, plainCylinder } from '@/records/repositories/cylinders/cylinders'
import type { Database } from '@/records/databaseType'
import { addEquipment } from '@/records/repositories/cylinders/equipment'
import { addHeater } from '@/records/repositories/heat/heaters'
import { addRig, findRig, saveRig, activateRig } from './rigs'
import { addTrip, type TripEntry } from '@/records/repositories/trips/trips'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { write } from '@/records/write'

/** Answers of the first run; null when skipped. */
export interface Beginning {
  rigName: string
  cylinder: { sizeId: string; grossKg: number | null; madeMonth: string | null } | null
  heater: HeaterKind | 'none' | null
  burns: readonly ApplianceKind[]
  /** Equipment present; an item without a known date is entered without one, so that it is asked for. */
  equipment: readonly { kind: EquipmentKind; madeMonth: string | null }[]
  trip: Omit<TripEntry, 'uses' | 'settings' | 'forecast'> | null
}

const applianceOf: Readonly<Record<HeaterKind, ApplianceKind>> = {
  'catalytic-panel': 'panel-heater',
  'portable-radiant': 'portable-heater',
  furnace: 'furnace',
  other: 'other',
}

function beginCylinder(
  records: Database,
  rigId: string,
  said: NonNullable<Beginning['cylinder']>,
  nowIso: string,
): void {
  const size = typicalSizes.find(({ id }) => id === said.sizeId)
  if (!size) throw new InputError('cylinder.sizeId', 'There is no such size. Choose one of those drawn.')
  const { name, kind, tareKg, waterCapacityKg, labelNetKg } = size
  const entry = { ...plainCylinder, name, kind, tareKg, waterCapacityKg, labelNetKg, manufacturedMonth: said.madeMonth }
  const { id } = addCylinder(records, rigId, entry)
  const { grossKg } = said
  const gear = findCylinder(records, id)?.gear
  if (grossKg === null || !gear) return
  try {
    contents(contentsInput(gear, { grossKg, hangingKg: 0 }))
  } catch (error) {
    if (error instanceof InputError) throw new InputError('cylinder.grossKg', error.message)
    throw error
  }
  addWeighing(records, { cylinderId: id, grossKg, hangingKg: 0, weighedAt: nowIso, source: 'typed' })
}

function beginAppliance(records: Database, rigId: string, kind: ApplianceKind): string {
  const { name, inputW, pilotW, currentA, needsBattery, supply } = applianceTraits[kind]
  return addAppliance(records, rigId, { name, inputW, supply, kind, pilotW, currentA, needsBattery }).id
}

/**
 * Creates a rig from the first run, all or nothing, with usual sizes and inputs that should be replaced by
 * the values on the gear.
 *
 * @param said - answers of the owner
 * @param nowIso - the moment
 * @throws InputError with the path of an invalid answer
 */
export function beginRig(
  database: Database,
  said: Beginning,
  nowIso: string,
): { rigId: string; tripId: string | null } {
  return write(database, () => {
    const { id: rigId, version } = addRig(database, said.rigName)
    activateRig(database, rigId)
    if (said.cylinder) beginCylinder(database, rigId, said.cylinder, nowIso)
    const kinds = [...new Set(said.burns)]
    const burning = new Map(kinds.map((kind) => [kind, beginAppliance(database, rigId, kind)]))
    if (said.heater === 'none') saveRig(database, rigId, version, { heatless: true })
    else if (said.heater !== null) {
      const kind = applianceOf[said.heater]
      const applianceId = burning.get(kind) ?? beginAppliance(database, rigId, kind)
      burning.set(kind, applianceId)
      const { name, heater } = heaterTemplates[said.heater]
      addHeater(database, rigId, { name, applianceId, heater, price: null, lastsNights: null })
    }
    for (const { kind, madeMonth } of said.equipment) {
      addEquipment(database, rigId, { kind, name: equipmentFacts[kind].name, madeMonth, replaceByMonth: null })
    }
    if (!said.trip || !findRig(database, rigId)) return { rigId, tripId: null }
    const uses = [...burning].map(([kind, applianceId]) => {
      const { habit } = applianceTraits[kind]
      return { applianceId, burnPerDayS: habit.way === 'hours' ? habit.burnPerDayS : 0, habit }
    })
    return { rigId, tripId: addTrip(database, rigId, { ...said.trip, uses }).id }
  })
}
