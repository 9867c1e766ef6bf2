import { parseMonth } from '@/core/cylinders/stamps/marks'

const NOVEMBER = '2026-11'

test.each([
  ['03-20', '2020-03'],
  ['3/20', '2020-03'],
  ['03 2020', '2020-03'],
  ['03.2020', '2020-03'],
  ['2020-03', '2020-03'],
  [' 2020/3 ', '2020-03'],
  ['11-26', '2026-11'],
  ['12-98', '1998-12'],
  ['06-98', '1998-06'],
])('%s is %s', (text, month) => {
  expect(parseMonth(text, NOVEMBER)).toBe(month)
})

test.each([
  ['13-20', /no month 13/],
  ['00-20', /no month 00/],
  ['12-2026', /not come yet/],
  ['2027-01', /not come yet/],
  ['01-1890', /that old/],
  ['12-26', /not come yet/],
  ['03-31', /not come yet/],
  ['March 2020', /such as 03-20/],
  ['320', /such as 03-20/],
  ['', /such as 03-20/],
])('%s is refused', (text, sentence) => {
  expect(() => parseMonth(text, NOVEMBER)).toThrow(sentence)
})
