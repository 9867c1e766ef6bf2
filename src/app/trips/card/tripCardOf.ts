import { format, parseISO } from 'date-fns'
import QRCode from 'qrcode'
import { formatNights } from '@/app/shared/nights'
import { chosenUnits } from '@/app/shared/pageData'
import type { TripPageData } from '@/app/trips/tripPageData'
import { verdictLabels } from '@/core/findings/verdict'
import type { CardBlock } from '@/core/trip/card/cardBlocks'
import { tripCard } from '@/core/trip/card/tripCard'
import type { UnitSystem } from '@/core/units/displayRoles'
import { formatPhrase } from '@/core/units/formatQuantity'
import { ownersDay } from '@/services/shared/ownersClock'

/** A trip card ready to be drawn, on a page or on paper. */
export interface DrawnCard {
  head: CardHead
  blocks: readonly CardBlock[]
  system: UnitSystem
  /** Squares of the printed code, row by row, and how many there are in a row. */
  code: { size: number; dark: readonly boolean[] }
}

/** The card of a trip in the units the reader chose. */
export async function tripCardOf({ rig, row, plan, gear, judgment, ready, nowIso }: TripPageData): Promise<DrawnCard> {
  const system = await chosenUnits()
  const blocks = tripCard(gear, plan, judgment, ready, nowIso, ownersDay)
  const head = {
    rig: rig.name,
    trip: row.name,
    when: `${format(parseISO(row.startDay), 'EEE d MMM yyyy')}, ${formatNights(row.nights)}`,
    verdict: verdictLabels[ready.verdict],
    made: format(parseISO(nowIso), 'd MMM yyyy HH:mm'),
  }
  const { modules } = QRCode.create(cardText(head, blocks, system), { errorCorrectionLevel: 'L' })
  return { head, blocks, system, code: { size: modules.size, dark: Array.from(modules.data, (bit) => bit === 1) } }
}

/** Most characters of a printed code that a phone can read. */
const MAX = 640

/** The head of a card. */
interface CardHead {
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
  return text.length <= MAX ? text : `${text.slice(0, MAX - 1)}…`
}

/** The dark squares of a printed code as one path, a square to the unit. */
export function codePath({ size, dark }: { size: number; dark: readonly boolean[] }): string {
  return dark.flatMap((isDark, i) => (isDark ? [`M${i % size} ${Math.floor(i / size)}h1v1h-1z`] : [])).join('')
}
