import { answers } from '@tests/gear'
import { fahrenheit, POUND_KG } from '@tests/tradeUnits'
import { contentsFindings } from '@/core/cylinders/contents/contentsFindings'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { cylinderSummary } from '@/core/cylinders/contents/cylinderSummary'
import {
  addCylinder,
  listCylinders,
  plainCylinder,
  type CylinderEntry,
} from '@/records/repositories/cylinders/cylinders'
import type { Database } from '@/records/databaseType'
import { addLevel } from '@/records/repositories/cylinders/levels'
import { addInspection } from '@/records/repositories/cylinders/inspections'
import { addMark } from '@/records/repositories/cylinders/marks'
import { addRig, saveRig } from '@/records/repositories/rigs/rigs'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { temporaryDatabase } from './temporary'

const NOW = '2026-11-24T10:00:00.000Z'
const steel: CylinderEntry = {
  ...plainCylinder,
  name: 'Steel',
  kind: 'removable',
  tareKg: 17.8 * POUND_KG,
  waterCapacityKg: 47.6 * POUND_KG,
  manufacturedMonth: '2013-06',
}
const tank: CylinderEntry = { ...plainCylinder, name: 'Tank', kind: 'onboard', tareKg: 0, waterCapacityKg: 40 }

let records: Database
beforeEach(() => {
  records = temporaryDatabase()
})
afterEach(() => records.$client.close())

describe('two rigs in one file', () => {
  beforeEach(() => {
    for (const rig of ['a', 'b']) {
      addRig(records, `Rig ${rig}`, rig)
      addCylinder(records, rig, steel, `steel-${rig}`)
      addCylinder(records, rig, tank, `tank-${rig}`)
    }
  })

  test('each has its own cylinders, order and rule', () => {
    saveRig(records, 'b', 1, { ruleSetId: 'us-dot' })
    const seen = (rig: string) => listCylinders(records, rig).map(({ gear }) => `${gear.id} ${gear.fitness.rule.id}`)
    expect(seen('a')).toEqual(['steel-a ten-then-five', 'tank-a ten-then-five'])
    expect(seen('b')).toEqual(['steel-b us-dot', 'tank-b us-dot'])
    expect(listCylinders(records, 'c')).toEqual([])
  })

  test('events of one do not appear in the other', () => {
    addWeighing(records, { cylinderId: 'steel-a', weighedAt: NOW, grossKg: 14, hangingKg: 0, source: 'typed' })
    addMark(records, {
      cylinderId: 'steel-b',
      enteredAt: NOW,
      month: '2025-05',
      letter: 'E',
      requalifier: null,
      form: 'stamp',
      photoId: null,
    })
    addInspection(records, {
      cylinderId: 'tank-a',
      lookedAt: NOW,
      answers: answers('onboard', ['bulge']),
      note: null,
      clearedBy: null,
    })
    addLevel(records, {
      cylinderId: 'tank-b',
      readAt: NOW,
      way: 'gauge',
      shown: 0.5,
      liquidFraction: 0.4,
      temperatureK: 288.7,
    })
    const told = ['a', 'b'].flatMap((rig) =>
      listCylinders(records, rig).map(({ gear }) => [
        gear.id,
        gear.lastWeighing !== null,
        gear.fitness.marks.length,
        gear.fitness.retiredBy !== null,
        gear.lastLevel !== null,
      ]),
    )
    expect(told).toEqual([
      ['steel-a', true, 0, false, false],
      ['tank-a', false, 0, true, false],
      ['steel-b', false, 1, false, false],
      ['tank-b', false, 0, false, true],
    ])
  })
})

describe('a fixed tank', () => {
  beforeEach(() => {
    addRig(records, 'Rig', 'rig')
    addCylinder(records, 'rig', tank, 'tank')
  })
  const gear = () => {
    const found = listCylinders(records, 'rig')[0]?.gear
    if (!found) throw new Error('gone')
    return found
  }
  const read = (liquidFraction: number, readAt = NOW, temperatureK = fahrenheit(60)) =>
    addLevel(records, {
      cylinderId: 'tank',
      readAt,
      way: 'gauge',
      shown: liquidFraction / 0.8,
      liquidFraction,
      temperatureK,
    })

  test('has no tare, and only a fixed tank may lack one', () => {
    expect(gear().tareKg).toBe(0)
    expect(() => addCylinder(records, 'rig', { ...steel, tareKg: 0 })).toThrow(/CHECK/)
  })
  test('without a reading it is unknown, and the remedy is its gauge', () => {
    expect(contentsFindings(gear(), NOW)).toMatchObject([{ code: 'cylinder-not-weighed', remedy: { page: 'level' } }])
    expect(cylinderSummary(gear(), NOW)).toMatchObject({ net: null, level: null, due: { status: 'no-date' } })
  })
  test('by its last reading, and a reading weeks old is said to be old', () => {
    read(0.4)
    expect(gearContents(gear())?.fractionOfLimit).toBeCloseTo(0.5, 1)
    expect(contentsFindings(gear(), NOW)).toEqual([])
    const later = '2026-12-24T10:00:00.000Z'
    expect(contentsFindings(gear(), later)).toMatchObject([
      { code: 'weighing-old', severity: 'note', remedy: { page: 'level' } },
    ])
  })
  test('above its stop level it is overfilled, and a stop', () => {
    read(0.88)
    expect(contentsFindings(gear(), NOW)[0]).toMatchObject({ code: 'cylinder-overfilled', severity: 'stop' })
    expect(cylinderSummary(gear(), NOW).mark).toBe('stop')
  })
})
