import { catalogue } from '@/core/hookup/catalogue/catalogue'
import { freePorts, lineGraph } from './lineGraph'
import type { Joint, Line, LinePart } from './line'
import type { PartType, Port } from '@/core/hookup/catalogue/partType'
import { portCompatibility } from '@/core/hookup/catalogue/portCompatibility'

/** One edit of a line. Identifiers are passed in, so that the same edits give the same line. */
export type LineEdit =
  | { do: 'add'; type: PartType; id: string; after: string | null; port?: string }
  | { do: 'remove'; id: string }
  | { do: 'change'; id: string; to: Partial<Omit<LinePart, 'id' | 'typeId'>> }
  | { do: 'join'; from: Joint['from']; to: Joint['to']; id: string }
  | { do: 'unjoin'; id: string }
  | { do: 'made'; ids: readonly string[]; made: Joint['made'] }

const joins = ({ way }: Port, as: 'in' | 'out'): boolean => way === as || way === 'either'

/** The pair of ports that goes together best, of those that are free. */
function bestPorts(from: readonly Port[], to: readonly Port[]): { from: Port; to: Port } | null {
  const rank = { mates: 0, lookalike: 1, 'does-not-fit': 2 } as const
  const tries = from.flatMap((one) => to.map((other) => ({ from: one, to: other })))
  return (
    tries.toSorted(
      (a, b) =>
        rank[portCompatibility(a.from.fits, a.to.fits).verdict] -
        rank[portCompatibility(b.from.fits, b.to.fits).verdict],
    )[0] ?? null
  )
}

const joint = (id: string, from: string, ports: { from: Port; to: Port }, to: string): Joint => ({
  id,
  from: { partId: from, portId: ports.from.id },
  to: { partId: to, portId: ports.to.id },
  made: 'not-known',
})

function add(line: Line, { type, id, after, port }: Extract<LineEdit, { do: 'add' }>): Line {
  const above = after === null ? undefined : lineGraph(line).byId.get(after)
  const part: LinePart = { id, typeId: type.id, place: above?.part.place ?? 'not-known' }
  const isKnown = [...catalogue, ...line.types].some((other) => other.id === type.id)
  const grown: Line = {
    ...line,
    parts: [...line.parts, part],
    types: isKnown ? line.types : [...line.types, type],
  }
  if (!above) return grown
  const free = freePorts(above).filter((one) => joins(one, 'out') && (port === undefined || one.id === port))
  const ways = type.ports.filter((port) => joins(port, 'in'))
  const ports = bestPorts(free, ways)
  if (ports) return { ...grown, joints: [...grown.joints, joint(`${id}-in`, above.part.id, ports, id)] }
  // No free port upstream: it is inserted between the part and what followed it.
  const [next] = above.outOf
  if (!next || ways.length === 0) return grown
  const before = bestPorts([next.fromPort], ways)
  const behind = bestPorts(
    type.ports.filter((port) => joins(port, 'out') && port.id !== before?.to.id),
    [next.toPort],
  )
  if (!before) return grown
  return {
    ...grown,
    joints: [
      ...grown.joints.filter((other) => other.id !== next.joint.id),
      joint(`${id}-in`, above.part.id, before, id),
      ...(behind ? [joint(`${id}-out`, id, behind, next.to.part.id)] : []),
    ],
  }
}

function remove(line: Line, id: string): Line {
  const part = lineGraph(line).byId.get(id)
  const without: Line = {
    ...line,
    parts: line.parts.filter((other) => other.id !== id),
    joints: line.joints.filter(({ from, to }) => from.partId !== id && to.partId !== id),
  }
  const [before] = part?.into ?? []
  const [behind] = part?.outOf ?? []
  if (!part || !before || !behind || part.into.length > 1 || part.outOf.length > 1) return without
  // Its neighbors are joined again, and the new joint is judged as it is.
  const closed = joint(
    `${id}-gone`,
    before.from.part.id,
    { from: before.fromPort, to: behind.toPort },
    behind.to.part.id,
  )
  return { ...without, joints: [...without.joints, closed] }
}

/**
 * The line after one edit; the input is not changed.
 *
 * @param line - before
 * @param edit - what is done
 * @throws InputError as lineGraph does, for a line that was not whole before
 */
export function editLine(line: Line, edit: LineEdit): Line {
  switch (edit.do) {
    case 'add':
      return add(line, edit)
    case 'remove':
      return remove(line, edit.id)
    case 'change':
      return { ...line, parts: line.parts.map((part) => (part.id === edit.id ? { ...part, ...edit.to } : part)) }
    case 'join': {
      const kept = line.joints.filter(
        ({ from, to }) =>
          !(from.partId === edit.from.partId && from.portId === edit.from.portId) &&
          !(to.partId === edit.to.partId && to.portId === edit.to.portId),
      )
      return { ...line, joints: [...kept, { id: edit.id, from: edit.from, to: edit.to, made: 'not-known' }] }
    }
    case 'unjoin':
      return { ...line, joints: line.joints.filter(({ id }) => id !== edit.id) }
    case 'made':
      return {
        ...line,
        joints: line.joints.map((one) => (edit.ids.includes(one.id) ? { ...one, made: edit.made } : one)),
      }
  }
}
