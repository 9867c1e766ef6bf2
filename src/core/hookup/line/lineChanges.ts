import type { Line } from './line'
import { lineGraph } from './lineGraph'

/**
 * Fingerprint of a line for leak tests: parts and joints, without names, settings and notes.
 *
 * @param line - as drawn
 * @returns a text that changes when a part or joint is added, removed or replaced
 */
export function lineFingerprint({ parts, joints }: Line): string {
  const own = parts.map(({ id, typeId, lengthM, boreM, madeMonth }) =>
    [id, typeId, lengthM ?? '', boreM ?? '', madeMonth ?? ''].join(' '),
  )
  const made = joints.map(({ from, to }) => [from.partId, from.portId, to.partId, to.portId].join(' '))
  return [...own.toSorted(), '|', ...made.toSorted()].join('\n')
}

/**
 * Changes between two states of a line, in words for its history.
 *
 * @param before - previous state; null for a new line
 * @param after - present state
 * @returns empty when no gas-carrying part changed
 * @throws InputError as lineGraph does
 */
export function describeLineChanges(before: Line | null, after: Line): string[] {
  const now = lineGraph(after)
  if (before === null) return [`drawn with ${now.parts.length} parts`]
  const then = lineGraph(before)
  const joint = ({ from, to }: { from: { name: string }; to: { name: string } }): string => `${from.name} to ${to.name}`
  const key = ({ joint: { from, to } }: (typeof now.joints)[number]): string =>
    [from.partId, from.portId, to.partId, to.portId].join(' ')
  const jointsThen = new Set(then.joints.map(key))
  const jointsNow = new Set(now.joints.map(key))
  const bothThere = (one: (typeof now.joints)[number]): boolean =>
    [one.from, one.to].every(({ part: { id } }) => then.byId.has(id) && now.byId.has(id))
  return [
    ...now.parts.filter(({ part }) => !then.byId.has(part.id)).map(({ name }) => `${name} put in`),
    ...then.parts.filter(({ part }) => !now.byId.has(part.id)).map(({ name }) => `${name} taken out`),
    ...now.parts.flatMap((part) => {
      const old = then.byId.get(part.part.id)
      if (!old) return []
      const exchanged = old.part.typeId !== part.part.typeId || old.part.madeMonth !== part.part.madeMonth
      const cut = old.lengthM !== part.lengthM || old.boreM !== part.boreM
      return exchanged ? [`${part.name} exchanged`] : cut ? [`${part.name} of another length or bore`] : []
    }),
    ...now.joints.filter((one) => bothThere(one) && !jointsThen.has(key(one))).map((one) => `joined ${joint(one)}`),
    ...then.joints.filter((one) => bothThere(one) && !jointsNow.has(key(one))).map((one) => `parted ${joint(one)}`),
  ]
}
