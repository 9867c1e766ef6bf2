import { scaleStage } from '@/core/fill/scaleStage'
import { fillCosts } from '@/core/fill/cost/fillCosts'
import { simulatedPriceBoard } from '@/instruments/simulatedPriceBoard'
import { scaleStepKg, simulatedScale } from '@/instruments/simulatedScale'

const calm = (): number => 0.5

describe('gas flows into the cylinder on the scale', () => {
  function fillTo(stopKg: number, limitKg: number, kgPerS: number): { stages: string[]; restKg: number } {
    const scale = simulatedScale(calm)
    scale.read(0)
    scale.load(stopKg - limitKg)
    let ms = 0
    for (; ms < 8000; ms += 100) scale.read(ms)
    scale.run(kgPerS)
    const stages: string[] = []
    for (; ms < 600_000; ms += 150) {
      const { value } = scale.read(ms).quantity
      const { stage } = scaleStage(value, stopKg, limitKg, scaleStepKg(stopKg))
      if (stages.at(-1) !== stage) stages.push(stage)
      if (stage === 'stop' || stage === 'over') break
    }
    scale.run(0)
    for (const until = ms + 8000; ms < until; ms += 100) scale.read(ms)
    return { stages, restKg: scale.read(ms).quantity.value }
  }

  test('slowly: filling, slow down, stop, and it rests at the limit', () => {
    const { stages, restKg } = fillTo(16.96, 9.07, 0.02)
    expect(stages).toEqual(['under', 'slow', 'stop'])
    expect(Math.abs(restKg - 16.96)).toBeLessThanOrEqual(0.04)
  })
  test('a bottle, in finer steps', () => {
    const { stages, restKg } = fillTo(0.879, 0.465, 0.002)
    expect(stages).toEqual(['under', 'slow', 'stop'])
    expect(Math.abs(restKg - 0.879)).toBeLessThanOrEqual(0.004)
  })
  test('filled too fast, gas in the hose still arrives: over', () => {
    const { restKg } = fillTo(16.96, 9.07, 0.3)
    expect(restKg).toBeGreaterThan(17)
  })
})

test('two ranges of resolution', () => {
  expect(scaleStepKg(0.5)).toBeLessThan(scaleStepKg(10))
  const scale = simulatedScale(calm)
  scale.read(0)
  scale.load(0.4138)
  for (let ms = 0; ms < 9000; ms += 100) scale.read(ms)
  expect(scale.read(9100).quantity.value).toBeCloseTo(0.414, 9)
  expect(scale.loaded()).toBeCloseTo(0.4138, 12)
})

test('a new load closes the gas, and gas never flows back', () => {
  const scale = simulatedScale(calm)
  scale.read(0)
  scale.run(0.1)
  scale.load(5)
  scale.read(5000)
  expect(scale.loaded()).toBe(5)
  scale.run(-1)
  scale.read(9000)
  expect(scale.loaded()).toBe(5)
})

test('the price board: invented places, every way of selling, within its range, and usable in calculations', () => {
  const middle = simulatedPriceBoard(() => 0.5)
  const [low, high] = [simulatedPriceBoard(() => 0), simulatedPriceBoard(() => 1)]
  expect(new Set(middle.map(({ way }) => way)).size).toBe(4)
  middle.forEach(({ price }, i) => {
    expect((low[i]?.price ?? 0) / price).toBeCloseTo(0.94, 9)
    expect((high[i]?.price ?? 0) / price).toBeCloseTo(1.06, 9)
  })
  const costs = fillCosts(
    middle.map((offer, i) => ({ ...offer, id: String(i) })),
    { residualKg: 0, heaterW: 880 },
  )
  expect(costs).toHaveLength(middle.length)
  for (const { perKg } of costs) expect(perKg).toBeGreaterThan(0)
})
