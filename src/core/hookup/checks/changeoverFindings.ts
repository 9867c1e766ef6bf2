import type { Finding } from '@/core/findings/Finding'
import type { FindingCode } from '@/core/findings/findingCodes'
import { makeFinding } from '@/core/findings/makeFinding'
import { type ChangeoverSide, type ChangeoverState, changeoverStates } from '@/core/hookup/line/changeoverSides'
import type { LineCase } from './lineCase'

type Tell = (code: FindingCode<'hookup'>, text: string, reason: string, parts?: Record<string, string>) => Finding

const whyOff = ({ isShut }: ChangeoverSide): string => (isShut ? 'shut' : 'empty')

/** The side the lever stands at, where a cylinder is shut or empty. */
function onEmptySide({ lever, sides }: ChangeoverState, tell: Tell): Finding[] {
  const side = sides.find((one) => one.side === lever)
  if (!side || side.feeds) return []
  return [
    tell(
      'changeover-on-empty',
      '{part} takes its gas from {cylinder}, which is {why}.',
      'No gas comes from there: what burns goes out. Turn the lever to the other side, or open or fill the cylinder.',
      { cylinder: side.cylinder.name, why: whyOff(side) },
    ),
  ]
}

/** An empty reserve is none; a shut one does not come by itself. */
function withoutReserve({ changeover, lever, sides }: ChangeoverState, tell: Tell): Finding[] {
  if (sides.length < 2 || lever === 'both') return []
  const isAutomatic = lever === 'automatic'
  const others = isAutomatic ? sides : sides.filter(({ side }) => side !== lever)
  const gone = others.filter(({ isEmpty, isShut }) => isEmpty === true || (isAutomatic && isShut))
  // With both gone there is no gas at all, which is a finding of the flow.
  if (gone.length === 0 || (isAutomatic && gone.length === sides.length)) return []
  return gone.map((side) =>
    tell(
      'changeover-no-reserve',
      '{part} has no reserve: {cylinder} is {why}.',
      'When the other cylinder is empty everything goes out, at night too.',
      { cylinder: side.cylinder.name, why: whyOff(side), part: changeover.name },
    ),
  )
}

/** What the flag shows is a reading of pressure, not of contents. */
function byTheFlag({ changeover, sides }: ChangeoverState, tell: Tell): Finding[] {
  const { flag } = changeover.part
  if (flag === 'red') {
    return [
      tell(
        'changeover-flag-red',
        'The flag of {part} is red: the side to use first is empty.',
        'The reserve has been carrying the line. Turn the lever to it, and have the empty one filled.',
      ),
    ]
  }
  const unweighed = sides.filter(({ isEmpty }) => isEmpty === null).map(({ cylinder }) => cylinder.name)
  if (flag !== 'green' || unweighed.length === 0) return []
  return [
    tell(
      'changeover-flag-green',
      'The flag of {part} is green, and {cylinder} was not weighed.',
      'Green says only that there is pressure: it may be gas trapped behind a shut valve. Weigh the cylinder.',
      { cylinder: unweighed.join(' and ') },
    ),
  ]
}

/**
 * Findings about changeovers: the lever at an empty or shut cylinder, no reserve, and what the flag shows.
 *
 * @param lineCase - the line to check, with what is in its cylinders
 */
export function changeoverFindings({ lineId, graph, heldKg }: LineCase): Finding[] {
  return changeoverStates(graph, heldKg).flatMap((state) => {
    const { part, name } = state.changeover
    const tell: Tell = (code, text, reason, parts = {}) =>
      makeFinding('hookup', code, { subjectId: lineId, text, reason, parts: { part: name, ...parts }, about: part.id })
    return [...onEmptySide(state, tell), ...withoutReserve(state, tell), ...byTheFlag(state, tell)]
  })
}
