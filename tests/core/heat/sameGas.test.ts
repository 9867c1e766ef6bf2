import fc from 'fast-check'
import { steadyWeather, tripRun } from '@tests/run'
import { heaterGear } from '@tests/heat'
import { compareHeater } from '@/core/heat/heaters/compareHeater'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { heatOutlook } from '@/core/heat/warmth/heatOutlook'
import { runTrip } from '@/core/run/simulation/runTrip'

const HOUR_S = 3600

test('property: “which heater”, the night of the warm-up log and the trip hour by hour burn the same gas to keep a room warm, flue included', () => {
  fc.assert(
    fc.property(
      fc.boolean(),
      fc.integer({ min: 20, max: 80 }),
      fc.integer({ min: 258, max: 282 }),
      (isVented, lossWPerK, outsideK) => {
        const kind = isVented ? 'furnace' : 'panel-heater'
        const insideK = 291.15
        const highW = 20_000
        const { heater } = heaterGear({ vented: isVented, highW, lowW: 300 })
        const night = { outsideK, insideK, keepS: 24 * HOUR_S }
        const warmth = { lossWPerK, capacityJPerK: 300_000 }
        const money = { gasPerKg: null, price: null, lastsNights: null }
        const { keepW } = compareHeater(heater, warmth, night, 0, money)
        const appliance = {
          id: 'heater',
          kind,
          inputW: highW,
          habit: { way: 'warmth' as const, awakeK: insideK, asleepK: insideK },
        }
        const run = runTrip(
          tripRun({
            nights: 3,
            cylinders: [{ id: 'a', massKg: 80, waterCapacityKg: 220 }],
            forecast: steadyWeather(3, outsideK),
            rig: warmth,
            appliances: [appliance],
          }),
        )
        const outlook = heatOutlook(warmth, { ...night, inputW: highW, vented: isVented })
        expect(outlook.keepW).toBe(keepW)
        const perDayKg = (keepW * 24 * HOUR_S) / heatingValueJPerKg()
        const lastW = run.series.at(-1)?.sources[0]?.wantedW ?? 0
        expect((lastW * 24 * HOUR_S) / heatingValueJPerKg()).toBeCloseTo(perDayKg, 3)
      },
    ),
    { numRuns: 25 },
  )
})
