import fc from 'fast-check'
import { dayField, isDay, tripEndDay } from '@/core/time/day'
import { compareInstants, instantField } from '@/core/time/instant'
import {
  changesFrom,
  type ClockChange,
  clockShiftS,
  elapsedWhenShownS,
  formatTripTime,
  nightOf,
  tripLengthS,
} from '@/core/time/tripClock'

const HOUR_S = 3600
const DAY_S = 86_400
// The United States set the clock an hour ahead in March and back in November, at 2 am.
const ahead: ClockChange[] = [{ atS: 11 * HOUR_S, shiftS: HOUR_S }]
const back: ClockChange[] = [{ atS: 11 * HOUR_S, shiftS: -HOUR_S }]

/** One or two changes, days apart, of half an hour or an hour. */
const anyChanges = fc
  .array(
    fc.record({
      atS: fc.integer({ min: 1, max: 20 * 24 }).map((quarter) => quarter * 900),
      shiftS: fc.constantFrom(-3600, -1800, 1800, 3600),
    }),
    { maxLength: 2 },
  )
  .map((changes) => changes.map(({ atS, shiftS }, i) => ({ atS: atS + i * 7 * DAY_S, shiftS })))

describe('the clock of a trip', () => {
  test('property: what the clock first shows at a moment, it shows then, unless the time is skipped', () => {
    fc.assert(
      fc.property(anyChanges, fc.integer({ min: 0, max: 20 * DAY_S }), (changes, shownS) => {
        const timeS = elapsedWhenShownS(changes, shownS)
        const showsS = timeS + clockShiftS(changes, timeS)
        const isSkipped = changes.some(({ atS, shiftS }) => timeS === atS && shiftS > 0 && shownS < showsS)
        if (!isSkipped) expect(showsS).toBe(shownS)
        // Before that moment the clock has not shown it yet.
        const earlierS = timeS - 60
        expect(earlierS + clockShiftS(changes, earlierS)).toBeLessThan(shownS)
      }),
    )
  })

  test('property: later times are never shown earlier', () => {
    const time = fc.integer({ min: -DAY_S, max: 20 * DAY_S })
    fc.assert(
      fc.property(anyChanges, time, time, (changes, a, b) => {
        const [early, late] = [Math.min(a, b), Math.max(a, b)]
        expect(elapsedWhenShownS(changes, early)).toBeLessThanOrEqual(elapsedWhenShownS(changes, late))
      }),
    )
  })

  test('property: counted from a later start, the clock shows the same', () => {
    const time = fc.integer({ min: 0, max: 10 * DAY_S })
    fc.assert(
      fc.property(anyChanges, time, time, (changes, laterS, timeS) => {
        const since = clockShiftS(changes, laterS + timeS) - clockShiftS(changes, laterS)
        expect(clockShiftS(changesFrom(changes, laterS), timeS)).toBe(since)
      }),
    )
  })

  test('four nights take an hour less in March and an hour more in November', () => {
    expect([tripLengthS([], 4), tripLengthS(ahead, 4), tripLengthS(back, 4)].map((s) => s / HOUR_S)).toEqual([
      96, 95, 97,
    ])
  })

  test('2:30 am comes not at all in March and twice in November', () => {
    const shownS = 11.5 * HOUR_S
    expect(elapsedWhenShownS(ahead, shownS)).toBe(11 * HOUR_S)
    expect(elapsedWhenShownS(back, 10.5 * HOUR_S)).toBe(10.5 * HOUR_S)
    expect(clockShiftS(back, 11.5 * HOUR_S) + 11.5 * HOUR_S).toBe(10.5 * HOUR_S)
  })

  test('words and nights after a change are those of the clock', () => {
    const clock = (clockChanges: readonly ClockChange[]) => ({ startISO: '2026-03-07T15:00', clockChanges })
    expect(formatTripTime(10.5 * HOUR_S, clock(ahead))).toBe('night 1, 1:30 am')
    expect(formatTripTime(11.5 * HOUR_S, clock(ahead))).toBe('night 1, 3:30 am')
    expect(formatTripTime(11.5 * HOUR_S, clock(back))).toBe('night 1, 1:30 am')
    expect([nightOf(ahead, 22.5 * HOUR_S), nightOf(ahead, 23 * HOUR_S)]).toEqual([0, 1])
    expect([nightOf(back, 24.5 * HOUR_S), nightOf(back, 25 * HOUR_S)]).toEqual([0, 1])
  })
})

describe('days and instants', () => {
  test.each([
    ['2026-12-04', true],
    ['2024-02-29', true],
    ['2026-02-29', false],
    ['2026-02-30', false],
    ['2026-04-31', false],
    ['2026-13-01', false],
    ['soon', false],
  ])('%s is a day: %s', (text, is) => {
    expect(isDay(text)).toBe(is)
    expect(dayField().safeParse(text).success).toBe(is)
  })

  test('a day that is not there is refused by another sentence than a text that is no day', () => {
    const refusal = (text: string) =>
      dayField()
        .safeParse(text)
        .error?.issues.map(({ message }) => message)
    expect(refusal('2026-02-30')).toEqual(['There is no such day.'])
    expect(refusal('30 February')?.[0]).toBe('A day is written like 2026-12-04.')
  })

  test('property: an instant is kept in UTC, and texts so kept sort as the instants do', () => {
    const written = fc
      .tuple(
        fc.integer({ min: Date.UTC(2020, 0), max: Date.UTC(2035, 0) }),
        fc.constantFrom(-420, -210, 0, 345, 840),
        fc.boolean(),
      )
      .map(([ms, aheadMinutes, isWhole]) => {
        const instantMs = isWhole ? ms - (ms % 1000) : ms
        const local = new Date(instantMs + aheadMinutes * 60_000).toISOString().slice(0, isWhole ? 19 : 23)
        const minutes = Math.abs(aheadMinutes)
        const two = (value: number): string => String(value).padStart(2, '0')
        const offset = `${aheadMinutes < 0 ? '-' : '+'}${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`
        return { instantMs, text: local + offset }
      })
    fc.assert(
      fc.property(written, written, (a, b) => {
        const [first, second] = [instantField.parse(a.text), instantField.parse(b.text)]
        expect(Date.parse(first)).toBe(a.instantMs)
        expect(Math.sign(compareInstants(a.text, b.text))).toBe(Math.sign(a.instantMs - b.instantMs))
        expect(first < second).toBe(a.instantMs < b.instantMs)
      }),
    )
    expect(instantField.safeParse('2026-02-30T12:00:00Z').success).toBe(false)
    expect(instantField.safeParse('2026-12-04T12:00:00').success).toBe(false)
  })

  test.each([
    ['2026-02-27', 2, '2026-03-01'],
    ['2026-12-30', 3, '2027-01-02'],
    ['soon', 3, 'soon'],
  ])('%s and %i nights end on %s', (startDay, nights, end) => {
    expect(tripEndDay(startDay, nights)).toBe(end)
  })
})
