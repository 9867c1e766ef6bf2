import ICAL from 'ical.js'
import QRCode from 'qrcode'
import { co2Gear, cylinderGear, NOW, rigGear, tripPlan } from '@tests/gear'
import { plainText } from '@/app/pdf/pdfResponse'
import { calendarOf } from '@/app/log/dates/calendarOf'
import { cardText, codePath } from '@/app/trips/card/tripCardOf'
import { dueDates } from '@/core/trip/tasks/dueDates'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { readiness } from '@/core/trip/readiness/readiness'
import { tripCard } from '@/core/trip/card/tripCard'

const gear = rigGear([cylinderGear(), co2Gear()])
const judgment = judgeTrip(gear, tripPlan(), NOW)
const blocks = tripCard(gear, tripPlan(), judgment, readiness(judgment.findings, []), NOW, (at) => at.slice(0, 10))
const head = { rig: 'Marigold', trip: 'Larkspur Saddle', when: 'Fri 4 Dec', verdict: 'Fix first', made: '1 Dec' }

describe('the calendar file', () => {
  const text = calendarOf(dueDates(gear, '2026-12-01'), 'Marigold')
  const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one))

  test('opens in a calendar reader, each date a whole day in its last good month', () => {
    const months = new Map(events.map(({ summary, startDate }) => [summary, startDate.toString()]))
    expect(months.get('Left cylinder: requalify or replace (Marigold)')).toBe('2030-03-01')
    expect(months.get('Soda cylinder: requalify or replace (Marigold)')).toBe('2027-09-01')
    expect(events.every(({ startDate }) => startDate.isDate)).toBe(true)
    expect(events).toHaveLength(dueDates(gear, '2026-12-01').length)
  })

  test('each date has a stable id and a reminder', () => {
    const again = calendarOf(dueDates(gear, '2026-12-01'), 'Marigold')
    const uids = (file: string): string[] => file.match(/^UID:.*$/gm) ?? []
    expect(new Set(uids(text)).size).toBe(events.length)
    expect(uids(again)).toEqual(uids(text))
    expect(text.match(/BEGIN:VALARM/g)).toHaveLength(events.length)
  })

  test('without dates the calendar is empty, not an error', () => {
    expect(() => new ICAL.Component(ICAL.parse(calendarOf([], 'Marigold')))).not.toThrow()
  })
})

describe('the card on paper', () => {
  test('its text has the verdict and the stop weights, and never more than a code can bear', () => {
    const text = cardText(head, blocks, 'us')
    expect(text).toMatch(/^Marigold: Larkspur Saddle, Fri 4 Dec\nFix first/)
    expect(text).toContain('EMERGENCY')
    expect(text).not.toMatch(/[\u00a0\u202f]/)
    const many = Array.from({ length: 50 }, () => blocks).flat()
    expect(cardText(head, many, 'metric').length).toBeLessThanOrEqual(640)
    expect(cardText(head, many, 'metric')).toMatch(/…$/)
  })

  test('the path of a code has a square for each dark module, at its place', () => {
    const { modules } = QRCode.create('x')
    const dark = Array.from(modules.data, (bit) => bit === 1)
    const path = codePath({ size: modules.size, dark })
    expect(path.match(/M/g)).toHaveLength(dark.filter(Boolean).length)
    expect(codePath({ size: 2, dark: [false, true, true, false] })).toBe('M1 0h1v1h-1zM0 1h1v1h-1z')
  })

  test('signs that its fonts do not have are written otherwise', () => {
    expect(plainText('Tee → hose, 1 − 2 ≤ ½ “x” 3 lb 🔥')).toBe('Tee > hose, 1 - 2 at most 1/2 “x” 3 lb ??')
  })
})
