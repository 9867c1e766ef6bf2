import fc from 'fast-check'
import { fahrenheit } from '@tests/tradeUnits'
import { tripPlan } from '@tests/gear'
import { coldestOfTripK, forecastOfTrip } from '@/core/run/weather/forecastOfTrip'
import { forecastSpreadK, weatherAt } from '@/core/run/weather/forecast'
import { nightsOfForecast, weatherBand } from '@/core/run/weather/weatherBand'
import { typedForecast } from '@/core/run/weather/typedForecast'
import { readForecast } from '@/core/run/weather/readForecast'
import type { TemperatureScale } from '@/core/run/weather/readForecastRows'

const START = '2026-12-04T15:00'
const startMs = Date.parse(`${START}Z`)

function hour(i: number): string {
  return new Date(startMs + i * 3_600_000).toISOString().slice(0, 16)
}

/** An hourly file without the hours of `holes`. */
function csv(
  hours: number,
  temperature: (i: number) => number,
  head = 'time,temperature_c',
  holes: readonly number[] = [],
) {
  const rows = Array.from({ length: hours }, (_, i) => i).filter((i) => !holes.includes(i))
  return [head, ...rows.map((i) => `${hour(i)},${temperature(i)}`)].join('\n')
}

const read = (text: string, nights = 1, asked: TemperatureScale | null = null) =>
  readForecast(text, 'hours.csv', { startISO: START, clockChanges: [], nights }, asked)

describe('typed nights', () => {
  test('lowest before sunrise, highest in the afternoon', () => {
    const forecast = typedForecast([{ lowK: 260, highK: 275, windMS: 3 }], 15)
    expect(weatherAt(forecast, 0)).toEqual({ temperatureK: 275, windMS: 3 })
    expect(weatherAt(forecast, 15 * 3600).temperatureK).toBeCloseTo(260, 9)
    expect(weatherAt(forecast, 24 * 3600).temperatureK).toBeCloseTo(275, 9)
  })

  test('never outside the typed range, and read back as typed', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            lowK: fc.double({ min: 240, max: 280, noNaN: true }),
            swing: fc.double({ min: 0, max: 20, noNaN: true }),
          }),
          { minLength: 1, maxLength: 6 },
        ),
        (typed) => {
          const nights = typed.map(({ lowK, swing }) => ({ lowK, highK: lowK + swing, windMS: 1 }))
          const { temperatureK } = typedForecast(nights, 15)
          expect(Math.min(...temperatureK)).toBeGreaterThanOrEqual(Math.min(...nights.map(({ lowK }) => lowK)) - 1e-9)
          expect(Math.max(...temperatureK)).toBeLessThanOrEqual(Math.max(...nights.map(({ highK }) => highK)) + 1e-9)
        },
      ),
    )
    const again = nightsOfForecast(typedForecast([{ lowK: 260, highK: 275, windMS: 3 }], 15), 1)
    expect(again[0]).toMatchObject({ lowK: expect.closeTo(260, 6), highK: expect.closeTo(275, 6), windMS: 3 })
  })

  test('a night warmer than its day is asked about at its field', () => {
    expect(() => typedForecast([{ lowK: 280, highK: 270, windMS: 0 }], 15)).toThrow(
      expect.objectContaining({ issues: [expect.objectContaining({ path: 'nights.0.lowK' })] }),
    )
    expect(() => typedForecast([], 15)).toThrow('one night or more')
  })
})

describe('the weather of a trip', () => {
  test('its own forecast, else every night as cold as the coldest, else mild', () => {
    const own = typedForecast([{ lowK: 250, highK: 260, windMS: 0 }], 15)
    expect(forecastOfTrip(tripPlan({ forecast: own }))).toBe(own)
    const coldest = forecastOfTrip(tripPlan({ coldestK: 264 }))
    expect(Math.min(...coldest.temperatureK)).toBeCloseTo(264, 6)
    expect(coldest.origin).toBe('coldest-night')
    expect(Math.min(...forecastOfTrip(tripPlan({ coldestK: null })).temperatureK)).toBeGreaterThan(285)
  })

  test('the coldest of forecast and entry', () => {
    const own = typedForecast([{ lowK: 250, highK: 260, windMS: 0 }], 15)
    expect(coldestOfTripK({ forecast: own, coldestK: 264 })).toBeCloseTo(250, 6)
    expect(coldestOfTripK({ forecast: own, coldestK: 240 })).toBe(240)
    expect(coldestOfTripK({ forecast: null, coldestK: null })).toBeCloseTo(fahrenheit(60), 6)
  })

  test('its spread grows with the days unless the forecast gives its own', () => {
    expect(forecastSpreadK({ spreadK: [] }, 0)).toBe(1)
    expect(forecastSpreadK({ spreadK: [] }, 5 * 86_400)).toBeCloseTo(3, 9)
    expect(forecastSpreadK({ spreadK: [] }, 90 * 86_400)).toBe(4)
    expect(forecastSpreadK({ spreadK: [2, 3] }, 86_400)).toBe(3)
    const band = weatherBand(forecastOfTrip(tripPlan()), 4)
    for (const { lowK, temperatureK, highK } of band) expect(highK - temperatureK).toBeCloseTo(temperatureK - lowK, 9)
    expect(band.at(-1)?.timeS).toBe(4 * 86_400)
  })
})

describe('an hourly file', () => {
  test('CSV in °C with wind in km/h', () => {
    const text = ['time,temperature_c,wind_kmh', `${hour(0)},-5,18`, `${hour(30)},-9,36`]
    const rows = Array.from({ length: 31 }, (_, i) => `${hour(i)},${-5 - i / 10},18`)
    const { forecast, doubt, isShort, scale } = read([text[0], ...rows].join('\r\n'))
    expect(forecast.temperatureK[0]).toBeCloseTo(268.15, 9)
    expect(forecast.windMS[3]).toBeCloseTo(5, 9)
    expect({ doubt, isShort, scale }).toEqual({ doubt: null, isShort: false, scale: 'C' })
    expect(forecast.temperatureK).toHaveLength(25)
  })

  test('JSON in °F, with wind in mph, a list or an object with hours', () => {
    const list = Array.from({ length: 26 }, (_, i) => ({ time: hour(i), 'temperature (°F)': 14, wind_mph: 10 }))
    for (const whole of [list, { hours: list }]) {
      const { forecast } = read(JSON.stringify(whole))
      expect(forecast.temperatureK[0]).toBeCloseTo(fahrenheit(14), 6)
      expect(forecast.windMS[0]).toBeCloseTo(4.4704, 6)
    }
  })

  test('a time with an offset counts by its own clock', () => {
    const rows = Array.from({ length: 26 }, (_, i) => `${hour(i)}:00-07:00,-3`)
    expect(read(['time,temp_c', ...rows].join('\n')).forecast.temperatureK).toHaveLength(25)
  })

  test('nights of 60 labeled °C are asked about, and read as °F when the owner says so', () => {
    const text = csv(26, (i) => 60 + (i % 12))
    const doubtful = read(text)
    expect(doubtful.doubt).toMatch(/coldest hour would be 60 °C.*Is it °F/)
    const told = read(text, 1, 'F')
    expect(told.doubt).toBeNull()
    expect(told.forecast.temperatureK[0]).toBeCloseTo(fahrenheit(60), 6)
  })

  test.each([
    ['time,temperature', (i: number) => 40 + (i % 5), /does not say whether|Is it °F/],
    ['time,temperature_k', () => 20, /It says kelvin/],
    ['time,temperature_f', (i: number) => -8 + (i % 12), /Is it °C/],
  ])('%s: the scale is in doubt', (head, temperature, sentence) => {
    expect(read(csv(26, temperature, head)).doubt).toMatch(sentence)
  })

  test('small gaps are interpolated and reported; large ones are not guessed', () => {
    const filled = read(csv(26, (i) => -i, 'time,temperature_c', [5, 6]))
    expect(filled.filled).toEqual([`after ${hour(4)}`])
    expect(filled.forecast.temperatureK[5]).toBeCloseTo(268.15, 6)
    expect(() => read(csv(26, () => -3, 'time,temperature_c', [4, 5, 6, 7, 8, 9, 10, 11]))).toThrow(
      /nothing between .* \(line 5\) and .* \(line 6\)/,
    )
  })

  test('an hour repeated or skipped by a clock change is accepted', () => {
    const back = csv(26, () => -3).split('\n')
    back.splice(9, 0, back[8] ?? '')
    expect(read(back.join('\n')).filled).toEqual([])
    expect(read(csv(26, () => -3, 'time,temperature_c', [9])).filled).toHaveLength(1)
  })

  test.each([
    ['', 'empty'],
    ['time,temperature_c', 'no hour under it'],
    ['{"hours": 3}', 'A list of hours is wanted'],
    ['[1, 2]', 'Hour 1 is no object'],
    ['[{"time": "2026-12-04T15:00"', 'begins like JSON and is not'],
    ['when,temperature_c\n2026-12-04,3', 'No column is called “time”'],
    ['time,warmth\n2026-12-04,3', 'No column is called “temperature”'],
    ['time,temperature_c\nyesterday,3', 'Line 2, time: “yesterday”'],
    ['time,temperature_c\n2026-13-44 15:00,3', 'Line 2, time'],
    ['time,temperature_c\n2026-12-04 15:00,warm', 'Line 2, temperature: “warm” is no number'],
    ['time,temperature_c,wind_ms\n2026-12-04 15:00,3,-4', 'Line 2, wind'],
    ['time,temperature_c\n"2026-12-04 15:00,3', 'quotation mark'],
  ])('%j is refused with its line: %s', (text, sentence) => {
    expect(() => read(text)).toThrow(sentence)
  })

  test('hours of another week are refused, and a file that ends early is reported', () => {
    const late = csv(26, () => -3).replaceAll('2026-12', '2027-01')
    expect(() => read(late)).toThrow('do not cover the trip’s beginning')
    expect(
      read(
        csv(30, () => -3),
        3,
      ).isShort,
    ).toBe(true)
    expect(() => read('x'.repeat(2_000_001))).toThrow('far more than a year')
  })

  test('any text is answered or refused with a reason', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string({ maxLength: 300 }), fc.json({ maxDepth: 3 })), (text) => {
        try {
          expect(read(text).forecast.temperatureK.length).toBeGreaterThan(0)
        } catch (error) {
          expect(error).toMatchObject({ issues: [{ path: 'file' }] })
        }
      }),
    )
  })
})
