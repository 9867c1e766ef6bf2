import type { Finding } from '@/core/findings/Finding'
import type { FindingCode } from '@/core/findings/findingCodes'
import { makeFinding } from '@/core/findings/makeFinding'
import type { LeakItem } from './leakSheet'
import { gradeLabels } from './leakReading'
import { type LeakReading } from './leakReading'
import { leakTestState, type LeakItemState } from './leakTestState'
import type { Quantity } from '@/core/base/quantity'

/** The last leak test of a line with what it was made on. */
export interface LeakTestRecord {
  startedAt: string
  fingerprint: string
  sheet: readonly LeakItem[]
  readings: readonly LeakReading[]
  closedAt: string | null
}

/** What is known of a line's tightness. */
export interface LineTightness {
  lineId: string
  name: string
  /** Of the present line. */
  fingerprint: string
  lastTest: LeakTestRecord | null
  lastHold: { outcome: 'held' | 'fell'; heldAt: string } | null
  /** Last fill of one of its cylinders, which was then disconnected and reconnected. */
  refilledAt: string | null
}

type Tell = (
  code: FindingCode<'leak-test'>,
  text: string,
  reason: string,
  parts?: Record<string, Quantity | string>,
) => Finding

function tellOf({ lineId, name }: LineTightness): Tell {
  return (code, text, reason, parts) =>
    makeFinding('leak-test', code, { subjectId: lineId, text, reason, parts: { line: name, ...parts } })
}

const openReasons: Readonly<Partial<Record<LeakItemState['state'], string>>> = {
  left: 'It is left for a technician, and the test stays open until it reads none.',
  'not-repaired': 'It leaked. No bubbles are not enough there: a technician repairs or exchanges it, by name and day.',
}

function openLeaks(test: LeakTestRecord, tell: Tell): Finding[] {
  const { open } = leakTestState(test.sheet, test.readings)
  return open.map(({ item, state, last }) =>
    tell(
      state === 'left' ? 'leak-left' : 'leak-open',
      item.inside ? '{line}: a leak inside, at {place}.' : '{line}: a leak at {place}.',
      openReasons[state] ?? 'It showed {grade}. Gas off until it is repaired and soaped again.',
      { place: item.name, grade: gradeLabels[last?.grade ?? 'none'].name.toLowerCase() },
    ),
  )
}

function notProven({ lastTest, fingerprint, refilledAt }: LineTightness, tell: Tell): Finding[] {
  if (!lastTest) {
    return [
      tell(
        'leak-test-missing',
        '{line} has never been leak-tested.',
        'After every connection each joint and stem is soaped. What nobody tested counts as not ready.',
      ),
    ]
  }
  if (lastTest.closedAt === null) {
    const { unread, notProved, open } = leakTestState(lastTest.sheet, lastTest.readings)
    if (open.length > 0) return []
    return [
      tell(
        'leak-test-unfinished',
        '{line}: its leak test is not closed, {unread} places are left.',
        notProved > 0
          ? 'Soap without pressure tests nothing: for {notProved} places nobody proved it yet.'
          : 'It closes when every place reads none under a proved pressure and an appliance has burned.',
        { unread: { value: unread + notProved, role: 'count' }, notProved: { value: notProved, role: 'count' } },
      ),
    ]
  }
  if (lastTest.fingerprint !== fingerprint) {
    return [
      tell(
        'line-changed-since-test',
        '{line} was changed after its last leak test.',
        'Every joint that was touched can leak, and its neighbors with it.',
      ),
    ]
  }
  if (refilledAt !== null && refilledAt > lastTest.closedAt) {
    return [
      tell(
        'refilled-since-test',
        '{line}: a cylinder was filled after the last leak test.',
        'It was taken off and put on again: that joint, its valve and the pigtail are soaped anew.',
      ),
    ]
  }
  return []
}

/**
 * Findings about a line's tightness.
 *
 * @param tightness - its last tests and what it is now
 */
export function leakFindings(tightness: LineTightness): Finding[] {
  const tell = tellOf(tightness)
  const { lastTest, lastHold } = tightness
  const held: Finding[] =
    lastHold?.outcome === 'fell'
      ? [
          tell(
            'hold-fell',
            '{line} did not hold its pressure.',
            'Any fall is a leak. Find it branch by branch and with soap, repair it, hold it again.',
          ),
        ]
      : []
  return [...held, ...(lastTest ? openLeaks(lastTest, tell) : []), ...notProven(tightness, tell)]
}
