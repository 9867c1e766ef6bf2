import { readableGraph } from '@/core/hookup/line/readableGraph'
import { leakSheet } from '@/core/leak-test/sheet/leakSheet'
import type { CardBlock } from './cardBlock'
import type { JudgedLine } from '@/core/trip/readiness/lineFindings'

/** The joints of each line to soap, upstream first; the leak sheet has every other place. */
export function cardJoints(lines: readonly JudgedLine[]): CardBlock[] {
  return lines.flatMap(({ gear }): CardBlock[] => {
    const graph = readableGraph(gear.line)
    const joints = graph ? leakSheet(graph).filter(({ kind }) => kind === 'joint') : []
    if (joints.length === 0) return []
    return [
      {
        title: `To soap: ${gear.name}`,
        isSmall: true,
        lines: [
          {
            text: '{joints}. And every valve stem, by the leak sheet.',
            parts: { joints: joints.map(({ name }, i) => `${i + 1} ${name}`).join(' · ') },
          },
        ],
      },
    ]
  })
}
