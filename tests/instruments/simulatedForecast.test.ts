import { forecastSchema } from '@/core/run/weather/forecast'
import { forecastPlaces, forecastSpells, simulatedForecast } from '@/instruments/simulatedForecast'

function steady() {
  let seed = 5
  return () => {
    seed = (seed * 16_807) % 2_147_483_647
    return seed / 2_147_483_647
  }
}
const ask = (place: string, spell: (typeof forecastSpells)[number], startISO = '2026-12-04T15:00', hours = 96) => {
  const served = simulatedForecast(place, spell, startISO, hours, steady())
  if (!served) throw new Error(place)
  return served
}
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length

test.each(forecastPlaces.flatMap(({ id }) => forecastSpells.map((spell) => [id, spell] as const)))(
  '%s, %s: hours that a trip can be simulated with',
  (id, spell) => {
    const { place, ...hours } = ask(id, spell)
    expect(place).not.toBe('')
    expect(hours.temperatureK).toHaveLength(97)
    expect(forecastSchema.safeParse(hours).success).toBe(true)
  },
)

test('a cold spell is colder than usual, a thaw and a heat wave warmer; a storm has wind', () => {
  const usual = ask('larkspur', 'usual')
  expect(mean(ask('larkspur', 'clear-cold').temperatureK)).toBeLessThan(mean(usual.temperatureK) - 2)
  expect(mean(ask('larkspur', 'thaw').temperatureK)).toBeGreaterThan(mean(usual.temperatureK))
  expect(mean(ask('larkspur', 'heat').temperatureK)).toBeGreaterThan(mean(usual.temperatureK))
  expect(mean(ask('larkspur', 'storm').windMS)).toBeGreaterThan(2 * mean(usual.windMS))
})

test('summer is warmer than winter, and later days are less certain', () => {
  const summer = ask('quarry', 'usual', '2026-07-10T15:00')
  expect(mean(summer.temperatureK)).toBeGreaterThan(mean(ask('quarry', 'usual').temperatureK) + 10)
  expect(summer.spreadK.at(-1)).toBeGreaterThan(summer.spreadK[0] ?? NaN)
})

test('an unknown place has no forecast', () => {
  expect(simulatedForecast('nowhere', 'usual', '2026-12-04T15:00', 24, steady())).toBeNull()
})
