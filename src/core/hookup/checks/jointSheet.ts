import { connections } from '@/core/hookup/catalogue/connections'
import type { JointState } from '@/core/hookup/line/line'
import type { GraphJoint, LineGraph } from '@/core/hookup/line/lineGraph'
import { jointWork, type JointWork } from './jointWork'

/** One joint in the order of assembly. */
export interface JointRow {
  joint: GraphJoint
  connection: string
  work: JointWork
  /** Further notes. */
  notes: readonly string[]
  /** Ways it may have been made, the correct one first. */
  states: readonly JointState[]
}

function notesOf({ from, to, verdict }: GraphJoint): string[] {
  const { flowLimiter } = connections[verdict.connection]
  return [
    ...(to.type.role === 'shut-off' ? ['Press its gauge 4 to 6 times to prime it once the valve is open.'] : []),
    ...(flowLimiter
      ? [
          'Open the valve slowly: opened fast, its flow limiter trips and the line starves. In a fire the hand-wheel lets go.',
        ]
      : []),
    ...(from.type.role === 'tank' ? ['Only the outlet is yours: no wrench on a fitting threaded into the tank.'] : []),
  ]
}

function statesOf({ verdict }: GraphJoint): JointState[] {
  const { tape, hand, tighten, sealsOn } = connections[verdict.connection]
  return [
    'as-it-should',
    'not-known',
    ...(tape ? (['bare', 'few-turns'] as const) : (['taped'] as const)),
    ...(hand === null ? [] : (['wrong-way'] as const)),
    ...(tighten === 'hand' ? (['wrenched'] as const) : []),
    ...(tighten === 'two-wrenches' || sealsOn === 'threads' ? (['one-wrench'] as const) : []),
    ...(sealsOn === 'washer' ? (['old-washer'] as const) : []),
  ]
}

/**
 * The joints in order of assembly, from the appliance ends up to the cylinders: the cylinder's joint is made last, when
 * everything behind it is closed.
 *
 * @param graph - of the line
 */
export function jointSheet(graph: LineGraph): JointRow[] {
  return graph.sortFindings
    .flatMap((part) => part.into)
    .toReversed()
    .map((joint) => ({
      joint,
      connection: connections[joint.verdict.connection].name,
      work: jointWork(joint.verdict.connection),
      notes: notesOf(joint),
      states: statesOf(joint),
    }))
}

const ONE = 'adjustable wrench'

const TWO = 'two adjustable wrenches'

/** What to bring to make and prove the line, each thing once. Soap and a plug belong to every line. */
export function toolsToBring({ joints, parts }: LineGraph): string[] {
  const forJoints = joints
    .filter(({ verdict }) => verdict.verdict === 'mates')
    .flatMap(({ verdict }) => jointWork(verdict.connection).tools)
  const clips = parts.some(({ type }) => type.role === 'tube')
    ? ['cushioned clamps, sleeve and sealant for the floor']
    : []
  const always = ['soap solution without ammonia, and a brush', 'a plug or cap for every end that may be left open']
  const all = [...new Set([...forJoints, ...clips, ...always])]
  // Two wrenches include the one.
  return all.includes(TWO) ? all.filter((tool) => tool !== ONE) : all
}
