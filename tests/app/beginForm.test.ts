import { typed } from '@tests/typed'
import { POUND_KG } from '@tests/tradeUnits'
import { beginValues, readBegin } from '@/app/begin/beginForm'

const empty = beginValues('2026-12-04')
const read = (change: Partial<typeof empty>) => readBegin({ ...empty, ...change }, '2026-11')

test('empty fields give a rig with the default name and the usual trip', () => {
  const { said, issues } = read({})
  expect(issues).toEqual({})
  expect(said).toMatchObject({
    rigName: 'My rig',
    cylinder: null,
    heater: null,
    burns: [],
    trip: {
      name: 'The first trip',
      startDay: '2026-12-04',
      nights: 3,
      altitudeM: null,
      coldestK: null,
      reserveShare: 0.2,
    },
  })
  // A hose and a regulator exist even when not entered; their dates are asked for.
  expect(said.equipment).toEqual([
    { kind: 'regulator', madeMonth: null, sound: false },
    { kind: 'hose', madeMonth: null, sound: false },
  ])
})

test('quantities as people type them, in both unit systems', () => {
  const us = read({
    sizeId: 'removable-20',
    made: '03-20',
    ...typed({ gross: '37 lb 8 oz', coldest: '28', altitude: '7,907' }),
  })
  expect(us.said.cylinder).toEqual({
    sizeId: 'removable-20',
    grossKg: expect.closeTo(37.5 * POUND_KG, 9),
    madeMonth: '2020-03',
    count: 1,
  })
  expect(us.said.trip.coldestK).toBeCloseTo(270.93, 2)
  expect(us.said.trip.altitudeM).toBeCloseTo(2410, 0)
  expect(read({ sizeId: 'removable-20', ...typed({ gross: '17' }, 'metric') }).said.cylinder?.grossKg).toBe(17)
})

test.each([
  [typed({ gross: 'heavy' }), 'cylinder'],
  [{ made: '13-20' }, 'cylinder'],
  [{ nights: '0' }, 'trip'],
  [{ nights: '367' }, 'trip'],
  [{ nights: 'some' }, 'trip'],
  [typed({ altitude: 'high' }), 'trip'],
  [typed({ coldest: 'icy' }), 'trip'],
] as const)('unreadable input is reported at its page: %j', (change, step) => {
  const { issues } = read(change)
  expect(Object.keys(issues)).toEqual([step])
  expect(issues[step]).toMatch(/\w{3}/)
})

test('a survey: there with its month, not there, not known', () => {
  const { equipment } = read({
    found: {
      ...empty.found,
      'co-alarm': { state: 'there', made: '05-24' },
      hose: { state: 'none', made: '' },
      extinguisher: { state: 'sound', made: 'unreadable' },
    },
  }).said
  expect(equipment).toEqual([
    { kind: 'regulator', madeMonth: null, sound: false },
    { kind: 'co-alarm', madeMonth: '2024-05', sound: false },
    { kind: 'extinguisher', madeMonth: null, sound: true },
  ])
})
