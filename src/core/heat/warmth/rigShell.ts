import { z } from '@/core/base/zod'
import { roomSchema, type ShellClass } from '@/core/heat/room/room'
import type { RoomWarmth } from './heatOutlook'
import { roomWarmth } from './roomWarmth'

/** What an owner calls the rig. */
export const rigShellKinds = [
  'van',
  'truck-camper',
  'small-trailer',
  'travel-trailer',
  'motorhome',
  'tent-trailer',
] as const

export type RigShellKind = (typeof rigShellKinds)[number]

interface RigShellFacts {
  name: string
  usualLengthM: number
  widthM: number
  heightM: number
  shell: ShellClass
  /** Share of the walls that is single glass. */
  glassShare: number
}

/** Width, height and shell by kind. [common practice] A drawn room takes precedence, a warm-up log before that. */
export const rigShellFacts: Readonly<Record<RigShellKind, RigShellFacts>> = {
  van: { name: 'Van', usualLengthM: 3.6, widthM: 1.8, heightM: 1.8, shell: 'lined', glassShare: 0.08 },
  'truck-camper': {
    name: 'Truck camper',
    usualLengthM: 4,
    widthM: 2.1,
    heightM: 1.95,
    shell: 'insulated',
    glassShare: 0.08,
  },
  'small-trailer': {
    name: 'Small trailer',
    usualLengthM: 4,
    widthM: 2,
    heightM: 1.9,
    shell: 'lined',
    glassShare: 0.08,
  },
  'travel-trailer': {
    name: 'Travel trailer',
    usualLengthM: 7,
    widthM: 2.4,
    heightM: 2,
    shell: 'insulated',
    glassShare: 0.1,
  },
  motorhome: { name: 'Motorhome', usualLengthM: 8, widthM: 2.4, heightM: 2.05, shell: 'insulated', glassShare: 0.12 },
  'tent-trailer': {
    name: 'Tent trailer',
    usualLengthM: 4,
    widthM: 2.2,
    heightM: 2,
    shell: 'canvas',
    glassShare: 0,
  },
}

export const rigShellSchema = z.strictObject({
  kind: z.enum(rigShellKinds),
  /** Of the living space, inside. */
  lengthM: z
    .number()
    .min(1.5, 'A living space is longer than 5 ft (1.5 m).')
    .max(15, 'No camper is longer than 50 ft (15 m) inside.'),
})

export type RigShell = z.output<typeof rigShellSchema>

/** Part of the estimate by which the real loss may be lower or higher. [common practice] */
export const SHELL_ESTIMATE_RANGE = { lowest: 0.6, highest: 1.6 } as const

/**
 * Heat loss and capacity of a rig from its kind and length alone: a box of the usual width, height and shell.
 *
 * @param shell - as its owner told
 * @returns an estimate; the real loss lies between SHELL_ESTIMATE_RANGE times it
 * @see docs/models.md, "Warmth of the room"
 */
export function shellWarmth({ kind, lengthM }: RigShell): RoomWarmth {
  const { widthM, heightM, shell, glassShare } = rigShellFacts[kind]
  const glassM2 = 2 * (lengthM + widthM) * heightM * glassShare
  const window = {
    id: 'glass',
    name: 'Glass',
    kind: 'window',
    side: 'left',
    alongM: lengthM / 2,
    bottomM: 0.9,
  } as const
  const openings = glassM2 > 0 ? [{ ...window, widthM: glassM2, heightM: 1, openM: 0 }] : []
  const room = roomSchema.parse({ shape: 'van', lengthM, widthM, heightM, shell, openings })
  const { lossWPerK, capacityJPerK } = roomWarmth(room, null)
  return { lossWPerK, capacityJPerK, from: 'kind' }
}
