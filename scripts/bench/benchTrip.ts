import { fromUnit } from '@/core/units/convert'
import { tripRunSchema, type TripRunInput } from '@/core/run/simulation/tripRun'
import { typedForecast } from '@/core/run/weather/typedForecast'

const btuh = (number: number): number => fromUnit(number, 'power', 'btuh')
const nights = Array.from({ length: 7 }, () => ({ lowK: 264, highK: 276, windMS: 2 }))

/** Seven nights, two cylinders, six appliances, a room and a battery. */
export const benchTrip: TripRunInput = tripRunSchema.parse({
  startISO: '2026-12-04T15:00-07:00',
  nights: 7,
  altitudeM: 2410,
  cylinders: [
    { id: 'left', massKg: 9.07, waterCapacityKg: 21.59 },
    { id: 'right', massKg: 9.07, waterCapacityKg: 21.59 },
  ],
  changeover: 'automatic',
  rig: { lossWPerK: 60, capacityJPerK: 400_000 },
  forecast: typedForecast(nights, 15),
  battery: { capacityC: 360_000, usableShare: 0.9, solarC: 180_000 },
  stepS: 60,
  appliances: [
    {
      id: 'furnace',
      kind: 'furnace',
      inputW: btuh(20_000),
      currentA: 6,
      needsBattery: true,
      habit: { way: 'warmth', awakeK: 292, asleepK: 287 },
    },
    { id: 'fridge', kind: 'fridge', inputW: btuh(1400), habit: { way: 'around' } },
    { id: 'cook', kind: 'cooktop', inputW: btuh(8000), habit: { way: 'acts', words: 'two coffees, one dinner' } },
    {
      id: 'water',
      kind: 'water-heater',
      inputW: btuh(10_000),
      pilotW: btuh(450),
      habit: { way: 'acts', words: 'two showers, dishes' },
    },
    { id: 'oven', kind: 'oven', inputW: btuh(7000), habit: { way: 'acts', words: 'one bread' } },
    { id: 'light', kind: 'gas-light', inputW: btuh(1800), habit: { way: 'hours', burnPerDayS: 10_800, fromH: 18 } },
  ],
})
