import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { type HeaterBody, heaterBodySchema, poseSchema, type Pose, requireHeater } from '@/core/heat/heaters/heater'
import { type HoseRun, hoseRun } from '@/core/heat/heaters/hoseRun'
import { requireRoom } from '@/core/heat/room/requireRoom'
import { roomSchema, type Room } from '@/core/heat/room/room'
import { ceilingM, penetrationM, wallSolids } from '@/core/heat/room/roomGeometry'
import { gasKinds, type Thing, MAX_THINGS, thingSchema } from '@/core/heat/room/thing'
import { boxPoints } from '@/core/math/planGeometry'
import { type RequiredClearances, clearanceTo, type HeaterFace, sweptSolid } from './clearanceTo'
import { type ExitState, exitState } from './exitState'

/** An object that would have to move for the heater to stand here. */
export interface Obstacle {
  id: string
  name: string
  lacksM: number
}

const touching: RequiredClearances = { frontM: 0, rearM: 0, sidesM: 0, topM: 0 }

/**
 * Required clearances to an object: the heater's clearances from combustibles, its distance from cylinders, and room for
 * its own body from everything else.
 *
 * @param thing - what it is
 * @param body - the heater
 */
export function requiredClearances(thing: Pick<Thing, 'kind' | 'combustible'>, body: HeaterBody): RequiredClearances {
  if (gasKinds.includes(thing.kind)) {
    const { cylinderM } = body
    return { frontM: cylinderM, rearM: cylinderM, sidesM: cylinderM, topM: cylinderM }
  }
  return thing.combustible || thing.kind === 'sleeper' ? body.clearances : touching
}

export const clearanceCheckSchema = z.strictObject({
  heater: heaterBodySchema,
  pose: poseSchema,
  objects: z.array(thingSchema).max(MAX_THINGS).default([]),
  room: roomSchema,
})

/** Clearance between the heater and one object, wall or ceiling. */
export interface ClearanceMargin {
  /** Of the thing; of a wall its number round the plan, else `ceiling` or `room`. */
  id: string
  name: string
  face: HeaterFace
  marginM: number
  /** Required distance at that face. */
  wantedM: number
  /** Whether this is the distance to a cylinder instead of a clearance to combustibles. */
  isCylinder: boolean
}

export interface ClearanceCheck {
  /** Those that lack something, worst first, with how much. */
  violations: readonly (ClearanceMargin & { lacksM: number })[]
  /** Everything, nearest first. */
  margins: readonly ClearanceMargin[]
  leastMarginM: number
  exit: ExitState
  hose: HoseRun | null
}

/** Less than this is the rounding of inches. */
export const ROUNDING_M = 1e-6

function wantedAt(face: HeaterFace, body: HeaterBody, thing: Pick<Thing, 'kind' | 'combustible'>): number {
  const { frontM, rearM, sidesM, topM } = requiredClearances(thing, body)
  if (face === 'front') return frontM
  if (face === 'rear') return rearM
  if (face === 'top') return topM
  return face === 'underside' ? 0 : sidesM
}

/** Clearance to the ceiling above the heater. */
function ceilingMargin(room: Room, body: HeaterBody, pose: Pose): ClearanceMargin {
  const corners = boxPoints(pose, body.depthM, body.widthM, pose.turnDeg)
  const lowestM = Math.min(...corners.map(({ yM }) => ceilingM(room, yM)))
  const { topM, ceilingM: ownM } = body.clearances
  const wantedM = room.liningsBurn ? (ownM ?? topM) : 0
  return {
    id: 'ceiling',
    name: 'the ceiling',
    face: 'top',
    marginM: lowestM - (pose.bottomM + body.heightM) - wantedM,
    wantedM,
    isCylinder: false,
  }
}

/**
 * Clearances of a placed heater to everything around it, in three dimensions.
 *
 * @param input - see clearanceCheckSchema; movable objects count with their whole reach
 * @returns margins to everything; the way out and the hose beside them
 * @throws InputError for an impossible room or heater
 * @see docs/models.md, "Clearances"
 */
export function clearanceCheck(input: {
  heater: HeaterBody
  pose: Pose
  objects: readonly Thing[]
  room: Room
}): ClearanceCheck {
  const { heater, pose, objects, room } = input
  requireRoom(room)
  requireHeater(heater, room)
  for (const [i, { lowM, highM, name }] of objects.entries()) {
    if (!(highM > lowM)) {
      throw new InputError(`objects.${i}.highM`, `${name}: its upper edge must lie above its lower one.`)
    }
  }
  const wall = { kind: 'other', combustible: room.liningsBurn } as const
  const margins: ClearanceMargin[] = [
    ...objects
      .filter(({ kind }) => kind !== 'gas-outlet')
      .map((thing) => {
        const { marginM, face } = clearanceTo(sweptSolid(thing), requiredClearances(thing, heater), heater, pose)
        const isCylinder = gasKinds.includes(thing.kind)
        return { id: thing.id, name: thing.name, face, marginM, wantedM: wantedAt(face, heater, thing), isCylinder }
      }),
    ...wallSolids(room).map(({ id, name, solid }) => {
      const { marginM, face } = clearanceTo(solid, requiredClearances(wall, heater), heater, pose)
      return { id, name, face, marginM, wantedM: wantedAt(face, heater, wall), isCylinder: false }
    }),
    ceilingMargin(room, heater, pose),
  ]
  const outsideM = -penetrationM(room, boxPoints(pose, heater.depthM, heater.widthM, pose.turnDeg))
  // Crossing a wall is reported by that wall; the cut-off corner of an L-shaped room needs its own check.
  if (outsideM > ROUNDING_M && margins.every(({ marginM }) => marginM > -outsideM)) {
    margins.push({
      id: 'room',
      name: 'the wall it reaches through',
      face: 'rear',
      marginM: -outsideM,
      wantedM: 0,
      isCylinder: false,
    })
  }
  margins.sort((a, b) => a.marginM - b.marginM)
  return {
    violations: margins
      .filter(({ marginM }) => marginM < -ROUNDING_M)
      .map((margin) => ({ ...margin, lacksM: -margin.marginM })),
    margins,
    leastMarginM: margins[0]?.marginM ?? 0,
    exit: exitState(room, objects, { body: heater, pose }),
    hose: hoseRun(objects, heater, pose),
  }
}
