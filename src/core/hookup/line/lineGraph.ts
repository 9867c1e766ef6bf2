import { InputError } from '@/core/base/InputError'
import { catalogue } from '@/core/hookup/catalogue/catalogue'
import { type PartType, type Port } from '@/core/hookup/catalogue/partType'
import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import { portCompatibility, type PortCompatibility } from '@/core/hookup/catalogue/portCompatibility'
import type { Joint, Line, LinePart } from './line'

/** A part of the line with its type and the joints at it. */
export interface GraphPart {
  part: LinePart
  type: PartType
  name: string
  lengthM: number
  boreM: number
  into: GraphJoint[]
  outOf: GraphJoint[]
}

/** A joint with both its ends found. */
export interface GraphJoint {
  joint: Joint
  from: GraphPart
  to: GraphPart
  fromPort: Port
  toPort: Port
  verdict: PortCompatibility
}

export interface LineGraph {
  parts: readonly GraphPart[]
  joints: readonly GraphJoint[]
  /** Upstream before downstream; parts of a ring come last, in the order drawn. */
  sortFindings: readonly GraphPart[]
  sources: readonly GraphPart[]
  /** Identifiers of the parts that close a ring. */
  ring: readonly string[]
  /** Identifiers of the parts no source reaches. */
  unreachableParts: readonly string[]
  byId: ReadonlyMap<string, GraphPart>
}

const catalogueById = new Map(catalogue.map((type) => [type.id, type]))

function portOf(part: GraphPart, portId: string, way: 'in' | 'out', path: string): Port {
  const port = part.type.ports.find(({ id }) => id === portId)
  if (!port) throw new InputError(path, `${part.name} has no connection called “${portId}”.`)
  if (port.way !== way && port.way !== 'either') {
    throw new InputError(
      path,
      `Gas goes ${port.way === 'in' ? 'into' : 'out of'} ${part.name} there, not the other way.`,
    )
  }
  return port
}

/** Names already given, in small letters: what would be a second of the name gets a number. */
function uniqueName(name: string, taken: Set<string>): string {
  let unique = name
  for (let number = 2; taken.has(unique.toLowerCase()); number += 1) unique = `${name} ${number}`
  taken.add(unique.toLowerCase())
  return unique
}

function placeParts(line: Line): Map<string, GraphPart> {
  const own = new Map(line.types.map((type) => [type.id, type]))
  const byId = new Map<string, GraphPart>()
  const taken = new Set<string>()
  line.parts.forEach((part, i) => {
    const type = own.get(part.typeId) ?? catalogueById.get(part.typeId)
    if (!type) throw new InputError(`parts.${i}.typeId`, `There is no part of the kind “${part.typeId}”.`)
    if (byId.has(part.id)) throw new InputError(`parts.${i}.id`, 'Two parts carry this identifier.')
    const { name, lengthM = type.lengthM ?? 0, boreM = type.boreM ?? 0 } = part
    byId.set(part.id, { part, type, name: uniqueName(name || type.name, taken), lengthM, boreM, into: [], outOf: [] })
  })
  return byId
}

function placeJoints(line: Line, byId: ReadonlyMap<string, GraphPart>): GraphJoint[] {
  const used = new Set<string>()
  const ids = new Set<string>()
  return line.joints.map((joint, i) => {
    const end = (side: 'from' | 'to'): GraphPart => {
      const part = byId.get(joint[side].partId)
      if (!part) throw new InputError(`joints.${i}.${side}.partId`, 'This joint names a part that is not in the line.')
      return part
    }
    if (ids.has(joint.id)) throw new InputError(`joints.${i}.id`, 'Two joints carry this identifier.')
    ids.add(joint.id)
    const from = end('from')
    const to = end('to')
    const fromPort = portOf(from, joint.from.portId, 'out', `joints.${i}.from.portId`)
    const toPort = portOf(to, joint.to.portId, 'in', `joints.${i}.to.portId`)
    for (const [side, part, port] of [
      ['from', from, fromPort],
      ['to', to, toPort],
    ] as const) {
      const key = `${part.part.id} ${port.id}`
      if (used.has(key)) {
        throw new InputError(
          `joints.${i}.${side}.portId`,
          `Something is screwed to this connection of ${part.name} already.`,
        )
      }
      used.add(key)
    }
    const placed = { joint, from, to, fromPort, toPort, verdict: portCompatibility(fromPort.fits, toPort.fits) }
    from.outOf.push(placed)
    to.into.push(placed)
    return placed
  })
}

/** Parts that form a cycle, ignoring direction: flows are defined only when the line is a tree. */
function findCycle(joints: readonly GraphJoint[]): string[] {
  const above = new Map<string, string>()
  const root = (id: string): string => {
    let at = id
    for (let next = above.get(at); next !== undefined; next = above.get(at)) at = next
    return at
  }
  return joints.flatMap(({ from, to }) => {
    const [one, other] = [root(from.part.id), root(to.part.id)]
    if (one === other) return [from.part.id, to.part.id]
    above.set(other, one)
    return []
  })
}

function topologicalOrder(parts: readonly GraphPart[]): GraphPart[] {
  const waiting = new Map(parts.map((part) => [part, part.into.length]))
  const ready = parts.filter(({ into }) => into.length === 0)
  const order: GraphPart[] = []
  for (let part = ready.shift(); part; part = ready.shift()) {
    order.push(part)
    for (const { to } of part.outOf) {
      const left = (waiting.get(to) ?? 0) - 1
      waiting.set(to, left)
      if (left === 0) ready.push(to)
    }
  }
  const reached = new Set(order)
  return [...order, ...parts.filter((part) => !reached.has(part))]
}

/**
 * The line as a graph of parts, ready to be checked.
 *
 * @param line - checked by lineSchema
 * @throws InputError naming the part or joint: an unknown kind, a joint to nowhere, a connection used twice or backwards
 */
export function lineGraph(line: Line): LineGraph {
  const byId = placeParts(line)
  const joints = placeJoints(line, byId)
  const parts = [...byId.values()]
  const sources = parts.filter(({ type }) => roleTraits[type.role].isSource)
  const reached = new Set(sources)
  for (const part of reached) for (const { to } of part.outOf) reached.add(to)
  return {
    parts,
    joints,
    sortFindings: topologicalOrder(parts),
    sources,
    ring: [...new Set(findCycle(joints))],
    unreachableParts: parts.filter((part) => !reached.has(part)).map(({ part }) => part.id),
    byId,
  }
}

/** Ports of a part that are not joined. */
export function freePorts({ type, into, outOf }: GraphPart): Port[] {
  const used = new Set([...into.map(({ toPort }) => toPort.id), ...outOf.map(({ fromPort }) => fromPort.id)])
  return type.ports.filter(({ id }) => !used.has(id))
}

/** Parts the gas passes on its way to a part, itself left out. */
export function upstreamParts(part: GraphPart): GraphPart[] {
  const above = new Set(part.into.map(({ from }) => from))
  for (const at of above) for (const { from } of at.into) above.add(from)
  return [...above]
}

/** A part and all parts the gas passes on its way to it. */
export const wayTo = (part: GraphPart): GraphPart[] => [part, ...upstreamParts(part)]

/** Whether a valve is shut, of a cylinder too. */
export const isShut = ({ part }: GraphPart): boolean => part.setting === 'shut'

/** The graph of a line; null when it is invalid, which Hook-up reports. */
export function lineGraphOrNull(line: Line): LineGraph | null {
  try {
    return lineGraph(line)
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

/** Heat input of an appliance, W: as entered, else usual for its type; 0 for other parts. */
export function applianceInputW({ part, type }: GraphPart): number {
  return type.appliance ? (part.inputW ?? type.appliance.inputW) : 0
}

/** Side that a changeover takes its gas from: as set, else automatic if it is, else left. */
export function changeoverSide({ part, type }: GraphPart): NonNullable<LinePart['lever']> {
  return part.lever ?? (type.automatic ? 'automatic' : 'left')
}
