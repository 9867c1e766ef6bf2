import { typed } from '@tests/typed'
import { nothingTyped } from '@/ui/fields/typedQuantity'
import fc from 'fast-check'
import { applianceUse, cylinderGear, NOW, rigGear } from '@tests/gear'
import {
  isByHabit,
  judgeTyped,
  readTrip,
  tripValues,
  type StoredTrip,
  type TripValues,
} from '@/app/trips/plan/tripForm'
import { unitSystems } from '@/core/units/displayRoles'

const heater = applianceUse()
const stove = applianceUse({ id: 'stove', name: 'Stove', burnPerDayS: 5400 })
const appliances = [heater, stove]

const stored: StoredTrip = {
  id: 'trip',
  version: 3,
  name: 'Larkspur Saddle',
  startDay: '2026-12-04',
  nights: 4,
  altitudeM: 2410,
  coldestK: 264.15,
  reserveShare: 0.2,
  sources: {},
}

function values(change: Partial<TripValues> = {}): TripValues {
  return { ...tripValues(stored, [heater, stove], appliances, '2027-01-01', 'us'), ...change }
}

describe('fields of a stored trip', () => {
  test.each(unitSystems)('come back as they were stored, read in %s', (system) => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 366 }),
        fc.integer({ min: 0, max: 4000 }),
        fc.integer({ min: 0, max: 1440 }),
        fc.integer({ min: 0, max: 1000 }),
        (nights, altitudeM, minutes, perMille) => {
          const trip = { ...stored, nights, altitudeM, reserveShare: perMille / 1000 }
          const use = { ...heater, burnPerDayS: minutes * 60 }
          const fields = tripValues(trip, [use], appliances, '2027-01-01', system)
          const { plan, readable } = readTrip(fields, 'trip', appliances)
          expect(readable).toBe(true)
          expect(plan.nights).toBe(nights)
          expect(Math.abs(plan.altitudeM - altitudeM)).toBeLessThan(0.06)
          expect(plan.reserveShare).toBeCloseTo(perMille / 1000, 9)
          // Hours are shown to a hundredth, 36 seconds.
          const read = plan.uses[0]?.burnPerDayS ?? 0
          expect(Math.abs(read - minutes * 60)).toBeLessThanOrEqual(18.1)
        },
      ),
    )
  })

  test('of a new trip: three nights, a fifth in reserve, the day suggested', () => {
    const fresh = tripValues(null, [], appliances, '2027-01-01', 'metric')
    expect(fresh).toMatchObject({ name: '', nights: '3', reserve: '20', startDay: '2027-01-01', coldest: nothingTyped })
    expect(fresh.hours).toEqual({ heater: nothingTyped, stove: nothingTyped })
  })
})

describe('typed values', () => {
  test('an appliance without hours does not burn; an empty coldest night is not known', () => {
    const { plan, readable } = readTrip(
      values({ hours: typed({ heater: '', stove: '1 h 30 min' }), ...typed({ coldest: '' }) }),
      'trip',
      appliances,
    )
    expect(readable).toBe(true)
    expect(plan.coldestK).toBeNull()
    expect(plan.uses.map(({ id, burnPerDayS }) => [id, burnPerDayS])).toEqual([['stove', 5400]])
  })

  test.each<[string, Partial<TripValues>, 'nights' | 'reserve' | null]>([
    ['no nights', { nights: '' }, 'nights'],
    ['nights in words', { nights: 'four' }, 'nights'],
    ['half a night', { nights: '2.5' }, 'nights'],
    ['a year and more', { nights: '367' }, 'nights'],
    ['no reserve', { reserve: ' ' }, 'reserve'],
    ['a reserve in words', { reserve: 'some' }, 'reserve'],
    ['a reserve over all', { reserve: '101' }, 'reserve'],
    ['an altitude in pounds', typed({ altitude: '9 lb' }), null],
    ['hours in words', { hours: typed({ heater: 'all day', stove: '' }) }, null],
  ])('%s cannot be read', (_, change, field) => {
    const { readable, issues } = readTrip(values(change), 'trip', appliances)
    expect(readable).toBe(false)
    expect(Object.keys(issues)).toEqual(field === null ? [] : [field])
  })

  test('a reserve with its sign or a comma is read', () => {
    expect(readTrip(values({ reserve: '12,5 %' }), 'trip', appliances).plan.reserveShare).toBeCloseTo(0.125, 12)
  })
})

describe('judged while typing', () => {
  test('readable: a judgment; unreadable: none; impossible: the sentence of core', () => {
    const judge = (change: Partial<TripValues>) =>
      judgeTyped(readTrip(values(change), 'trip', appliances), rigGear([cylinderGear()]), NOW)
    expect(judge({}).judgment?.balances).toHaveLength(2)
    expect(judge({ nights: '' })).toEqual({ judgment: null, refusal: null })
    const { judgment, refusal } = judge({ hours: typed({ heater: '25', stove: '' }) })
    expect(judgment).toBeNull()
    expect(refusal?.issues[0]).toEqual({ path: 'uses.0.burnPerDayS', message: 'Panel heater: a day has 24 hours.' })
  })
})

describe('an appliance whose habit decides', () => {
  const fridge = {
    ...applianceUse({ id: 'stove', name: 'Fridge', kind: 'fridge' }),
    burnPerDayS: 0,
    habit: { way: 'around' } as const,
  }
  const kept = { uses: [heater, fridge], settings: null, forecast: null }

  test('burns by the habit, whatever the hours field says', () => {
    const { plan } = readTrip(values({ hours: typed({ heater: '2', stove: '9' }) }), 'trip', appliances, kept)
    expect(plan.uses.find(({ id }) => id === 'stove')).toMatchObject({ habit: { way: 'around' }, burnPerDayS: 0 })
    expect(isByHabit(kept, 'stove')).toBe(true)
    expect(isByHabit(kept, 'heater')).toBe(false)
  })

  test('how its hours are known is of the trip: not what is known of the appliance', () => {
    const sources = { habit: { source: 'assumed' as const } }
    const uses = [heater, fridge].map((use) => ({ ...use, sources, heatsRoom: false }))
    const ofAppliances = appliances.map((one) => ({ ...one, sources: { inputW: { source: 'assumed' as const } } }))
    const typedHours = (hours: string) =>
      readTrip(values({ hours: typed({ heater: hours, stove: '' }) }), 'trip', ofAppliances, { ...kept, uses }).plan
        .uses
    const asStored = String(heater.burnPerDayS / 3600)
    expect(typedHours(asStored).map((use) => use.sources)).toEqual([sources, sources])
    expect(typedHours('2').map((use) => use.sources)).toEqual([{}, sources])
    expect(typedHours('2').map((use) => use.heatsRoom)).toEqual([false, false])
  })

  test('typed hours keep the hour of the clock they begin at', () => {
    const clocked = { ...kept, uses: [{ ...heater, habit: { way: 'hours' as const, burnPerDayS: 60, fromH: 6 } }] }
    const { plan } = readTrip(values({ hours: typed({ heater: '2', stove: '' }) }), 'trip', appliances, clocked)
    expect(plan.uses).toMatchObject([{ id: 'heater', habit: { way: 'hours', burnPerDayS: 7200, fromH: 6 } }])
  })
})
