import { compareInstants } from '@/core/time/instant'
import { gradeLabels } from '@/core/leak-test/sheet/leakReading'
import { leakTestState } from '@/core/leak-test/sheet/leakTestState'
import type { HistoryEntry } from '@/app/shared/History'
import { pressureRole } from './hold/readHold'
import type { LeakPageData } from './leakPageData'
import type { StoredHoldTest } from '@/services/leak-test/holdTests'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const outcomeLabels = {
  held: 'held',
  fell: 'fell: it leaks',
  rose: 'rose: no good test',
  warmed: 'warmed up: no good test',
  cooled: 'cooled down: no good test',
  low: 'begun too low: no test',
  long: 'held too long: no test',
  cold: 'too cold: no test',
  short: 'held too short: no test',
  high: 'begun too high: no test',
} as const

/** A hold test as a line of a history. */
export function describeHold({
  id,
  heldAt,
  side,
  input,
  outcome,
  openBranches,
  voidReason,
}: StoredHoldTest): HistoryEntry {
  return {
    of: 'hold-test',
    id,
    at: heldAt,
    what: openBranches === null ? 'Hold test' : 'Hold test of branches',
    says: {
      text: '{side} side: {outcome}, {from} to {to} in {time}',
      parts: {
        side: side === 'low' ? 'Low' : sharedLabels.cylinder,
        outcome: outcomeLabels[outcome],
        from: { value: input.startGaugePa, role: pressureRole(side, input.gas ?? 'propane') },
        to: { value: input.endGaugePa, role: pressureRole(side, input.gas ?? 'propane') },
        time: { value: input.durationS, role: 'minutes' },
      },
    },
    voidReason,
  }
}

/**
 * Soap tests, what was found and repaired in them, and hold tests of a line, newest first.
 *
 * @param data - of the page
 */
export function leakHistory({ tests, holds }: Pick<LeakPageData, 'tests' | 'holds'>): HistoryEntry[] {
  const walks = tests.flatMap((test): HistoryEntry[] => {
    const { items, repaired, open } = leakTestState(test.sheet, test.readings)
    const soaped = items.filter(({ item }) => item.kind !== 'pressure')
    const left = soaped.filter(({ state }) => state === 'unread' || state === 'not-proved').length
    const names = new Map(items.map(({ item }) => [item.id, item.name]))
    const found = test.readings.filter(({ grade }) => grade !== 'none')
    return [
      {
        of: 'leak-test',
        id: test.id,
        at: test.startedAt,
        what: 'Soap test',
        says: {
          text: test.closing
            ? '{places} places, {repaired} repaired, closed with {burned} running'
            : '{places} places, {open} leaking, {unread} left',
          parts: {
            places: { value: soaped.length, role: 'count' },
            repaired: { value: repaired, role: 'count' },
            open: { value: open.length, role: 'count' },
            unread: { value: left, role: 'count' },
            burned: test.closing?.burned ?? '',
          },
        },
        voidReason: test.voidReason,
      },
      ...found.map(({ id, itemId, grade, readAt, leftForTechnician }): HistoryEntry => ({
        of: 'soaping',
        id,
        at: readAt,
        what: leftForTechnician ? 'Left for a technician' : 'Leak found',
        says: {
          text: '{place}: {grade}',
          parts: { place: names.get(itemId) ?? itemId, grade: gradeLabels[grade].name.toLowerCase() },
        },
        voidReason: test.voidReason,
      })),
    ]
  })
  const held = holds.map(describeHold)
  return [...walks, ...held].toSorted((a, b) => compareInstants(b.at, a.at))
}
