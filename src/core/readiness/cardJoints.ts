import { InputError } from '@/core/findings/InputError'
import { lineGraph } from '@/core/hookup/lineGraph'
import { lineZones } from '@/core/hookup/lineZones'
import { leakSheet } from '@/core/leaktest/leakSheet'
import type { JudgedLine } from './lineFindings'
import type { CardBlock } from './cardBlock'

/** The joints of each line to soap, upstream first; the leak sheet has every other place. */
export function cardJoints(lines: readonly JudgedLine[]): CardBlock[] {
  return lines.flatMap(({ gear }): CardBlock[] => {
    try {
      const graph = lineGraph(gear.line)
      const joints = leakSheet(graph, lineZones(graph)).filter(({ kind }) => kind === 'joint')
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
    } catch (error) {
      // A line that cannot be read is reported at its own station.
      if (error instanceof InputError) return []
      throw error
    }
  })
}
