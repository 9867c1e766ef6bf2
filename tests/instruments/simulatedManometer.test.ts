import { uTubeGaugePa } from '@/core/leak-test/hold/uTube'
import { fromUnit } from '@/core/units/convert'
import { simulatedHoles, simulatedManometer } from '@/instruments/simulatedManometer'

const inWC = (number: number): number => fromUnit(number, 'gaugePressure', 'inWC')
const LINE_M3 = 0.0008

/** A manometer on a line filled to lock-up and shut, at twenty seconds. */
function filled() {
  const manometer = simulatedManometer(LINE_M3, 288.7)
  manometer.read(0)
  manometer.open()
  manometer.read(20_000)
  manometer.shut()
  return manometer
}

test('shut and empty it reads level', () => {
  const manometer = simulatedManometer(LINE_M3, 288.7)
  expect(manometer.read(0).quantity).toEqual({ value: 0, role: 'linePressure' })
  expect(manometer.columns().openM).toBeCloseTo(0, 12)
  expect(manometer.columns().gasM).toBeCloseTo(0, 12)
})

test('with the valve open it rises to lock-up, between 11 and 14 in WC, and no further', () => {
  const manometer = filled()
  const { value } = manometer.read(21_000).quantity
  expect(value).toBeGreaterThan(inWC(11))
  expect(value).toBeLessThan(inWC(14))
})

test('the reading is the difference of its columns, which are symmetric about the middle', () => {
  const manometer = filled()
  const { value } = manometer.read(21_000).quantity
  const { openM, gasM } = manometer.columns()
  expect(openM).toBeCloseTo(-gasM, 12)
  expect(uTubeGaugePa(openM, gasM)).toBeCloseTo(value, 6)
  // As read by eye: to the millimeter.
  expect(Math.abs(openM * 1000 - Math.round(openM * 1000))).toBeLessThan(1e-9)
})

test('tight and shut it holds for an hour, and reads steady', () => {
  const manometer = filled()
  const before = manometer.read(21_000).quantity.value
  const after = manometer.read(21_000 + 3_600_000)
  expect(after.quantity.value).toBe(before)
  expect(after.steady).toBe(true)
})

test('a hole makes it fall, a larger one faster, never below zero', () => {
  const fallen = simulatedHoles.map((hole) => {
    const manometer = filled()
    manometer.drill(hole)
    manometer.read(21_000)
    return manometer.read(81_000).quantity.value
  })
  expect(fallen[0]).toBeGreaterThan(fallen[1] ?? NaN)
  expect(fallen[1]).toBeGreaterThan(fallen[2] ?? NaN)
  const manometer = filled()
  manometer.drill('loose')
  expect(manometer.read(21_000 + 86_400_000).quantity.value).toBe(0)
})

test('burning draws it down; with the burner off it stays there', () => {
  const manometer = filled()
  manometer.burn(true)
  manometer.read(20_500)
  manometer.burn(false)
  const left = manometer.read(21_000).quantity.value
  expect(left).toBeLessThan(inWC(12.6))
  expect(manometer.read(60_000).quantity.value).toBe(left)
})

test('with the valve open a small hole hardly shows, since gas follows: this is why it is shut first', () => {
  const manometer = simulatedManometer(LINE_M3, 288.7)
  manometer.read(0)
  manometer.open()
  manometer.drill('pinhole')
  manometer.read(20_000)
  const before = manometer.read(21_000).quantity.value
  expect(before - manometer.read(201_000).quantity.value).toBeLessThan(inWC(0.2))
})

test('the leak rate is proportional to the pressure', () => {
  const manometer = filled()
  manometer.drill('pinhole')
  const full = manometer.leakKgS()
  manometer.read(200_000)
  expect(manometer.leakKgS()).toBeLessThan(full)
  expect(manometer.leakKgS()).toBeGreaterThan(0)
})
