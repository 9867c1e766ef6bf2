import { format, parseISO } from 'date-fns'
import QRCode from 'qrcode'
import { nightsWords } from '@/app/nightsWords'
import { chosenUnits } from '@/app/world'
import { verdictWords } from '@/core/findings/verdict'
import type { CardBlock } from '@/core/trip/card/cardBlocks'
import { tripCard } from '@/core/trip/card/tripCard'
import type { UnitSystem } from '@/core/units/displayRoles'
import { cardText, type CardHead } from './cardText'
import type { TripWorld } from './tripWorld'

/** A trip card ready to be drawn, on a page or on paper. */
export interface DrawnCard {
  head: CardHead
  blocks: readonly CardBlock[]
  system: UnitSystem
  /** Squares of the printed code, row by row, and how many there are in a row. */
  code: { size: number; dark: readonly boolean[] }
}

/** The card of a trip in the units the reader chose. */
export async function tripCardOf({ rig, row, plan, gear, judgement, ready, nowIso }: TripWorld): Promise<DrawnCard> {
  const system = await chosenUnits()
  const blocks = tripCard(gear, plan, judgement, ready, nowIso.slice(0, 10))
  const head = {
    rig: rig.name,
    trip: row.name,
    when: `${format(parseISO(row.startDay), 'EEE d MMM yyyy')}, ${nightsWords(row.nights)}`,
    verdict: verdictWords[ready.verdict],
    made: format(parseISO(nowIso), 'd MMM yyyy HH:mm'),
  }
  const { modules } = QRCode.create(cardText(head, blocks, system), { errorCorrectionLevel: 'L' })
  return { head, blocks, system, code: { size: modules.size, dark: Array.from(modules.data, (bit) => bit === 1) } }
}
