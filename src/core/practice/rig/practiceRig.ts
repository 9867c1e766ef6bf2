import { applianceKinds } from '@/core/appliances/applianceKinds'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { propaneFillLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { roomSchema } from '@/core/heat/room/room'
import { lineSchema } from '@/core/hookup/line/line'
import { lineGraph, type LineGraph } from '@/core/hookup/line/lineGraph'
import { vesselOrientations } from '@/core/vaporization/vessel'

const idField = z.string().min(1).max(64)

/** Water capacity of a 20 lb cylinder, for a cylinder whose stamp is unknown. [common practice] */
const USUAL_WATER_KG = 21.59

const practiceCylinderSchema = z.strictObject({
  /** Its part in the line. */
  partId: idField,
  /** Gas in it; null when unknown. */
  massKg: z.number().min(0, 'A mass cannot be negative.').max(2000).nullable().default(null),
  waterCapacityKg: z.number().positive('Enter a water capacity above 0.').max(5000).default(USUAL_WATER_KG),
  tareKg: z.number().positive().max(3000).optional(),
  stands: z.enum(vesselOrientations).default('upright'),
})

/** What the owner found out within the last hours: the diagnosis does not ask for it again. */
const knownSchema = z.strictObject({
  /** Parts of the cylinders that were weighed or read. */
  cylinders: z.array(idField).max(40).default([]),
  lever: z.boolean().default(false),
  battery: z.boolean().default(false),
})

/** A rig as the diagnosis and the drills take it: one line with its cylinders, the room, the battery and the weather. */
export const practiceRigSchema = z.strictObject({
  name: z.string().trim().max(60).default('The rig'),
  line: lineSchema,
  cylinders: z.array(practiceCylinderSchema).max(40).default([]),
  /** Kind of an appliance by its part, where the type of the part does not say it. */
  kinds: z.record(idField, z.enum(applianceKinds)).default({}),
  outsideK: z.number().min(223.15, 'Enter −58 °F (−50 °C) or warmer.').max(333.15, 'Enter 140 °F (60 °C) or colder.'),
  altitudeM: z.number().min(-500).max(6000, 'Enter an altitude up to 6,000 m.').default(0),
  /** Charge of the 12 V battery, as a share; null without one or unknown. */
  batteryShare: z.number().min(0).max(1).nullable().default(null),
  room: roomSchema.nullable().default(null),
  people: z.int().min(0).max(12).default(2),
  known: knownSchema.default({ cylinders: [], lever: false, battery: false }),
})

export type PracticeRig = z.output<typeof practiceRigSchema>

type PracticeCylinder = z.output<typeof practiceCylinderSchema>

/**
 * Cylinder of a source of the line.
 *
 * @returns a 20 lb cylinder of unknown contents where the rig lists none for it
 */
export function practiceCylinder({ cylinders }: PracticeRig, partId: string): PracticeCylinder {
  return (
    cylinders.find((one) => one.partId === partId) ?? {
      partId,
      massKg: null,
      waterCapacityKg: USUAL_WATER_KG,
      stands: 'upright',
    }
  )
}

/** Most gas a cylinder may hold, kg. */
export function limitOf(rig: PracticeRig, partId: string): number {
  return propaneFillLimitKg(practiceCylinder(rig, partId).waterCapacityKg)
}

/** Largest line that is practiced on: the table of a larger one takes too long to compute. */
export const MOST_PARTS = 100

/**
 * The line of a rig as a graph.
 *
 * @throws InputError at `line` when it has no source, closes a ring, or has over 100 parts
 */
export function practiceGraph({ line }: Pick<PracticeRig, 'line'>): LineGraph {
  const graph = lineGraph(line)
  if (graph.parts.length > MOST_PARTS) throw new InputError('line', `Use a line of up to ${MOST_PARTS} parts.`)
  if (graph.sources.length === 0) throw new InputError('line', 'This line has no cylinder and no tank. Add one.')
  if (graph.ring.length > 0) throw new InputError('line', 'This line closes a ring. Take one joint apart.')
  return graph
}
