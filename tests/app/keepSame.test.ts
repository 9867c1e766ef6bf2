import { reuseUnchanged } from '@/app/hookup/diagram/reuseUnchanged'

test('unchanged items stay identical; changed, new and removed ones do not', () => {
  const keep = reuseUnchanged<{ id: string; name: string }>(({ name }) => name)
  const [left, right] = keep([
    { id: 'a', name: 'left' },
    { id: 'b', name: 'right' },
  ])
  const next = keep([
    { id: 'b', name: 'right' },
    { id: 'a', name: 'other' },
  ])
  expect(next[0]).toBe(right)
  expect(next[1]).not.toBe(left)
  expect(keep([])).toEqual([])
  expect(keep([{ id: 'b', name: 'right' }])[0]).not.toBe(right)
})
