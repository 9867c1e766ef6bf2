import { applianceUse, bottleGear, cylinderGear, NOW, tripPlan } from '@tests/gear'
import { OUNCE_KG, POUND_KG } from '@tests/tradeUnits'
import { contents } from '@/core/cylinders/contents/contents'
import { contentsInput } from '@/core/cylinders/contents/gearContents'
import { aloneOnSupply, runtimeSlip } from '@/core/appliances/runtimeSlip'
import { drawingLevels } from '@/core/cylinders/contents/drawingLevels'
import { cylinderSummary } from '@/core/cylinders/contents/cylinderSummary'
import { basis } from '@/core/rules/basis/basis'
import { gasBars } from '@/core/run/analysis/gasBars'
import { gasForTrip } from '@/core/run/analysis/gasForTrip'

describe('an appliance alone', () => {
  test('runs on all of its own supply aboard', () => {
    const panel = { inputW: applianceUse().inputW, supply: 'line' } as const
    const both = aloneOnSupply([cylinderGear(), cylinderGear({ id: 'r' }), bottleGear()], panel)
    const one = aloneOnSupply([cylinderGear(), cylinderGear({ id: 'r', aboard: false })], panel)
    expect((both?.quantity.value ?? 0) / (one?.quantity.value ?? 1)).toBeCloseTo(2, 9)
  })

  test('is unknown without a weighing', () => {
    expect(aloneOnSupply([cylinderGear({ lastWeighing: null })], { inputW: 100, supply: 'line' })).toBeNull()
    expect(aloneOnSupply([cylinderGear()], { inputW: 100, supply: 'bottles' })).toBeNull()
  })
})

test('the runtime’s calculation multiplies out', () => {
  const slip = runtimeSlip(16.4 * OUNCE_KG, 2637.6, true)
  const [gas, heat, input] = slip.lines.map(({ figure }) => figure.quantity.value)
  expect(slip.result.figure.quantity.value).toBeCloseTo(((gas ?? 0) * (heat ?? 0)) / (input ?? 1), 9)
  expect(slip.lines.map(({ sign }) => sign)).toEqual(['', '×', '÷'])
})

describe('the bars', () => {
  const bars = (nights: number) => {
    const [line] = gasForTrip([cylinderGear()], tripPlan({ nights }))
    if (!line) throw new Error('no line')
    return gasBars(line)
  }
  const total = (pieces: readonly { share: number }[]) => pieces.reduce((sum, { share }) => sum + share, 0)

  test('with gas to spare the upper bar is the longer one', () => {
    expect(total(bars(2).aboard)).toBeCloseTo(1, 9)
    expect(total(bars(2).burns)).toBeLessThan(1)
  })

  test('when short, the missing part makes both equally long', () => {
    expect(total(bars(30).aboard)).toBeCloseTo(1, 9)
    expect(total(bars(30).burns)).toBeCloseTo(1, 9)
    expect(bars(30).aboard.at(-1)?.kind).toBe('missing')
  })
})

describe('the shelf and the drawing', () => {
  test('a cylinder at a glance', () => {
    expect(cylinderSummary(cylinderGear(), NOW)).toMatchObject({ mark: 'ready', share: { value: 13.6 / 19.992 } })
    expect(cylinderSummary(cylinderGear({ lastWeighing: null }), NOW)).toMatchObject({
      net: null,
      level: null,
      mark: 'fix-first',
    })
    const full = { grossKg: 39 * POUND_KG, hangingKg: 0, weighedAt: '2026-11-30T00:00:00Z' }
    expect(cylinderSummary(cylinderGear({ lastWeighing: full }), NOW).mark).toBe('stop')
  })

  test('the level rises with temperature and stays below that of the limit', () => {
    const gear = cylinderGear()
    const held = contents(contentsInput(gear, { grossKg: 31.4 * POUND_KG, hangingKg: 0 }))
    const cool = drawingLevels('propane', held, gear.waterCapacityKg, 270)
    const warm = drawingLevels('propane', held, gear.waterCapacityKg, 310)
    expect(warm.level ?? 0).toBeGreaterThan(cool.level ?? 1)
    expect(warm.level ?? 1).toBeLessThan(warm.limitLevel ?? 0)
  })

  test('empty has level 0, unknown has none, an extreme temperature draws as 60 °F', () => {
    const gear = cylinderGear()
    const empty = contents(contentsInput(gear, { grossKg: gear.tareKg, hangingKg: 0 }))
    expect(drawingLevels('propane', empty, gear.waterCapacityKg, null).level).toBe(0)
    expect(drawingLevels('propane', null, gear.waterCapacityKg, null)).toEqual({ level: null, limitLevel: null })
    const held = contents(contentsInput(gear, { grossKg: 14, hangingKg: 0 }))
    expect(drawingLevels('propane', held, gear.waterCapacityKg, 900)).toEqual(
      drawingLevels('propane', held, gear.waterCapacityKg, null),
    )
  })
})

test('every source says what it is, where it is from and how certain it is', () => {
  for (const entry of Object.values(basis)) {
    expect(entry.title).not.toBe('')
    expect(entry.formula).toMatch(/\.$/)
    expect(entry.source.length).toBeGreaterThan(5)
  }
})
