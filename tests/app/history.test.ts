import { answers } from '@tests/gear'
import { temporaryFile } from '@tests/records/temporary'
import { POUND_KG } from '@tests/tradeUnits'
import { historyOf } from '@/app/cylinders/[id]/historyOf'
import { meteredFills } from '@/services/cylinders/cylinderEvents'
import { formatPhrase } from '@/core/units/formatQuantity'
import { addCylinder, findCylinder, plainCylinder } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'
import { voidEvent } from '@/records/repositories/events'
import { addFill } from '@/records/repositories/cylinders/fills'
import { addLevel } from '@/records/repositories/cylinders/levels'
import { addInspection } from '@/records/repositories/cylinders/inspections'
import { addMark } from '@/records/repositories/cylinders/marks'
import { addRig } from '@/records/repositories/rigs/rigs'
import { addWeighing } from '@/records/repositories/cylinders/weighings'

process.env.GOLD_KETTLE_DB = temporaryFile()
const records = database()
const at = (day: number): string => `2026-11-${String(day).padStart(2, '0')}T10:00:00.000Z`

beforeAll(() => {
  addRig(records, 'Marigold', 'rig')
  const stamps = {
    ...plainCylinder,
    kind: 'removable' as const,
    tareKg: 17.8 * POUND_KG,
    waterCapacityKg: 47.6 * POUND_KG,
  }
  addCylinder(records, 'rig', { ...stamps, name: 'Left' }, 'left')
  addWeighing(records, {
    cylinderId: 'left',
    weighedAt: at(1),
    grossKg: 31.4 * POUND_KG,
    hangingKg: 0,
    source: 'scale',
  })
  addWeighing(records, { cylinderId: 'left', weighedAt: at(2), grossKg: 10 * POUND_KG, hangingKg: 0, source: 'typed' })
  addLevel(records, {
    cylinderId: 'left',
    readAt: at(3),
    way: 'height',
    shown: 0.15,
    liquidFraction: 0.4,
    temperatureK: 288.7,
  })
  addInspection(records, {
    cylinderId: 'left',
    lookedAt: at(4),
    answers: answers('removable', ['bulge']),
    note: null,
    clearedBy: null,
  })
  addInspection(records, {
    cylinderId: 'left',
    lookedAt: at(5),
    answers: {},
    note: 'a shadow',
    clearedBy: 'the dealer',
  })
  addInspection(records, {
    cylinderId: 'left',
    lookedAt: at(6),
    answers: { bulge: 'sound' },
    note: null,
    clearedBy: null,
  })
  addMark(records, {
    cylinderId: 'left',
    enteredAt: at(7),
    month: '2025-05',
    letter: null,
    requalifier: null,
    form: 'sticker',
    photoId: null,
  })
  const fill = {
    cylinderId: 'left',
    mode: 'pump' as const,
    netKg: null,
    meteredM3: null,
    shownBefore: null,
    paid: null,
    note: null,
  }
  addFill(records, { ...fill, filledAt: at(8) }, null)
  addFill(
    records,
    {
      ...fill,
      filledAt: at(9),
      mode: 'by-weight',
      netKg: 9,
      meteredM3: 0.01,
      shownBefore: 0.25,
      paid: 12.5,
      note: '{net}',
    },
    { weighing: { grossKg: 37.6 * POUND_KG, hangingKg: 0, source: 'scale' } },
  )
})

function lines(): string[] {
  const gear = findCylinder(records, 'left')?.gear
  if (!gear) throw new Error('gone')
  return historyOf(gear).map(({ what, says, voidReason }) => {
    const told = formatPhrase(says, 'us').replaceAll('\u00a0', ' ')
    return `${what}: ${told}${voidReason === null ? '' : ` (${voidReason})`}`
  })
}

test('all events, newest first, each described', () => {
  // The fill and its weighing have the same time, so either may come first.
  const [first, second, ...rest] = lines()
  expect([first, second].toSorted()).toEqual([
    // The owner's text is inserted unchanged, braces included.
    'Filled by weight: 19.8 lb aboard afterwards, 2.6 gal metered, $12.50 paid, {net}',
    'Weighed: 37.6 lb on the scale, captured: 19.8 lb aboard',
  ])
  expect(rest).toEqual([
    'Filled at the pump: not measured afterwards',
    'Requalified: May 2025, volumetric, by a sticker',
    'Looked over: Sound as far as looked at; 10 left',
    'Cleared: By the dealer: a shadow',
    'Looked over: Not so: no bulge',
    'Height measured: 40 % of its inside is liquid: 10.1 lb',
    'Weighed: 10.0 lb on the scale, typed: does not fit the stamps',
    'Weighed: 31.4 lb on the scale, captured: 13.6 lb aboard',
  ])
})

test('fills with gauge and gallons calibrate the gauge; a voided one does not', () => {
  expect(meteredFills('left')).toEqual([{ shown: 0.25, meteredM3: 0.01 }])
  const gear = findCylinder(records, 'left')?.gear
  const fill = gear && historyOf(gear).find(({ what }) => what === 'Filled by weight')
  voidEvent(records, 'fill', fill?.id ?? '', at(10), 'another cylinder')
  expect(meteredFills('left')).toEqual([])
  expect(lines().filter((line) => line.endsWith('(another cylinder)'))).toHaveLength(2)
})
