import { type Battery, batterySchema } from '@/core/run/battery/battery'
import type { Forecast } from '@/core/run/weather/forecast'
import { fromUnit } from '@/core/units/convert'
import { simulatedForecast } from '@/instruments/simulatedForecast'
import type { ApplianceEntry } from '@/records/repositories/trips/appliances'
import type { TripUseEntry } from '@/records/repositories/trips/trips'

const btuh = (number: number): number => fromUnit(number, 'power', 'btuh')
const hours = (number: number): number => number * 3600

/** The demo rig's appliances, and when they burn on the trip. */
export const demoAppliances: readonly {
  id: string
  entry: ApplianceEntry
  use: Omit<TripUseEntry, 'applianceId'>
}[] = [
  {
    id: 'panel',
    entry: { name: 'Panel heater', inputW: btuh(3000), supply: 'line', kind: 'panel-heater' },
    use: { burnPerDayS: hours(14) },
  },
  {
    // On 12 V for the first night, which is too much for the battery.
    id: 'fridge',
    entry: { name: 'Fridge', inputW: btuh(1400), supply: 'line', kind: 'fridge', currentA: 0.3 },
    use: { burnPerDayS: 0, habit: { way: 'around' }, byNight: ['battery', 'gas', 'gas', 'gas'] },
  },
  {
    id: 'cooktop',
    entry: { name: 'Cooktop', inputW: btuh(8000), supply: 'line', kind: 'cooktop' },
    use: { burnPerDayS: 0, habit: { way: 'acts', words: 'three coffees, tea, one soup, one dinner' } },
  },
  {
    // More than the weighed bottles hold.
    id: 'radiant',
    entry: { name: 'Small radiant', inputW: btuh(9000), supply: 'bottles', kind: 'portable-heater' },
    use: { burnPerDayS: hours(1.25) },
  },
]

/** An old lead battery. */
export const demoBattery: Battery = batterySchema.parse({
  capacityC: 80 * 3600,
  usableShare: 0.5,
  standingA: 0.9,
  solarC: 12 * 3600,
})

/** The forecast, the same each time the demo is created. */
export function demoForecast(startDay: string, nights: number): Forecast {
  let seed = 7
  const steady = (): number => {
    seed = (seed * 16_807) % 2_147_483_647
    return seed / 2_147_483_647
  }
  const served = simulatedForecast('larkspur', 'usual', `${startDay}T15:00`, nights * 24, steady)
  if (!served) throw new RangeError('larkspur')
  const { place, ...rest } = served
  return { origin: 'service', name: place, fromDay: startDay, ...rest }
}
