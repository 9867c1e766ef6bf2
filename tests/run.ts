import { tripRunSchema, type TripRunInput } from '@/core/run/simulation/tripRun'
import type { RunRig } from '@/core/run/simulation/buildRunInput'
import { typedForecast } from '@/core/run/weather/typedForecast'
import { cylinderGear } from './gear'
import { BTU_PER_HOUR_W, fahrenheit, POUND_KG } from './tradeUnits'

/** The same night and day temperatures throughout. */
export function steadyWeather(nights: number, lowK: number, highK = lowK, windMS = 0) {
  return typedForecast(
    Array.from({ length: nights }, () => ({ lowK, highK, windMS })),
    15,
  )
}

/** A 20 lb cylinder with a number of pounds in it. */
export function twentyPound(id: string, pounds: number, change: object = {}) {
  return {
    id,
    name: id,
    massKg: pounds * POUND_KG,
    waterCapacityKg: 47.6 * POUND_KG,
    wallKg: 17.5 * POUND_KG,
    limitKg: 20 * POUND_KG,
    ...change,
  }
}

/** An appliance that burns all day at one input. */
export function steadyBurner(btuh: number, change: object = {}) {
  return {
    id: 'burner',
    name: 'Burner',
    inputW: btuh * BTU_PER_HOUR_W,
    habit: { way: 'hours', burnPerDayS: 86_400, fromH: 0 },
    ...change,
  }
}

/** A mild trip with one full cylinder and a small burner; override what a test is about. */
export function tripRun(change: object = {}): TripRunInput {
  return tripRunSchema.parse({
    startISO: '2026-12-04T15:00-07:00',
    nights: 2,
    cylinders: [twentyPound('left', 20)],
    appliances: [steadyBurner(2000)],
    forecast: steadyWeather(2, 288.15),
    ...change,
  })
}

/** The line with a changeover. */
export const lineSource = (changeover: string) => [{ id: 'line', name: 'the line', changeover }]

/** A night at 5 °F with a large burner that one cylinder alone cannot supply. */
export const coldTrip = tripRun({
  nights: 1,
  forecast: steadyWeather(1, fahrenheit(5)),
  cylinders: [twentyPound('left', 13), twentyPound('right', 13)],
  sources: lineSource('one-side'),
  wakeH: 0,
  sleepH: 24,
  appliances: [steadyBurner(17_000)],
})

/** A rig of one cylinder without a line or anything else; override what a test is about. */
export function runRig(change: Partial<RunRig> = {}): RunRig {
  return { cylinders: [cylinderGear()], lines: [], warmth: null, battery: null, ...change }
}
