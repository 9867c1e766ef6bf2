import type { Finding } from '@/core/findings/Finding'
import type { FindingCode } from '@/core/findings/findingCodes'
import { makeFinding } from '@/core/findings/makeFinding'
import type { JointState } from '@/core/hookup/line/line'
import type { GraphJoint } from '@/core/hookup/line/lineGraph'
import { connections } from '@/core/hookup/catalogue/connections'
import type { LineCase } from './lineCase'

const names = ({ from, to, verdict }: GraphJoint): Record<string, string> => ({
  from: from.name,
  to: to.name,
  connection: connections[verdict.connection].name,
  other: connections[verdict.other].name,
})

interface Told {
  code: FindingCode<'hookup'>
  text: string
  reason: string
}

function misfit({ verdict }: GraphJoint): Told | null {
  if (verdict.verdict === 'mates') return null
  if (verdict.verdict === 'lookalike') {
    return {
      code: 'joint-lookalike',
      text: '{from} to {to}: a lookalike that never seals.',
      reason:
        '{connection} and {other} start to thread and look right. Same size is not same thread: an adapter belongs between.',
    }
  }
  if (verdict.sameSex) {
    return {
      code: 'joint-same-sex',
      text: '{from} to {to}: both ends are of one sex.',
      reason: 'Two outside or two inside threads do not go together: a coupler or union belongs between.',
    }
  }
  return {
    code: 'joint-does-not-fit',
    text: '{from} to {to} does not fit.',
    reason: '{connection} does not go onto {other}: an adapter belongs between.',
  }
}

/** What was done to a joint, where it was not as it should be. */
function badlyMade({ joint: { made }, verdict }: GraphJoint): Told | null {
  const { tape, hand, tighten, sealsOn } = connections[verdict.connection]
  const wrong: Readonly<Partial<Record<JointState, Told | false>>> = {
    taped: !tape && {
      code: 'joint-taped',
      text: '{from} to {to} was taped, and it seals on its face.',
      reason:
        'Tape keeps the two faces apart, and its shreds go into the regulator. Take it apart with the gas off and the line burned down, clean every shred off, put it together bare.',
    },
    bare: tape && {
      code: 'joint-bare',
      text: '{from} to {to} was put together without tape or paste.',
      reason: 'A tapered thread seals on its threads only with something rated for gas in them.',
    },
    'few-turns': tape && {
      code: 'joint-few-turns',
      text: '{from} to {to} has less than two turns of tape, or it was wound against the thread.',
      reason: 'Two turns at least, in the thread’s direction, first thread and inlet kept clear.',
    },
    'wrong-way': hand !== null && {
      code: 'joint-turned-wrong',
      text: '{from} to {to} was turned the wrong way.',
      reason:
        hand === 'left'
          ? 'This nut is left-hand: anticlockwise closes it. Turned clockwise it is loose.'
          : 'This nut is right-hand: clockwise closes it. Turned the other way it is loose.',
    },
    wrenched: tighten === 'hand' && {
      code: 'joint-wrenched',
      text: '{from} to {to} was tightened with a tool; it is a hand joint.',
      reason: 'A wrench crushes the seal and bends the valve’s flow stop. Look at the seal, make it again by hand.',
    },
    'old-washer': sealsOn === 'washer' && {
      code: 'joint-old-washer',
      text: '{from} to {to} has its old washer.',
      reason: 'A flat washer has taken the shape of the last joint. A new one each time.',
    },
    'one-wrench': (tighten === 'two-wrenches' || sealsOn === 'threads') && {
      code: 'joint-one-wrench',
      text: '{from} to {to} was tightened without holding back.',
      reason:
        'What stands below turned along: look whether a tube is twisted or another joint loosened, then soap both.',
    },
  }
  return wrong[made] || null
}

/**
 * Findings about the joints.
 *
 * @param lineCase - the line to check
 */
export function jointFindings({ lineId, graph }: LineCase): Finding[] {
  const found = graph.joints.flatMap((one) => {
    const wrong = misfit(one) ?? badlyMade(one)
    if (!wrong) return []
    const { code, ...text } = wrong
    return [makeFinding('hookup', code, { ...text, subjectId: lineId, parts: names(one), about: one.joint.id })]
  })
  const unknown = graph.joints.filter(({ joint, verdict }) => joint.made === 'not-known' && verdict.verdict === 'mates')
  const [first] = unknown
  if (first) {
    found.push(
      makeFinding('hookup', 'joints-not-known', {
        subjectId: lineId,
        text: 'How {count} of {all} joints were made is unknown.',
        reason:
          'An inherited joint is looked at before gas comes to it: the right thread, tape where it belongs and nowhere else.',
        parts: {
          count: { value: unknown.length, role: 'count' },
          all: { value: graph.joints.length, role: 'count' },
        },
        about: first.joint.id,
      }),
    )
  }
  return found
}
