import { requalificationOfStamps } from '@/core/cylinders/dates/requalificationOfStamps'

const due = (stamps: string, ruleSet: string) => requalificationOfStamps({ stamps, ruleSet, on: '2026-11-24' })

/** 10 then 5: common practice at filling stations. */
test.each([
  ['03-20', '2030-03', 'good'],
  ['11-16', '2026-11', 'good'],
  ['10-16', '2026-10', 'overdue'],
  ['06-11 05-21E', '2026-05', 'overdue'],
  ['06-11 05-25S', '2030-05', 'good'],
  ['01-99 03-10E 02-24', '2029-02', 'good'],
])('10 then 5: %s is good through %s, %s today', (stamps, month, status) => {
  expect(due(stamps, 'ten-then-five')).toMatchObject({ dueMonth: month, status })
})

/** 49 CFR 180.209: twelve years at first; E five, S seven, volumetric twelve [from memory]. */
test.each([
  ['03-20', '2032-03', 'good'],
  ['11-14', '2026-11', 'good'],
  ['10-14', '2026-10', 'overdue'],
  ['06-11 E 05-25', '2030-05', 'good'],
  ['06-11 05-21S', '2028-05', 'good'],
  ['06-01 05-13', '2025-05', 'overdue'],
])('US DOT: %s is good through %s, %s today', (stamps, month, status) => {
  expect(due(stamps, 'us-dot')).toMatchObject({ dueMonth: month, status })
})

/** Later editions of 49 CFR 180.209: ten years after a proof test [from memory]. */
test('US DOT, later edition: S buys ten', () => {
  expect(due('06-11 05-21S', 'us-dot-proof-ten')).toMatchObject({ dueMonth: '2031-05' })
})

/** CSA B339 and B340: every ten years [from memory]. */
test.each([
  ['03-20', '2030-03'],
  ['06-11 05-21E', '2031-05'],
  ['06-11 05-21', '2031-05'],
])('Canada: %s is good through %s', (stamps, month) => {
  expect(due(stamps, 'canada')).toMatchObject({ dueMonth: month })
})

/** 3AL and 3AA cylinders for CO2: every five years; 49 CFR 180.209 [from memory]. */
test.each(['ten-then-five', 'us-dot', 'us-dot-proof-ten', 'canada'])('CO2 by %s: five years each time', (rule) => {
  expect(due('DOT-3AL1800 09-22', rule)).toMatchObject({ dueMonth: '2027-09' })
  expect(due('DOT-3AA1800 09-12 08-23', rule)).toMatchObject({ dueMonth: '2028-08' })
})

/** DOT-39 cylinders are never requalified nor refilled for transport; 49 CFR 173.304 and 178.65 [from memory]. */
test('DOT-39 has no requalification date', () => {
  expect(due('DOT-39 06-24', 'us-dot')).toMatchObject({ dueMonth: null, status: 'not-refillable' })
})
