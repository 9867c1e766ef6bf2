import { assumedSources, typicalSizes } from '@/core/cylinders/typicalSizes'
import { equipmentFacts, equipmentKinds, optionalEquipment } from '@/core/cylinders/equipment/equipment'
import { contents } from '@/core/cylinders/contents/contents'
import { contentsInput } from '@/core/cylinders/contents/gearContents'
import { heaterKinds } from '@/core/heat/heaters/heater'
import { assumed } from '@/core/base/provenance'
import { atField, InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { type Supply, supplies } from '@/core/cylinders/cylinderKind'
import { rigShellFacts, rigShellSchema } from '@/core/heat/warmth/rigShell'
import { type ApplianceKind, applianceKinds, applianceTraits } from '@/core/appliances/applianceKinds'
import { applianceKindOf } from '@/core/heat/heaters/heaterAppliance'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import { addAppliance } from '@/records/repositories/trips/appliances'
import { addCylinder, findCylinder, plainCylinder } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'
import type { Database } from '@/records/databaseType'
import { addEquipment, addEquipmentLook } from '@/records/repositories/cylinders/equipment'
import { addHeater } from '@/records/repositories/heat/heaters'
import { addRig, findRig, type Rig, saveRig, activateRig } from '@/records/repositories/rigs/rigs'
import { addTrip } from '@/records/repositories/trips/trips'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { write } from '@/records/write'
import { massField, monthField, nameField } from '@/services/shared/fields'
import { requireTripPlace, storedAltitude, tripFieldsSchema } from '@/services/shared/tripFields'

/** Answers of the first run; null when skipped. */
export const beginningSchema = z.strictObject({
  rigName: nameField,
  /** Kind and length of the rig, for its heat loss; null when not entered. Without a length, the usual one of its kind. */
  shell: rigShellSchema.extend({ lengthM: rigShellSchema.shape.lengthM.nullable() }).nullable().default(null),
  cylinder: z
    .strictObject({
      sizeId: z.string().min(1).max(64),
      grossKg: massField.nullable(),
      madeMonth: monthField.nullable(),
      /** How many of this size; the weight is of the first. */
      count: z.int().min(1, 'One or more.').max(6, 'Six at most; enter the others under Cylinders.').default(1),
    })
    .nullable(),
  heater: z.enum([...heaterKinds, 'none']).nullable(),
  /** What feeds the heater; usual of its kind when not told. */
  heaterSupply: z.enum(supplies).nullable().default(null),
  /** Its input on high, from its plate. */
  heaterInputW: z
    .number()
    .positive('An input is more than 0.')
    .max(60_000, 'No heater of a camper burns that much.')
    .nullable()
    .default(null),
  burns: z.array(z.enum(applianceKinds)).max(20),
  /** Hoses or regulators, where the owner said there is none. */
  noneNeeded: z.array(z.enum(optionalEquipment)).max(2).default([]),
  /** Equipment present; an item without a known date is entered without one, so that it is asked for. */
  equipment: z
    .array(
      z.strictObject({
        kind: z.enum(equipmentKinds),
        madeMonth: monthField.nullable(),
        /** Looked over, and sound. */
        sound: z.boolean().default(false),
      }),
    )
    .max(20),
  trip: tripFieldsSchema.nullable(),
})

export type Beginning = z.input<typeof beginningSchema>

function beginCylinder(
  records: Database,
  rigId: string,
  said: NonNullable<Beginning['cylinder']>,
  nowIso: string,
): void {
  const size = typicalSizes.find(({ id }) => id === said.sizeId)
  if (!size) throw new InputError('cylinder.sizeId', 'There is no such size. Choose one of those drawn.')
  const { name, kind, tareKg, waterCapacityKg, labelNetKg } = size
  const entry = {
    ...plainCylinder,
    name,
    kind,
    tareKg,
    waterCapacityKg,
    labelNetKg,
    manufacturedMonth: said.madeMonth,
    sources: assumedSources(size),
  }
  const { id } = addCylinder(records, rigId, entry)
  for (let number = 2; number <= (said.count ?? 1); number += 1) {
    addCylinder(records, rigId, { ...entry, name: `${name} ${number}`, manufacturedMonth: null })
  }
  const { grossKg } = said
  const gear = findCylinder(records, id)?.gear
  if (grossKg === null || !gear) return
  atField('cylinder.grossKg', () => contents(contentsInput(gear, { grossKg, hangingKg: 0 })))
  addWeighing(records, { cylinderId: id, grossKg, hangingKg: 0, weighedAt: nowIso, source: 'typed' })
}

/** The shell as stored; a length that nobody entered is the usual one of its kind, and assumed. */
function beginShell(shell: NonNullable<Beginning['shell']> | null): Pick<Rig, 'shell' | 'sources'> {
  if (shell === null) return { shell, sources: {} }
  const { kind, lengthM } = shell
  return lengthM === null
    ? { shell: { kind, lengthM: rigShellFacts[kind].usualLengthM }, sources: { shellLengthM: assumed() } }
    : { shell: { kind, lengthM }, sources: {} }
}

interface HeaterAnswers {
  supply: Supply | null
  inputW: number | null
}

function beginAppliance(
  records: Database,
  rigId: string,
  kind: ApplianceKind,
  told: HeaterAnswers = { supply: null, inputW: null },
): string {
  const { name, pilotW, currentA, needsBattery, ...usual } = applianceTraits[kind]
  const supply = told.supply ?? usual.supply
  const inputW = told.inputW ?? usual.inputW
  const sources = {
    ...(told.inputW === null && { inputW: assumed() }),
    pilotW: assumed(),
    currentA: assumed(),
  }
  return addAppliance(records, rigId, {
    name,
    inputW,
    ratedInputW: told.inputW,
    supply,
    kind,
    pilotW,
    currentA,
    needsBattery,
    sources,
  }).id
}

/**
 * Creates a rig from the first run, all or nothing, with usual sizes and inputs that should be replaced by
 * the values on the gear.
 *
 * @param said - answers of the owner
 * @throws InputError with the path of an invalid answer
 */
export function beginRig(said: Beginning, now: Date): { rigId: string; tripId: string | null } {
  if (said.trip) requireTripPlace(said.trip, 'trip.')
  const records = database()
  return write(records, () => {
    const { id: rigId, version } = addRig(records, said.rigName)
    activateRig(records, rigId)
    const isHeatless = said.heater === 'none'
    const { noneNeeded = [] } = said
    if (said.shell || isHeatless || noneNeeded.length > 0) {
      saveRig(records, rigId, version, { ...beginShell(said.shell ?? null), heatless: isHeatless, noneNeeded })
    }
    if (said.cylinder) beginCylinder(records, rigId, said.cylinder, now.toISOString())
    const kinds = [...new Set(said.burns)]
    const burning = new Map(kinds.map((kind) => [kind, beginAppliance(records, rigId, kind)]))
    if (said.heater !== null && said.heater !== 'none') {
      const kind = applianceKindOf(heaterTemplates[said.heater].heater)
      const told = { supply: said.heaterSupply ?? null, inputW: said.heaterInputW ?? null }
      const applianceId = burning.get(kind) ?? beginAppliance(records, rigId, kind, told)
      burning.set(kind, applianceId)
      const { name, heater: template } = heaterTemplates[said.heater]
      const highW = told.inputW ?? template.highW
      const bottleOn = template.bottleOn && told.supply !== 'line'
      const heater = { ...template, highW, lowW: Math.min(template.lowW, highW), bottleOn }
      addHeater(records, rigId, { name, applianceId, heater, price: null, lastsNights: null })
    }
    for (const { kind, madeMonth, sound } of said.equipment) {
      const entry = { kind, name: equipmentFacts[kind].name, madeMonth, replaceByMonth: null }
      const { id: equipmentId } = addEquipment(records, rigId, entry)
      if (sound) addEquipmentLook(records, { equipmentId, sound, note: null, lookedAt: now.toISOString() })
    }
    if (!said.trip || !findRig(records, rigId)) return { rigId, tripId: null }
    const uses = [...burning].map(([kind, applianceId]) => {
      const { habit } = applianceTraits[kind]
      const burnPerDayS = habit.way === 'hours' ? habit.burnPerDayS : 0
      return { applianceId, burnPerDayS, habit, sources: { habit: assumed() } }
    })
    return { rigId, tripId: addTrip(records, rigId, { ...said.trip, ...storedAltitude(said.trip.altitudeM), uses }).id }
  })
}
