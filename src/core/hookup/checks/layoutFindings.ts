import type { Finding } from '@/core/findings/Finding'
import { fromUnit } from '@/core/units/convert'
import { type GraphPart, type LineGraph, upstreamParts } from '@/core/hookup/line/lineGraph'
import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import { makeFinding } from '@/core/findings/makeFinding'
import type { LineCase } from './lineCase'

/** Largest cylinder that a portable heater’s manual usually allows. [common practice] */
const MAX_REMOTE_KG = fromUnit(40, 'mass', 'lb')

function filterMissing(lineId: string, part: GraphPart, way: readonly GraphPart[]): Finding[] {
  const onBottle = part.into[0]?.from.type.role === 'bottle'
  if (!part.type.appliance?.wantsFilter || onBottle || way.length === 0) return []
  if (way.some(({ type }) => type.role === 'filter')) return []
  return [
    makeFinding('hookup', 'filter-missing', {
      subjectId: lineId,
      text: '{part} is on a hose without a fuel filter.',
      reason:
        'Oil out of the hose plugs its regulator and jet. A filter goes between hose and appliance, unless the hose is of a kind that needs none.',
      parts: { part: part.name },
      about: part.part.id,
    }),
  ]
}

function remoteTooLarge(lineId: string, part: GraphPart, way: readonly GraphPart[]): Finding[] {
  const largest = Math.max(0, ...way.map(({ part: { holdsKg } }) => holdsKg ?? 0))
  if (!part.type.appliance?.portable || largest <= MAX_REMOTE_KG * 1.01) return []
  return [
    makeFinding('hookup', 'remote-too-large', {
      subjectId: lineId,
      text: '{part} is on a cylinder of {holds}.',
      reason: 'Its manual limits the cylinder it may be fed from, often to 40 lb (18 kg). Look it up, and keep to it.',
      parts: { part: part.name, holds: { value: largest, role: 'cylinderMass' } },
      about: part.part.id,
    }),
  ]
}

/** Whether the way down from here to something that burns passes a valve. */
function closesBefore(part: GraphPart): boolean {
  if (roleTraits[part.type.role].shutsOff) return true
  if (part.type.role === 'appliance') return false
  // Another tee further down answers for its own branches.
  if (part.outOf.length > 1) return true
  return part.outOf.every(({ to }) => closesBefore(to))
}

function branches(lineId: string, graph: LineGraph): Finding[] {
  return graph.parts
    .filter(({ type, outOf }) => type.role === 'tee' && outOf.length > 1 && !type.branchValves)
    .flatMap((tee) => tee.outOf)
    .filter(({ to }) => !closesBefore(to))
    .map(({ from, to }) =>
      makeFinding('hookup', 'branch-without-valve', {
        subjectId: lineId,
        text: 'The branch from {tee} to {part} has no shut-off.',
        reason: 'Each branch needs a valve of its own: to shut off one appliance, and to find a leak branch by branch.',
        parts: { tee: from.name, part: to.name },
        about: to.part.id,
      }),
    )
}

function addedDevice(lineId: string, part: GraphPart): Finding[] {
  if (part.type.role !== 'shut-off') return []
  const found: Finding[] = []
  const { stillFits = 'not-known' } = part.part
  if (stillFits !== 'yes') {
    found.push(
      makeFinding('hookup', stillFits === 'no' ? 'device-does-not-fit' : 'device-fit-not-known', {
        subjectId: lineId,
        text:
          stillFits === 'no' ? 'With {part} the rest no longer fits.' : 'Does everything still fit with {part} added?',
        reason:
          'It lengthens the stack: the hold-down must still clamp, the cover close, no hose rub or bend sharply. An elbow hose or a raised bracket helps.',
        parts: { part: part.name },
        about: part.part.id,
      }),
    )
  }
  const after = part.into[0]?.from.type.role
  if (after !== undefined && after !== 'cylinder' && after !== 'tank') {
    found.push(
      makeFinding('hookup', 'shut-off-late', {
        subjectId: lineId,
        text: '{part} does not sit at the cylinder’s valve.',
        reason: 'It shuts off only what comes after it. It goes first, right at the valve.',
        parts: { part: part.name },
        about: part.part.id,
      }),
    )
  }
  return found
}

function testPort({ lineId, graph, zones }: LineCase): Finding[] {
  const low = graph.parts.filter(({ part }) => zones.get(part.id)?.inlet === 'low')
  if (low.length === 0 || low.some(({ type }) => type.role === 'test-port')) return []
  return [
    makeFinding('hookup', 'no-test-port', {
      subjectId: lineId,
      text: 'There is no test port on the low side.',
      reason: 'A manometer then goes where an appliance is taken off, which is a joint more to soap afterwards.',
    }),
  ]
}

/**
 * Findings about the order of the line: filters, branch valves, added devices, the test port.
 *
 * @param lineCase - the line to check
 */
export function layoutFindings(lineCase: LineCase): Finding[] {
  const { lineId, graph } = lineCase
  return [
    ...graph.sortFindings.flatMap((part) => {
      const way = part.type.appliance ? upstreamParts(part) : []
      return [...addedDevice(lineId, part), ...filterMissing(lineId, part, way), ...remoteTooLarge(lineId, part, way)]
    }),
    ...(graph.ring.length === 0 ? branches(lineId, graph) : []),
    ...testPort(lineCase),
  ]
}
