import { typed } from '@tests/typed'
import { nothingTyped } from '@/ui/fields/typedQuantity'
import { POUND_KG, PSI_PA } from '@tests/tradeUnits'
import {
  fieldsOfCollar,
  readStampFields,
  retypedCollar,
  stampValues,
  turnedTo,
  type StampValues,
  type StoredStamps,
} from '@/app/cylinders/stampValues'
import { readStamps } from '@/core/cylinders/stamps/readStamps'

const MONTH = '2026-11'
const GALLON_WATER_KG = 3.785411784e-3 * 999.016

const stored: StoredStamps = {
  id: 'left',
  version: 3,
  name: 'Left',
  kind: 'removable',
  tareKg: 17.8 * POUND_KG,
  waterCapacityKg: 47.6 * POUND_KG,
  labelNetKg: null,
  manufacturedMonth: '2020-03',
  specification: 'DOT-4BA240',
  stampsText: 'TW 17.8',
  sources: {},
  overfillStop: 'yes',
  labelIntervalMonths: 60,
  endOfLifeMonth: '2031-01',
  ruleSetId: 'canada',
  ruleReason: 'bought there',
  reliefGaugePa: 375 * PSI_PA,
  fullMark: null,
  aboard: true,
}
const values = (change: Partial<StampValues> = {}): StampValues => ({ ...stampValues(stored, 'us'), ...change })
const read = (change: Partial<StampValues> = {}) => readStampFields(values(change), MONTH)

describe('fields of a stored cylinder', () => {
  test('in pounds and in kilograms', () => {
    expect(values()).toMatchObject({
      month: '2020-03',
      labelYears: '5',
      ...typed({ tare: '17.8', water: '47.6', relief: '375' }),
    })
    expect(stampValues(stored, 'metric')).toMatchObject(
      typed({ tare: '8.074', water: '21.591', relief: '25.86' }, 'metric'),
    )
  })
  test('a new one starts empty, unknown and aboard', () => {
    expect(stampValues(null, 'us')).toMatchObject({
      name: '',
      tare: nothingTyped,
      overfillStop: 'unknown',
      aboard: true,
      confirmed: false,
    })
  })
  test('a fixed tank is shown in gallons and has no tare', () => {
    const tank = stampValues({ ...stored, kind: 'onboard', tareKg: 0, waterCapacityKg: 24 * GALLON_WATER_KG }, 'us')
    expect(tank).toMatchObject({ kind: 'onboard', ...typed({ tare: '', water: '24' }) })
  })
  test('shown values read back as stored', () => {
    const { entry } = read()
    expect(entry).toMatchObject({
      name: 'Left',
      manufacturedMonth: '2020-03',
      labelIntervalMonths: 60,
      endOfLifeMonth: '2031-01',
      ruleSetId: 'canada',
      ruleReason: 'bought there',
      marks: [],
    })
    const back = entry as { tareKg: number; waterCapacityKg: number; reliefGaugePa: number }
    expect(back.tareKg).toBeCloseTo(stored.tareKg, 9)
    expect(back.waterCapacityKg).toBeCloseTo(stored.waterCapacityKg, 9)
    expect(back.reliefGaugePa / PSI_PA).toBeCloseTo(375, 6)
  })
})

test('a size taken by its picture, then a tare read: the water capacity stays assumed', () => {
  const assumedSize = {
    tareKg: { source: 'assumed', lowest: 4, highest: 9 },
    waterCapacityKg: { source: 'assumed' },
  } as const
  const before = { ...stampValues(stored, 'us'), collar: '', sources: assumedSize }
  expect(retypedCollar(before, 'TW 17.8', MONTH, 'us').sources).toEqual({
    tareKg: { source: 'stamped' },
    waterCapacityKg: { source: 'assumed' },
  })
  expect(retypedCollar(before, 'DOT-4BA240', MONTH, 'us').sources).toBeUndefined()
})

describe('a collar fills the fields in', () => {
  test('fills only the fields that it states', () => {
    const filled = fieldsOfCollar(readStamps('WC 47.6 06-11 05-25E OPD', MONTH), 'removable', 'us')
    expect(filled).toEqual({
      kind: 'removable',
      ...typed({ water: '47.6' }),
      sources: { waterCapacityKg: { source: 'stamped' } },
      month: '2011-06',
      marks: '05-2025 E',
      overfillStop: 'yes',
      confirmed: false,
    })
  })
  test('in the owner’s units, and by its kind', () => {
    expect(fieldsOfCollar(readStamps('TW 17.8 WC 47.6', MONTH), 'removable', 'metric')).toMatchObject(
      typed({ tare: '8.074' }, 'metric'),
    )
    expect(fieldsOfCollar(readStamps('DOT-39 NET WT 16.4 OZ', MONTH), 'removable', 'us')).toMatchObject({
      kind: 'bottle',
      ...typed({ label: '16.4' }),
    })
    expect(fieldsOfCollar(readStamps('ASME 24.1 WG', MONTH), 'removable', 'us')).toMatchObject({
      kind: 'onboard',
      ...typed({ water: '24.1' }),
    })
  })
})

describe('another kind converts the numbers, so that 47.6 lb does not become 47.6 gal', () => {
  test('to a fixed tank and back', () => {
    const tank = { ...values(), ...turnedTo('onboard', values(), 'us') }
    expect(Number(tank.water.text)).toBeCloseTo((47.6 * POUND_KG) / GALLON_WATER_KG, 1)
    const back = turnedTo('removable', tank, 'us')
    expect(Number(back.water?.text)).toBeCloseTo(47.6, 0)
  })
  test('to a bottle, in ounces', () => {
    const bottle = turnedTo('refillable-bottle', values(typed({ tare: '0.9', water: '2.4' })), 'us')
    expect(bottle).toEqual({ kind: 'refillable-bottle', ...typed({ tare: '14.4', water: '38.4' }) })
  })
  test('unreadable text stays as it is', () => {
    expect(turnedTo('onboard', values(typed({ water: 'much', tare: '' })), 'us')).toEqual({ kind: 'onboard' })
  })
})

describe('an unreadable field keeps its sentence and blocks saving', () => {
  test.each([
    [{ month: '13-20' }, 'month', /no month 13/],
    [{ month: '12-2026' }, 'month', /not come yet/],
    [{ marks: 'soon' }, 'marks', /is no mark/],
    [{ labelYears: 'five' }, 'labelYears', /whole years/],
    [{ labelYears: '99' }, 'labelYears', /whole years/],
    [{ endOfLife: '00-30' }, 'endOfLife', /no month 00/],
  ] as const)('%j', (change, field, sentence) => {
    const { entry, issues } = read(change)
    expect(entry).toBeNull()
    expect(issues[field]).toMatch(sentence)
  })
  test.each<Partial<StampValues>>([typed({ tare: 'heavy' }), typed({ water: '5 gal' }), typed({ relief: 'high' })])(
    '%j has its sentence at the field itself',
    (change) => {
      expect(read(change)).toMatchObject({ entry: null, issues: {} })
    },
  )
  test('fields that the kind does not ask are not looked at', () => {
    expect(read(typed({ label: 'nonsense' })).entry).not.toBeNull()
    expect(read({ kind: 'onboard', ...typed({ tare: 'nonsense', water: '24' }) }).entry).toMatchObject({
      tareKg: 0,
      fullMark: 'usable',
    })
  })
})

test('warnings appear while typing, and only when there is a reason', () => {
  expect(read(typed({ tare: '', water: '' })).doubts).toEqual([])
  expect(read(typed({ tare: '47.6', water: '17.8' })).doubts).toHaveLength(1)
  expect(read({ ruleSetId: '', ruleReason: 'left over' }).entry).toMatchObject({ ruleSetId: null, ruleReason: null })
})

describe('another collar typed', () => {
  const type = (before: StampValues, collar: string): StampValues => ({
    ...before,
    ...retypedCollar(before, collar, MONTH, 'us'),
  })
  test('clears what belonged to the one before, and keeps what was entered by hand', () => {
    const first = type(stampValues(null, 'us'), 'TW 17.8 WC 47.6 DOT-4BA240 06-11 05-25E OPD')
    expect(first).toMatchObject({ month: '2011-06', marks: '05-2025 E', overfillStop: 'yes' })
    const second = type({ ...first, specification: 'DOT-4BW240' }, 'TW 17.4')
    expect(second).toMatchObject({
      ...typed({ tare: '17.4' }),
      water: nothingTyped,
      month: '',
      marks: '',
      overfillStop: 'unknown',
      specification: 'DOT-4BW240',
    })
  })
  test('typed letter by letter it ends as typed at once', () => {
    const collar = 'TW 17.8 WC 47.6 DOT-4BA240 06-11 E 05-25'
    let fields = stampValues(null, 'us')
    for (let i = 1; i <= collar.length; i += 1) fields = type(fields, collar.slice(0, i))
    expect(fields).toEqual(type(stampValues(null, 'us'), collar))
  })
})
