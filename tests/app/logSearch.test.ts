import { filterOf, readLogSearch } from '@/app/log/readLogSearch'

test('an address without a query shows everything', () => {
  const search = readLogSearch({})
  expect(search).toEqual({ group: '', text: '', from: '', to: '', page: 1 })
  expect(filterOf(search)).toMatchObject({ names: [], search: '', fromIso: '0000', toIso: '9999' })
})

test('kind, days and text', () => {
  const filter = filterOf(readLogSearch({ kind: 'gas', from: '2026-11-01', to: '2026-11-30', search: ' Weighed ' }))
  expect(filter).toEqual({
    names: ['weighing', 'reading', 'fill', 'swap'],
    search: 'Weighed',
    searchedNames: ['weighing'],
    fromIso: new Date(2026, 10, 1).toISOString(),
    toIso: new Date(2026, 10, 30, 23, 59, 59, 999).toISOString(),
  })
})

test.each([
  { page: '-1' },
  { page: 'x' },
  { page: '1e9' },
  { page: ['2', '3'] },
  { kind: 'weapons' },
  { from: 'yesterday' },
  { to: '2026-11-30; DROP' },
])('invalid query values are ignored: %j', (asked) => {
  expect(readLogSearch(asked)).toEqual(readLogSearch({}))
})

test('a search as long as a book is cut', () => {
  expect(readLogSearch({ search: 'x'.repeat(10_000) }).text).toHaveLength(100)
})
