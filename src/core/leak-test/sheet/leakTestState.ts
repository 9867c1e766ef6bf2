import type { LeakItem } from './leakSheet'

/** Leak grades, from none to audible. */
export const leakGrades = ['none', 'slow', 'steady', 'fast', 'hiss'] as const

export type LeakGrade = (typeof leakGrades)[number]

export const gradeLabels: Readonly<Record<LeakGrade, { name: string; looks: string }>> = {
  none: { name: 'None', looks: 'nothing grows in a minute' },
  slow: { name: 'Slow beads', looks: 'small bubbles that take their time' },
  steady: { name: 'Steady foam', looks: 'white foam that keeps growing' },
  fast: { name: 'Fast bubbles', looks: 'bubbles as soon as the brush is off' },
  hiss: { name: 'Audible hiss', looks: 'heard or felt before any soap' },
}

/** One soap reading at one place. */
export interface LeakReading {
  itemId: string
  grade: LeakGrade
  /** Left for a technician, which keeps the test open. */
  leftForTechnician: boolean
  /** ISO 8601. */
  readAt: string
}

export interface LeakItemState {
  item: LeakItem
  state: 'unread' | 'none' | 'leak' | 'left'
  /** It leaked before and reads none now. */
  repaired: boolean
  last: LeakReading | null
}

interface LeakTestState {
  items: readonly LeakItemState[]
  unread: number
  /** Still leaking, most severe first: inside before outside, then by grade. */
  open: readonly LeakItemState[]
  repaired: number
  /** Everything reads none: it closes as soon as an appliance has burned. */
  mayClose: boolean
}

const gravity = ({ item, last }: LeakItemState): number =>
  (item.inside ? 100 : 0) + leakGrades.indexOf(last?.grade ?? 'none')

/**
 * State of a leak test.
 *
 * @param sheet - places of the line as it was when the test began
 * @param readings - valid ones, oldest first
 */
export function leakTestState(sheet: readonly LeakItem[], readings: readonly LeakReading[]): LeakTestState {
  const byItem = new Map<string, LeakReading[]>()
  for (const reading of readings) byItem.set(reading.itemId, [...(byItem.get(reading.itemId) ?? []), reading])
  const items = sheet.map((item): LeakItemState => {
    const own = byItem.get(item.id) ?? []
    const last = own.at(-1) ?? null
    const state = last === null ? 'unread' : last.leftForTechnician ? 'left' : last.grade === 'none' ? 'none' : 'leak'
    return { item, state, repaired: state === 'none' && own.some(({ grade }) => grade !== 'none'), last }
  })
  const open = items
    .filter(({ state }) => state === 'leak' || state === 'left')
    .toSorted((a, b) => gravity(b) - gravity(a))
  const unread = items.filter(({ state }) => state === 'unread').length
  return {
    items,
    unread,
    open,
    repaired: items.filter(({ repaired }) => repaired).length,
    mayClose: items.length > 0 && unread === 0 && open.length === 0,
  }
}
