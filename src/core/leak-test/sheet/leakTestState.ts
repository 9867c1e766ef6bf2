import { leakAction } from './leakAction'
import { leakGrades, type LeakReading } from './leakReading'
import type { LeakItem } from './leakSheet'
import { proofOutcome } from './pressureProof'

/**
 * - `unread`: nobody was there yet
 * - `not-proved`: read, but no pressure was proved there
 * - `none`: no bubbles under proved pressure, or a pressure that is proved
 * - `not-repaired`: no bubbles at a vessel that leaked, and no technician who repaired it
 */
export interface LeakItemState {
  item: LeakItem
  state: 'unread' | 'not-proved' | 'none' | 'leak' | 'left' | 'not-repaired'
  /** It leaked before and reads none now. */
  repaired: boolean
  last: LeakReading | null
}

interface LeakTestState {
  items: readonly LeakItemState[]
  unread: number
  /** Soaped, but under no proved pressure. */
  notProved: number
  /** Still leaking, most severe first: inside before outside, then by grade. */
  open: readonly LeakItemState[]
  repaired: number
  /** Everything reads none under proved pressure: it closes as soon as an appliance has burned. */
  mayClose: boolean
}

const gravity = ({ item, last }: LeakItemState): number =>
  (item.inside ? 100 : 0) + leakGrades.indexOf(last?.grade ?? 'none')

/** Whether a leak there is a technician's alone to repair. */
export function needsTechnician(item: LeakItem, sheet: readonly LeakItem[]): boolean {
  return leakAction(item, 'slow', sheet)?.technicianOnly ?? false
}

/**
 * The last reading that found a leak, if the place leaks still: until it reads none, and for a technician’s place until
 * one repaired it.
 *
 * @param readings - of one place, oldest first
 * @param technicianOnly - see needsTechnician
 */
export function stillLeaks<Reading extends Pick<LeakReading, 'grade' | 'leftForTechnician' | 'repair'>>(
  readings: readonly Reading[],
  technicianOnly: boolean,
): Reading | null {
  const leakedAt = readings.findLastIndex(({ grade, leftForTechnician }) => grade !== 'none' || leftForTechnician)
  const since = readings.slice(leakedAt + 1)
  const isOver = technicianOnly ? since.some(({ repair }) => repair) : since.length > 0
  return isOver ? null : (readings[leakedAt] ?? null)
}

/** Readings that prove a pressure. */
function validProofs(sheet: readonly LeakItem[], readings: readonly LeakReading[]): LeakReading[] {
  const zoneOf = new Map(sheet.map(({ id, zone }) => [id, zone]))
  return readings.filter(({ itemId, proof }) => {
    const zone = zoneOf.get(itemId)
    return zone && proof && proofOutcome(zone, proof).proved
  })
}

/**
 * Whether a proof counts for a reading: a gauge before it, a burner before or after it. For every leak the gas is shut
 * off: a gauge read before one tells nothing afterwards, and a repaired place needs a burner after its repair.
 */
function proves(proof: LeakReading, { itemId, readAt }: LeakReading, readings: readonly LeakReading[]): boolean {
  const isGauge = proof.proof?.means === 'gauge'
  if (isGauge && proof.readAt > readAt) return false
  const [from, to] = proof.readAt < readAt ? [proof.readAt, readAt] : [readAt, proof.readAt]
  const leaks = readings.filter((one) => one.grade !== 'none' && one.readAt > from && one.readAt < to)
  return !leaks.some((leak) => isGauge || leak.itemId === itemId)
}

function isProved(
  { provedBy, kind }: LeakItem,
  last: LeakReading | null,
  valid: readonly LeakReading[],
  readings: readonly LeakReading[],
): boolean {
  if (!provedBy) return false
  const proofs = valid.filter(({ itemId, proof }) => proof && provedBy[proof.means].includes(itemId))
  if (kind === 'pressure') return proofs.length > 0
  const needsNone = provedBy.gauge.length + provedBy.burner.length === 0
  return needsNone || (last !== null && proofs.some((proof) => proves(proof, last, readings)))
}

function stateOf(
  item: LeakItem,
  own: readonly LeakReading[],
  sheet: readonly LeakItem[],
  proved: (last: LeakReading | null) => boolean,
): LeakItemState['state'] {
  const last = own.at(-1) ?? null
  // A burner proves the pressure it draws through without a reading there.
  if (item.kind === 'pressure') return proved(last) ? 'none' : last ? 'not-proved' : 'unread'
  if (!last) return 'unread'
  if (last.leftForTechnician) return 'left'
  if (last.grade !== 'none') return 'leak'
  if (stillLeaks(own, needsTechnician(item, sheet))) return 'not-repaired'
  return proved(last) ? 'none' : 'not-proved'
}

/**
 * State of a leak test.
 *
 * @param sheet - places of the line as it was when the test began
 * @param readings - valid ones, oldest first
 */
export function leakTestState(sheet: readonly LeakItem[], readings: readonly LeakReading[]): LeakTestState {
  const byItem = new Map<string, LeakReading[]>()
  for (const reading of readings) byItem.set(reading.itemId, [...(byItem.get(reading.itemId) ?? []), reading])
  const valid = validProofs(sheet, readings)
  const items = sheet.map((item): LeakItemState => {
    const own = byItem.get(item.id) ?? []
    const last = own.at(-1) ?? null
    const state = stateOf(item, own, sheet, (reading) => isProved(item, reading, valid, readings))
    return { item, state, repaired: state === 'none' && own.some(({ grade }) => grade !== 'none'), last }
  })
  const open = items
    .filter(({ state }) => state === 'leak' || state === 'left' || state === 'not-repaired')
    .toSorted((a, b) => gravity(b) - gravity(a))
  const count = (which: LeakItemState['state']): number => items.filter(({ state }) => state === which).length
  return {
    items,
    unread: count('unread'),
    notProved: count('not-proved'),
    open,
    repaired: items.filter(({ repaired }) => repaired).length,
    mayClose: items.length > 0 && items.every(({ state }) => state === 'none'),
  }
}
