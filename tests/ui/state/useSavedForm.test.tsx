/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react'
import type { Answer } from '@/ui/state/useSave'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { pending, providers } from './providers'

type Sent = { name: string; version: number | null }
type Theirs = { name: string; version: number }

const answers: ((input: Sent, key: string) => Promise<Answer<{ id: string }, Theirs>>)[] = []
const send = jest.fn((input: Sent, key: string) => answers.shift()?.(input, key) ?? Promise.reject(new Error('asked')))

function form({ slot = 'cylinder left', version = 3, initial = { name: 'Left', note: '' } } = {}) {
  return renderHook((props) => useSavedForm({ ...props, send }), {
    wrapper: providers(),
    initialProps: { slot, version, initial },
  })
}

beforeEach(() => {
  sessionStorage.clear()
  answers.length = 0
  send.mockClear()
})

describe('a draft', () => {
  test('lives through leaving the page, and ends when it is given up', () => {
    const first = form()
    expect(first.result.current.dirty).toBe(false)
    act(() => first.result.current.set({ name: 'Left, repainted' }))
    expect(first.result.current).toMatchObject({ dirty: true, values: { name: 'Left, repainted', note: '' } })
    first.unmount()
    const again = form()
    expect(again.result.current.values.name).toBe('Left, repainted')
    act(() => again.result.current.forget())
    expect(again.result.current).toMatchObject({ dirty: false, values: { name: 'Left' } })
    expect(sessionStorage).toHaveLength(0)
  })

  test('belongs to its slot: a form that turns to another row shows that row', () => {
    const { result, rerender } = form()
    act(() => result.current.set({ name: 'Typed' }))
    rerender({ slot: 'cylinder right', version: 1, initial: { name: 'Right', note: '' } })
    expect(result.current).toMatchObject({ dirty: false, values: { name: 'Right' } })
    rerender({ slot: 'cylinder left', version: 3, initial: { name: 'Left', note: '' } })
    expect(result.current.values.name).toBe('Typed')
  })

  test('keeps the version it began from, whatever was saved elsewhere meanwhile', () => {
    const { result, rerender } = form()
    act(() => result.current.set({ name: 'Mine' }))
    rerender({ slot: 'cylinder left', version: 4, initial: { name: 'Theirs', note: '' } })
    expect(result.current).toMatchObject({ baseVersion: 3, values: { name: 'Mine' } })
    act(() => result.current.forget())
    expect(result.current).toMatchObject({ baseVersion: 4, values: { name: 'Theirs' } })
  })

  test('two changes in one event both count', () => {
    const { result } = form()
    act(() => {
      result.current.set({ name: 'A' })
      result.current.set({ note: 'b' })
      expect(result.current.latest()).toEqual({ name: 'A', note: 'b' })
    })
    expect(result.current.values).toEqual({ name: 'A', note: 'b' })
  })

  test('typed back to what is saved, it is no draft any more', () => {
    const { result } = form()
    act(() => result.current.set({ name: 'Other' }))
    expect(sessionStorage).toHaveLength(1)
    act(() => result.current.set({ name: 'Left' }))
    expect(result.current.dirty).toBe(false)
    expect(sessionStorage).toHaveLength(0)
  })

  test('what is stored and is none of ours is ignored', () => {
    sessionStorage.setItem('gold-kettle-typed cylinder left', '{broken')
    expect(form().result.current.values.name).toBe('Left')
  })
})

describe('saving', () => {
  test('ends the draft; the saved values stay in view until the row is loaded again', async () => {
    answers.push(() => Promise.resolve({ ok: true, value: { id: 'left' } }))
    const { result, rerender } = form()
    act(() => result.current.set({ name: 'Saved' }))
    await act(async () => void (await result.current.save({ name: 'Saved', version: 3 })))
    expect(result.current).toMatchObject({ dirty: false, saving: { state: 'saved' }, values: { name: 'Saved' } })
    expect(sessionStorage).toHaveLength(0)
    rerender({ slot: 'cylinder left', version: 4, initial: { name: 'Saved and trimmed', note: '' } })
    expect(result.current.values.name).toBe('Saved and trimmed')
  })

  test('refused: the sentence stands at its field, the draft stays, and typing takes the sentence away', async () => {
    answers.push(() => Promise.resolve({ ok: false, issues: [{ path: 'name', message: 'Give it a name.' }] }))
    const { result } = form()
    act(() => result.current.set({ name: '' }))
    await act(async () => void (await result.current.save({ name: '', version: 3 })))
    expect(result.current.issueAt('name')).toBe('Give it a name.')
    expect(result.current).toMatchObject({ dirty: true, saving: { state: 'refused', conflict: null } })
    act(() => result.current.set({ name: 'L' }))
    expect(result.current.issueAt('name')).toBeNull()
  })

  test('no answer: said so, nothing lost, and sent again it is the same request', async () => {
    const lost = pending<Answer<{ id: string }, Theirs>>()
    answers.push(
      () => lost.promise,
      () => Promise.resolve({ ok: true, value: { id: 'left' } }),
    )
    const { result } = form()
    act(() => result.current.set({ name: 'Mine' }))
    await act(async () => {
      const saving = result.current.save({ name: 'Mine', version: 3 })
      lost.fail()
      await saving
    })
    expect(result.current.issueAt('')).toMatch(/does not answer/)
    expect(result.current.values.name).toBe('Mine')
    await act(async () => void (await result.current.save({ name: 'Mine', version: 3 })))
    const [first, second] = send.mock.calls.map(([, key]) => key)
    expect(second).toBe(first)
  })

  test('a newer row: shown beside mine, which can be saved over it', async () => {
    answers.push(
      () =>
        Promise.resolve({
          ok: false,
          issues: [{ path: '', message: 'This was changed somewhere else in the meantime.' }],
          conflict: { name: 'Theirs', version: 4 },
        }),
      () => Promise.resolve({ ok: true, value: { id: 'left' } }),
    )
    const { result } = form()
    act(() => result.current.set({ name: 'Mine' }))
    await act(async () => void (await result.current.save({ name: 'Mine', version: result.current.baseVersion })))
    const theirs = result.current.saving.conflict
    expect(theirs).toEqual({ name: 'Theirs', version: 4 })
    await act(async () => void (await result.current.save({ name: 'Mine', version: theirs?.version ?? 0 })))
    expect(send.mock.calls.map(([{ version }]) => version)).toEqual([3, 4])
    expect(result.current).toMatchObject({ saving: { state: 'saved', conflict: null }, dirty: false })
  })

  test('two saves: the answer to the earlier one, coming later, is not shown', async () => {
    const [slow, quick] = [pending<Answer<{ id: string }, Theirs>>(), pending<Answer<{ id: string }, Theirs>>()]
    answers.push(
      () => slow.promise,
      () => quick.promise,
    )
    const { result } = form()
    act(() => result.current.set({ name: 'One' }))
    act(() => void result.current.save({ name: 'One', version: 3 }))
    expect(result.current.saving.state).toBe('saving')
    act(() => result.current.set({ name: 'Two' }))
    act(() => void result.current.save({ name: 'Two', version: 3 }))
    await act(async () => {
      quick.answer({ ok: true, value: { id: 'left' } })
      await quick.promise
    })
    await waitFor(() => expect(result.current.saving.state).toBe('saved'))
    await act(async () => {
      slow.answer({ ok: false, issues: [{ path: 'name', message: 'Too late.' }] })
      await slow.promise
    })
    expect(result.current.saving.state).toBe('saved')
    expect(result.current.issueAt('name')).toBeNull()
  })

  test('typed on while it is being saved: what was typed later is not lost', async () => {
    const slow = pending<Answer<{ id: string }, Theirs>>()
    answers.push(() => slow.promise)
    const { result } = form()
    act(() => result.current.set({ name: 'One' }))
    act(() => void result.current.save({ name: 'One', version: 3 }))
    act(() => result.current.set({ note: 'typed later' }))
    await act(async () => {
      slow.answer({ ok: true, value: { id: 'left' } })
      await slow.promise
    })
    expect(result.current.values).toEqual({ name: 'One', note: 'typed later' })
    expect(result.current.dirty).toBe(true)
  })

  test('saved twice in a row, before the row was loaded again: no conflict with oneself', async () => {
    answers.push(
      () => Promise.resolve({ ok: true, value: { id: 'left' } }),
      () => Promise.resolve({ ok: true, value: { id: 'left' } }),
    )
    const { result } = form()
    for (const name of ['One', 'Two']) {
      act(() => result.current.set({ name }))
      await act(async () => void (await result.current.save({ name, version: result.current.baseVersion })))
    }
    expect(send.mock.calls.map(([{ version }]) => version)).toEqual([3, 4])
    expect(result.current).toMatchObject({ dirty: false, baseVersion: 5, values: { name: 'Two' } })
  })
})
