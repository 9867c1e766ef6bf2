import { simulatedThermometer } from '@/instruments/simulatedThermometer'
import { warmUpFit } from '@/core/heat/warmth/warmUpFit'
import { fahrenheit } from '@tests/tradeUnits'

/** Reads it every second of real time, a minute of simulated time at the first speed. */
function minutes(thermometer: ReturnType<typeof simulatedThermometer>, fromMs: number, count: number): number[] {
  return Array.from({ length: count }, (_, i) => thermometer.read(fromMs + i * 1000).quantity.value)
}

test('cold and off it shows the night outside', () => {
  const thermometer = simulatedThermometer()
  const shown = minutes(thermometer, 0, 5)
  for (const kelvin of shown) expect(Math.abs(kelvin - fahrenheit(24))).toBeLessThan(0.06)
})

test('lit it warms, faster on high than on low, and a minute passes in a second', () => {
  const warmed = (setting: 'low' | 'high'): number => {
    const thermometer = simulatedThermometer()
    thermometer.set(setting)
    const shown = minutes(thermometer, 0, 31)
    expect(thermometer.elapsedS()).toBeCloseTo(1800, 0)
    return shown.at(-1) ?? 0
  }
  expect(warmed('high')).toBeGreaterThan(warmed('low') + 3)
  expect(warmed('low')).toBeGreaterThan(fahrenheit(24) + 3)
})

test('its readings fit to about its own loss of 60 W/K', () => {
  const thermometer = simulatedThermometer()
  thermometer.set('high')
  const shown = minutes(thermometer, 0, 121)
  const readings = [0, 15, 30, 50, 75, 100, 120].map((minute) => ({
    timeS: minute * 60,
    temperatureK: shown[minute] ?? 0,
  }))
  const fit = warmUpFit({ outsideK: fahrenheit(24), inputW: 2637.6, readings, settings: [] })
  expect(Math.abs(fit.lossWPerK / 60 - 1)).toBeLessThan(0.05)
})

test('it runs at the chosen speed, and can be restarted', () => {
  const thermometer = simulatedThermometer()
  thermometer.hurry(1)
  thermometer.set('high')
  minutes(thermometer, 0, 11)
  expect(thermometer.elapsedS()).toBeCloseTo(10, 6)
  thermometer.again()
  expect(thermometer.elapsedS()).toBe(0)
  expect(Math.abs(thermometer.read(10_000).quantity.value - fahrenheit(24))).toBeLessThan(0.1)
})

test('it is steady once the probe has followed the air', () => {
  const thermometer = simulatedThermometer()
  expect(thermometer.read(0).steady).toBe(true)
  thermometer.set('high')
  thermometer.hurry(10)
  expect(thermometer.read(1000).steady).toBe(true)
  thermometer.hurry(60)
  expect(thermometer.read(2000).steady).toBe(false)
})
