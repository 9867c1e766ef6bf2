import fc from 'fast-check'
import { applianceUse, bottleGear, cylinderGear, tripPlan } from '@tests/gear'
import { BTU_PER_HOUR_W, OUNCE_KG, POUND_KG } from '@tests/tradeUnits'
import { InputError } from '@/core/base/InputError'
import { burnedGasKg, runtimeS } from '@/core/appliances/runtime'
import type { TripPlan } from '@/core/run/tripPlan'
import { gasForTrip } from '@/core/run/analysis/gasForTrip'
import { gasFindings } from '@/core/run/analysis/gasFindings'
import { tripSlip } from '@/core/run/analysis/tripSlip'

const codes = (cylinders: Parameters<typeof gasForTrip>[0], trip: TripPlan): string[] =>
  gasFindings(gasForTrip(cylinders, trip), trip).map(({ code }) => code)

describe('runtime', () => {
  /** Common practice: 2.4 to 2.5 h and 5.5 h for a one-pound bottle, about 48 h for 20 lb. */
  test.each([
    [16.4 * OUNCE_KG, 9000, 2.4, 2.5],
    [16.4 * OUNCE_KG, 4000, 5.4, 5.6],
    [20 * POUND_KG, 9000, 47, 49],
  ])('%d kg at %d BTU/h', (massKg, btuh, from, to) => {
    const hours = runtimeS(massKg, btuh * BTU_PER_HOUR_W) / 3600
    expect(hours).toBeGreaterThanOrEqual(from)
    expect(hours).toBeLessThanOrEqual(to)
  })

  test('gas burned over the runtime equals the gas available', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 200, noNaN: true }),
        fc.double({ min: 1, max: 1e5, noNaN: true }),
        (massKg, inputW) => {
          expect(burnedGasKg(inputW, runtimeS(massKg, inputW))).toBeCloseTo(massKg, 9)
        },
      ),
    )
  })

  test('an appliance of 0 W, a negative draw and a negative mass are refused', () => {
    expect(() => runtimeS(1, 0)).toThrow(/burns nothing/)
    expect(() => runtimeS(1, -5)).toThrow(InputError)
    expect(() => runtimeS(-1, 100)).toThrow(InputError)
    expect(() => burnedGasKg(-1, 1)).toThrow(InputError)
    expect(() => burnedGasKg(1, -1)).toThrow(InputError)
  })
})

describe('gas for a trip', () => {
  test('each supply is counted by itself: bottles do not feed the line', () => {
    const uses = [
      applianceUse(),
      applianceUse({ id: 'small', name: 'Small radiant', supply: 'bottles', burnPerDayS: 1800 }),
    ]
    const [line, bottles] = gasForTrip([cylinderGear(), bottleGear()], tripPlan({ uses }))
    expect((line?.aboardKg ?? 0) / POUND_KG).toBeCloseTo(13.6, 9)
    expect((bottles?.aboardKg ?? 0) / OUNCE_KG).toBeCloseTo(13.0, 9)
    expect(line?.uses).toHaveLength(1)
  })

  test('3,000 BTU/h for 8 h on 4 nights is 4.4 lb; a fifth more is the reserve', () => {
    const [line] = gasForTrip([cylinderGear()], tripPlan())
    expect((line?.neededKg ?? 0) / POUND_KG).toBeCloseTo(4.43, 2)
    expect((line?.reserveKg ?? 0) / (line?.neededKg ?? 1)).toBeCloseTo(0.2, 12)
    expect((line?.leftKg ?? 0) / POUND_KG).toBeCloseTo(13.6 - 4.43 * 1.2, 1)
  })

  test('what stays at home, is CO2, or was never weighed does not count', () => {
    const cylinders = [
      cylinderGear({ aboard: false }),
      cylinderGear({ id: 'co2', kind: 'co2' }),
      cylinderGear({ id: 'right', lastWeighing: null }),
    ]
    const [line] = gasForTrip(cylinders, tripPlan())
    expect(line).toMatchObject({ aboardKg: 0, allWeighed: false })
    expect(line?.cylinders.map(({ cylinder }) => cylinder.id)).toEqual(['right'])
  })

  test.each<[string, Partial<TripPlan>, string]>([
    ['no nights', { nights: 0 }, 'nights'],
    ['half a night', { nights: 1.5 }, 'nights'],
    ['25 hours a day', { uses: [applianceUse({ burnPerDayS: 25 * 3600 })] }, 'uses.0.burnPerDayS'],
    ['negative hours', { uses: [applianceUse({ burnPerDayS: -1 })] }, 'uses.0.burnPerDayS'],
    ['a reserve of more than all', { reserveShare: 1.5 }, 'reserveShare'],
  ])('%s is refused at its field', (_, change, path) => {
    try {
      gasForTrip([cylinderGear()], tripPlan(change))
    } catch (error) {
      expect((error as InputError).issues[0]?.path).toBe(path)
      return
    }
    throw new Error('accepted')
  })
})

describe('the trip’s calculation', () => {
  test('adds up: aboard − every appliance − reserve', () => {
    const trip = tripPlan({ uses: [applianceUse(), applianceUse({ id: 'b', name: 'Cooktop', burnPerDayS: 3600 })] })
    const [line] = gasForTrip([cylinderGear(), cylinderGear({ id: 'right', name: 'Right cylinder' })], trip)
    if (!line) throw new Error('no line')
    const slip = tripSlip(line, trip.nights, trip.reserveShare)
    const sum = slip.lines.reduce((total, { sign, figure }) => {
      if (sign === '=') {
        expect(figure.quantity.value).toBeCloseTo(total, 12)
        return total
      }
      return sign === '−' ? total - figure.quantity.value : total + figure.quantity.value
    }, 0)
    expect(slip.result.label).toBe('Left over')
    expect(slip.result.figure.quantity.value).toBeCloseTo(sum, 12)
    const short = tripSlip({ ...line, leftKg: -1 }, trip.nights, trip.reserveShare)
    expect(short.result).toMatchObject({ label: 'Short by', figure: { quantity: { value: 1 } } })
  })
})

describe('findings', () => {
  test('enough with its reserve raises no finding', () => {
    expect(codes([cylinderGear()], tripPlan())).toEqual([])
  })

  test('short of the reserve, and short altogether', () => {
    const hours = (perDay: number) => tripPlan({ uses: [applianceUse({ burnPerDayS: perDay * 3600 })] })
    expect(codes([cylinderGear()], hours(22))).toEqual(['reserve-short'])
    expect(codes([cylinderGear({ lastWeighing: null })], hours(22))).toEqual(['gas-not-enough'])
  })

  test('no hours on any appliance is not “enough”', () => {
    expect(codes([cylinderGear()], tripPlan({ uses: [] }))).toEqual(['no-appliance-hours'])
  })
})

test('an overfilled cylinder does not count: it must not be used', () => {
  const weighing = { grossKg: 39 * POUND_KG, hangingKg: 0, weighedAt: '2026-11-30T00:00:00Z' }
  const [line] = gasForTrip([cylinderGear(), cylinderGear({ id: 'r', lastWeighing: weighing })], tripPlan())
  expect((line?.aboardKg ?? 0) / POUND_KG).toBeCloseTo(13.6, 9)
  expect(line).toMatchObject({
    allWeighed: true,
    cylinders: [{ barred: null }, { barred: 'overfilled', usableKg: null }],
  })
})
