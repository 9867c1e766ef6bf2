import { gearContents } from '@/core/cylinders/contents/gearContents'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { changeoverSide, type GraphPart, isShut, type LineGraph, wayTo } from './lineGraph'

/** Gas by cylinder, kg; null when unknown. A cylinder that is not listed is unknown too. */
export type HeldGas = Readonly<Record<string, number | null>>

/** Gas in the cylinders of a rig, by the last readings. */
export function heldGas(cylinders: readonly CylinderGear[]): HeldGas {
  return Object.fromEntries(cylinders.map((cylinder) => [cylinder.id, gearContents(cylinder)?.netKg ?? null]))
}

/** So little is only vapor: a changeover takes the cylinder for empty. [common practice] */
const EMPTY_KG = 0.4

/** One side of a changeover. */
export interface ChangeoverSide {
  side: 'left' | 'right'
  /** The cylinder as the line names it. */
  cylinder: GraphPart
  isShut: boolean
  /** Null when nobody measured it. */
  isEmpty: boolean | null
  /** Its valve and everything up to the changeover is open, and gas is in it as far as known. */
  feeds: boolean
}

/** A changeover with its lever and both its sides. */
export interface ChangeoverState {
  changeover: GraphPart
  lever: ReturnType<typeof changeoverSide>
  sides: readonly ChangeoverSide[]
}

/** Whether a source is known to be empty. */
export function isKnownEmpty({ part }: GraphPart, held: HeldGas | undefined): boolean | null {
  const kg = part.cylinderId === undefined ? undefined : held?.[part.cylinderId]
  return kg === undefined || kg === null ? null : kg < EMPTY_KG
}

/**
 * The changeovers of a line: which cylinder is on which side, open or shut, empty or not.
 *
 * @param graph - of the line
 * @param held - what is in the rig's cylinders
 */
export function changeoverStates(graph: LineGraph, held: HeldGas | undefined): ChangeoverState[] {
  return graph.parts
    .filter(({ type }) => type.role === 'changeover')
    .map((changeover) => ({
      changeover,
      lever: changeoverSide(changeover),
      sides: changeover.into.flatMap(({ from, toPort }): ChangeoverSide[] => {
        const way = wayTo(from)
        const cylinder = way.find((part) => graph.sources.includes(part))
        if (!cylinder || (toPort.id !== 'left' && toPort.id !== 'right')) return []
        const isWayShut = way.some(isShut)
        const isEmpty = isKnownEmpty(cylinder, held)
        return [{ side: toPort.id, cylinder, isShut: isWayShut, isEmpty, feeds: !isWayShut && isEmpty !== true }]
      }),
    }))
}
