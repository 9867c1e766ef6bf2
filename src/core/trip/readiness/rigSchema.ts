import { cylinderKinds } from '@/core/cylinders/cylinderKind'
import { equipmentKinds, optionalEquipment } from '@/core/cylinders/equipment/equipment'
import { quantitySourcesSchema } from '@/core/base/provenance'
import { z } from '@/core/base/zod'
import { lineSchema } from '@/core/hookup/line/line'
import { leakGrades } from '@/core/leak-test/sheet/leakReading'
import { technicianRepairSchema } from '@/core/leak-test/sheet/leakReading'
import { pressureProofSchema } from '@/core/leak-test/sheet/pressureProof'
import { leakItemSchema } from '@/core/leak-test/sheet/leakSheet'
import { batterySchema } from '@/core/run/battery/battery'
import { tripPlanSchema } from '@/core/run/tripPlan'
import { heaterSchema } from '@/core/heat/heaters/heater'
import { markLetters } from '@/core/cylinders/stamps/stampReading'
import { provenances } from '@/core/rules/basis/basisEntry'
import { roomPlanSchema } from '@/core/heat/room/roomPlan'
import { instantField } from '@/core/time/instant'

const idField = z.string().min(1).max(64)
const nameField = z.string().max(60)
const monthField = z.string().regex(/^\d{4}-(0[1-9]|1[0-2])$/, 'A month is written like 2031-03.')
const monthsField = z.number().positive().max(1200)

const lookSchema = z.strictObject({ answers: z.record(z.string(), z.enum(['sound', 'bad'])), lookedAt: instantField })

const ruleSchema = z.strictObject({
  id: idField,
  name: z.string(),
  words: z.string(),
  source: z.string(),
  standing: z.enum(provenances),
  firstMonths: monthsField,
  afterMonths: z.strictObject({ E: monthsField, S: monthsField, none: monthsField }),
  highPressureMonths: monthsField,
})

const fitnessSchema = z.strictObject({
  specification: z.string().max(60).nullable(),
  manufacturedMonth: monthField.nullable(),
  marks: z
    .array(
      z.strictObject({
        month: monthField,
        letter: z.enum(markLetters).nullable(),
        requalifier: z.string().max(60).nullable(),
      }),
    )
    .max(100),
  labelIntervalMonths: monthsField.nullable(),
  endOfLifeMonth: monthField.nullable(),
  overfillStop: z.enum(['yes', 'no', 'unknown']),
  rule: ruleSchema,
  lastLook: lookSchema.nullable(),
  retiredBy: lookSchema.nullable(),
  refilledAt: instantField.nullable(),
  heavier: z
    .strictObject({ byKg: z.number().positive().max(2000), weighedAt: instantField })
    .nullable()
    .optional(),
  vesselLeak: z
    .strictObject({ place: z.string().max(300), foundAt: instantField })
    .nullable()
    .optional(),
})

/** Schema of a cylinder as core takes it. */
export const cylinderGearSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(cylinderKinds),
  tareKg: z.number().min(0).max(1000),
  waterCapacityKg: z.number().positive().max(5000),
  labelNetKg: z.number().positive().max(2000).nullable(),
  sources: quantitySourcesSchema.optional(),
  aboard: z.boolean(),
  lastWeighing: z
    .strictObject({
      grossKg: z.number().positive().max(3000),
      hangingKg: z.number().min(0).max(50),
      weighedAt: instantField,
    })
    .nullable(),
  lastLevel: z
    .strictObject({
      liquidFraction: z.number().min(0).max(1),
      temperatureK: z.number().min(203.15).max(333.15),
      sources: quantitySourcesSchema.optional(),
      readAt: instantField,
    })
    .nullable(),
  shutUntil: instantField.nullable().default(null),
  filledUnknownAt: instantField.nullish(),
  fitness: fitnessSchema,
})

const equipmentSchema = z.strictObject({
  id: idField,
  kind: z.enum(equipmentKinds),
  name: nameField,
  madeMonth: monthField.nullable(),
  replaceByMonth: monthField.nullable(),
  lastLook: z
    .strictObject({ sound: z.boolean(), lookedAt: instantField, note: z.string().max(300).nullable() })
    .nullable(),
})

const leakTestSchema = z.strictObject({
  startedAt: instantField,
  fingerprint: z.string().max(4000),
  sheet: z.array(leakItemSchema).max(2000),
  readings: z
    .array(
      z.strictObject({
        itemId: z.string().max(200),
        grade: z.enum(leakGrades),
        leftForTechnician: z.boolean(),
        readAt: instantField,
        proof: pressureProofSchema.nullish(),
        repair: technicianRepairSchema.nullish(),
      }),
    )
    .max(5000),
  closedAt: instantField.nullable(),
})

const judgedLineSchema = z.strictObject({
  gear: z.strictObject({ id: idField, name: nameField, line: lineSchema }),
  tightness: z.strictObject({
    lineId: idField,
    name: nameField,
    fingerprint: z.string().max(4000),
    lastTest: leakTestSchema.nullable(),
    lastHold: z.strictObject({ outcome: z.enum(['held', 'fell']), heldAt: instantField }).nullable(),
    refilledAt: instantField.nullable(),
  }),
})

const heatSchema = z.strictObject({
  rooms: z.array(z.strictObject({ id: idField, name: nameField, shelter: roomPlanSchema })).max(20),
  heaters: z
    .array(z.strictObject({ id: idField, name: nameField, applianceId: idField.nullable(), heater: heaterSchema }))
    .max(40),
  heatless: z.boolean(),
  warmth: z
    .strictObject({
      lossWPerK: z.number().positive().max(5000),
      capacityJPerK: z.number().positive().max(1e8),
      from: z.enum(['log', 'shape', 'kind']).optional(),
    })
    .nullable(),
})

/** All of a rig that a trip is based on. */
export const rigGearSchema = z.strictObject({
  cylinders: z.array(cylinderGearSchema).max(40),
  equipment: z.array(equipmentSchema).max(100),
  lines: z.array(judgedLineSchema).max(20),
  heat: heatSchema,
  noneNeeded: z.array(z.enum(optionalEquipment)).max(2).optional(),
  battery: batterySchema.nullable(),
  recordedFaults: z
    .array(
      z.strictObject({
        id: idField,
        label: z.string().max(100),
        station: z.enum(['cylinders', 'hookup', 'heat', 'run']),
        partName: z.string().max(100),
        foundAt: instantField,
      }),
    )
    .max(100)
    .optional(),
  rehearsedAt: instantField.nullable().optional(),
})

/** Schema of the readiness request. */
export const readinessSchema = z.strictObject({
  rig: rigGearSchema,
  trip: tripPlanSchema,
  /** Time to judge at, with the owner’s offset: its day is the owner’s day. */
  now: z.iso.datetime({ offset: true, message: 'A moment is written like 2026-11-24T12:00:00-07:00.' }),
})
