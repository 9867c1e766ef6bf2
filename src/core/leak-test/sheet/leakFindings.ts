import type { Finding, Severity } from '@/core/findings/Finding'
import type { LeakItem } from './leakSheet'
import { leakTestState, type LeakReading, gradeLabels } from './leakTestState'
import type { Phrase, Quantity } from '@/core/base/quantity'

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
  code: string,
  severity: Severity,
  sentence: string,
  reason: string,
  more?: { page?: string; label?: string; parts?: Record<string, Quantity | string> },
) => Finding

function tellOf({ lineId, name }: LineTightness): Tell {
  return (code, severity, sentence, reason, { page, label = 'To the leak test', parts } = {}) => {
    const phrase = (text: string): Phrase => ({ text, parts: { line: name, ...parts } })
    return {
      code,
      station: 'leak-test',
      severity,
      sentence: phrase(sentence),
      reason: phrase(reason),
      remedy: { label, station: 'leak-test', subjectId: lineId, ...(page && { page }) },
      basis: ['leak-test-due'],
    }
  }
}

function openLeaks(test: LeakTestRecord, tell: Tell): Finding[] {
  const { open } = leakTestState(test.sheet, test.readings)
  return open.map(({ item, state, last }) =>
    tell(
      state === 'left' ? 'leak-left' : 'leak-open',
      'stop',
      item.inside ? '{line}: a leak inside, at {place}.' : '{line}: a leak at {place}.',
      state === 'left'
        ? 'It is left for a technician, and the test stays open until it reads none.'
        : 'It showed {grade}. Gas off until it is repaired and soaped again.',
      { parts: { place: item.name, grade: gradeLabels[last?.grade ?? 'none'].name.toLowerCase() } },
    ),
  )
}

function notProven({ lastTest, fingerprint, refilledAt }: LineTightness, tell: Tell): Finding[] {
  const label = 'Soap the line'
  if (!lastTest) {
    return [
      tell(
        'leak-test-missing',
        'fix-first',
        '{line} has never been leak-tested.',
        'After every connection each joint and stem is soaped. What nobody tested counts as not ready.',
        { label },
      ),
    ]
  }
  if (lastTest.closedAt === null) {
    const { unread, open } = leakTestState(lastTest.sheet, lastTest.readings)
    if (open.length > 0) return []
    return [
      tell(
        'leak-test-unfinished',
        'fix-first',
        '{line}: its leak test is not closed, {unread} places are left.',
        'It closes when every place reads none and an appliance has burned.',
        {
          label: 'Go on with it',
          parts: { unread: { value: unread, role: 'count' } },
        },
      ),
    ]
  }
  if (lastTest.fingerprint !== fingerprint) {
    return [
      tell(
        'line-changed-since-test',
        'fix-first',
        '{line} was changed after its last leak test.',
        'Every joint that was touched can leak, and its neighbours with it.',
        { label },
      ),
    ]
  }
  if (refilledAt !== null && refilledAt > lastTest.closedAt) {
    return [
      tell(
        'refilled-since-test',
        'fix-first',
        '{line}: a cylinder was filled after the last leak test.',
        'It was taken off and put on again: that joint, its valve and the pigtail are soaped anew.',
        { label },
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
            'stop',
            '{line} did not hold its pressure.',
            'Any fall is a leak. Find it branch by branch and with soap, repair it, hold it again.',
            {
              page: 'hold',
              label: 'To the hold test',
            },
          ),
        ]
      : []
  return [...held, ...(lastTest ? openLeaks(lastTest, tell) : []), ...notProven(tightness, tell)]
}
