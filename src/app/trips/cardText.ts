import type { CardBlock } from '@/core/trip/card/cardBlocks'
import { formatPhrase } from '@/core/units/formatQuantity'
import type { UnitSystem } from '@/core/units/displayRoles'

/** Largest text that a printed code of a hand's breadth is read from by a phone. */
const MOST = 640

/** The head of a card. */
export interface CardHead {
  rig: string
  trip: string
  /** When it leaves and for how long, in words. */
  when: string
  verdict: string
  /** Day the card was made. */
  made: string
}

/**
 * The card as plain text, for its printed code: the same lines, the last ones cut where they would not fit.
 *
 * @param head - rig, trip and verdict
 * @param blocks - from tripCard
 * @param system - family of units
 */
export function cardText(head: CardHead, blocks: readonly CardBlock[], system: UnitSystem): string {
  const lines = [
    `${head.rig}: ${head.trip}, ${head.when}`,
    `${head.verdict} (${head.made})`,
    'EMERGENCY: everybody out, then call. Gas or CO: no switch, no flame.',
    ...blocks.flatMap(({ title, lines: said, isSmall }) =>
      isSmall ? [] : [`${title}:`, ...said.map((phrase) => `- ${formatPhrase(phrase, system)}`)],
    ),
  ]
  const text = lines.join('\n').replace(/[\u00a0\u202f]/g, ' ')
  return text.length <= MOST ? text : `${text.slice(0, MOST - 1)}…`
}
