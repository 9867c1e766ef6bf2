import { simulatedScale } from '@/instruments/simulatedScale'

/** Repeatable random numbers: always the middle, or alternating between the ends. */
const calm = (): number => 0.5
const windy = (): (() => number) => {
  let side = 0
  return () => (side = 1 - side)
}

function waitUntilStable(scale: ReturnType<typeof simulatedScale>, fromMs: number, seconds: number) {
  let reading = scale.read(fromMs)
  for (let ms = fromMs; ms <= fromMs + seconds * 1000; ms += 100) reading = scale.read(ms)
  return reading
}

test('settles on the load, in steps, and reads steady', () => {
  const scale = simulatedScale(calm)
  scale.read(0)
  scale.load(14.24)
  const early = waitUntilStable(scale, 100, 1)
  expect(early.steady).toBe(false)
  const rested = waitUntilStable(scale, 1200, 8)
  expect(rested.steady).toBe(true)
  expect(rested.quantity.value).toBeCloseTo(14.24, 2)
})

test('wind makes it flicker by no more than a step', () => {
  const scale = simulatedScale(windy())
  scale.read(0)
  scale.load(5)
  const rested = waitUntilStable(scale, 100, 12)
  expect(Math.abs(rested.quantity.value - 5)).toBeLessThanOrEqual(0.0201)
  expect(rested.steady).toBe(true)
})

test('zeroing tares the current load; a load below zero counts as zero', () => {
  const scale = simulatedScale(calm)
  scale.read(0)
  scale.load(2)
  waitUntilStable(scale, 100, 10)
  scale.zero()
  expect(scale.read(10_300).quantity.value).toBeCloseTo(0, 9)
  scale.load(-5)
  expect(waitUntilStable(scale, 10_400, 10).quantity.value).toBeCloseTo(-2, 2)
})
