/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import type { Answer } from '@/ui/state/useSave'
import { useDocumentDraft } from '@/ui/state/useDocumentDraft'
import { providers } from './providers'

const refresh = jest.fn()
jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh }) }))

interface Sent {
  id: string | null
  version: number | null
  name: string
  value: readonly string[]
}
const answers: Answer<{ id: string }, { version: number }>[] = []
const send = jest.fn((...[]: [Sent]) => Promise.resolve(answers.shift() ?? { ok: false as const, issues: [] }))

function drawing(version = 1) {
  return renderHook(({ saved }) => useDocumentDraft<readonly string[]>({ slot: 'line', id: 'line', saved, send }), {
    wrapper: providers(),
    initialProps: { saved: { version, name: 'House', value: ['cylinder'] } },
  })
}

beforeEach(() => {
  sessionStorage.clear()
  answers.length = 0
  send.mockClear()
  refresh.mockClear()
})

test('every change can be undone and done again; a new change ends what could be done again', () => {
  const { result } = drawing()
  expect([result.current.undo, result.current.redo]).toEqual([null, null])
  for (const part of ['hose', 'regulator', 'stove']) {
    act(() => result.current.put([...result.current.value, part]))
  }
  act(() => result.current.undo?.())
  act(() => result.current.undo?.())
  expect(result.current.value).toEqual(['cylinder', 'hose'])
  act(() => result.current.redo?.())
  expect(result.current.value).toEqual(['cylinder', 'hose', 'regulator'])
  act(() => result.current.undo?.())
  act(() => result.current.put(['other']))
  expect(result.current.redo).toBeNull()
  act(() => result.current.undo?.())
  act(() => result.current.undo?.())
  expect(result.current.value).toEqual(['cylinder'])
  expect(result.current.undo).toBeNull()
})

test('typing in one field is one step back', () => {
  const { result } = drawing()
  for (const text of ['1', '12', '12 ft']) act(() => result.current.put([text], 'length'))
  act(() => result.current.put(['12 ft', 'bore'], 'bore'))
  act(() => result.current.undo?.())
  expect(result.current.value).toEqual(['12 ft'])
  act(() => result.current.undo?.())
  expect(result.current.value).toEqual(['cylinder'])
})

test('the draft lives through leaving the page, with the version it began from', () => {
  const first = drawing(1)
  act(() => first.result.current.put(['mine']))
  first.unmount()
  const again = drawing(2)
  expect(again.result.current).toMatchObject({ value: ['mine'], dirty: true, behind: true })
  act(() => again.result.current.drop())
  expect(again.result.current).toMatchObject({ value: ['cylinder'], dirty: false, behind: false })
  expect(refresh).toHaveBeenCalled()
})

test('a conflict names the newer version; saved over it, the draft ends', async () => {
  const { result } = drawing(1)
  act(() => result.current.put(['mine']))
  answers.push(
    { ok: false, issues: [{ path: '', message: 'Changed meanwhile.' }], conflict: { version: 5 } },
    { ok: true, value: { id: 'line' } },
  )
  await act(async () => void (await result.current.save()))
  expect(result.current).toMatchObject({ theirVersion: 5, dirty: true, value: ['mine'] })
  let saved: string | null = null
  await act(async () => {
    saved = await result.current.save(result.current.theirVersion ?? undefined)
  })
  expect(saved).toBe('line')
  expect(send.mock.calls.map(([{ version }]) => version)).toEqual([1, 5])
  expect(result.current).toMatchObject({ theirVersion: null, dirty: false })
})
