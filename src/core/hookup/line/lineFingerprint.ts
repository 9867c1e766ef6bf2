import type { Line } from './line'

/**
 * What a leak test was made on: the parts and how they are joined, without names, settings and notes.
 *
 * @param line - as drawn
 * @returns a text that differs as soon as something was taken apart, added or exchanged
 */
export function lineFingerprint({ parts, joints }: Line): string {
  const own = parts.map(({ id, typeId, lengthM, boreM, madeMonth }) =>
    [id, typeId, lengthM ?? '', boreM ?? '', madeMonth ?? ''].join(' '),
  )
  const made = joints.map(({ from, to }) => [from.partId, from.portId, to.partId, to.portId].join(' '))
  return [...own.toSorted(), '|', ...made.toSorted()].join('\n')
}
