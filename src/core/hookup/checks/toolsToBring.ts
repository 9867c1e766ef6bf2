import { jointWork } from './jointWork'
import type { LineGraph } from '@/core/hookup/line/lineGraph'

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
  // Two of them serve where one is wanted.
  return all.includes(TWO) ? all.filter((tool) => tool !== ONE) : all
}
