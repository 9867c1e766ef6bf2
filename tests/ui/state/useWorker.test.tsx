/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { useWorker } from '@/ui/state/useWorker'
import { pending } from './providers'

type Answer = { value: number } | { refused: string }
const jobs: { stop: jest.Mock; report: (share: number) => void; answer: (value: Answer) => void; fail: () => void }[] =
  []

jest.mock('@/workers/startWorkerJob', () => ({
  startWorkerJob: (_: unknown, __: unknown, report: (share: number) => void) => {
    const { promise, answer, fail } = pending<Answer>()
    const stop = jest.fn()
    jobs.push({ stop, report, answer, fail })
    return { answer: promise, stop }
  },
}))

const job = () => Promise.resolve({ value: 0 })
const worker = () => renderHook(() => useWorker<object, number>(() => ({}) as Worker))
const settled = (run: () => void) =>
  act(async () => {
    run()
    await Promise.resolve()
  })

beforeEach(() => {
  jobs.length = 0
})

test('progress, then the value', async () => {
  const { result } = worker()
  expect(result.current.work).toEqual({ share: null, value: null, refused: null })
  act(() => result.current.start(job))
  act(() => jobs[0]?.report(0.4))
  expect(result.current.work.share).toBe(0.4)
  await settled(() => jobs[0]?.answer({ value: 7 }))
  expect(result.current.work).toEqual({ share: null, value: 7, refused: null })
})

test('canceled: it stops, and what it still says is not shown', async () => {
  const { result } = worker()
  act(() => result.current.start(job))
  act(() => result.current.stop())
  expect(jobs[0]?.stop).toHaveBeenCalledTimes(1)
  act(() => jobs[0]?.report(0.9))
  await settled(() => jobs[0]?.answer({ value: 7 }))
  expect(result.current.work).toEqual({ share: null, value: null, refused: null })
})

test('started again: the first is stopped, its late answer is ignored, the last value stays in view', async () => {
  const { result } = worker()
  act(() => result.current.start(job))
  await settled(() => jobs[0]?.answer({ value: 1 }))
  act(() => result.current.start(job))
  act(() => result.current.start(job))
  expect(jobs[1]?.stop).toHaveBeenCalledTimes(1)
  expect(result.current.work).toEqual({ share: 0, value: 1, refused: null })
  await settled(() => jobs[1]?.answer({ value: 2 }))
  expect(result.current.work.value).toBe(1)
  await settled(() => jobs[2]?.answer({ refused: 'Too many.' }))
  expect(result.current.work).toEqual({ share: null, value: null, refused: 'Too many.' })
})

test('broken off: said so; leaving the page stops it', async () => {
  const { result, unmount } = worker()
  act(() => result.current.start(job))
  await settled(() => jobs[0]?.fail())
  expect(result.current.work.refused).toMatch(/broke off/)
  act(() => result.current.start(job))
  unmount()
  expect(jobs[1]?.stop).toHaveBeenCalled()
})
