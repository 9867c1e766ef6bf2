import { change, edited } from '@tests/lines'
import { addCylinder, findCylinder, plainCylinder } from '@/records/repositories/cylinders/cylinders'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { voidEvent } from '@/records/repositories/events'
import { addLeakReading, addLeakTest } from '@/records/repositories/lines/leakTests'
import { saveLine } from '@/records/repositories/lines/lines'
import { addRig } from '@/records/repositories/rigs/rigs'
import type { Database } from '@/records/databaseType'
import { temporaryDatabase } from './temporary'
import { testedLine } from './testedLine'

let records: Database
const at = (hour: number): string => `2026-11-24T${String(hour).padStart(2, '0')}:00:00.000Z`

beforeEach(() => {
  records = temporaryDatabase()
  addRig(records, 'Marigold', 'rig')
})
afterEach(() => records.$client.close())

function fitnessOf(id: string) {
  return findCylinder(records, id)?.gear.fitness
}

describe('a leak of the vessel belongs to the cylinder', () => {
  beforeEach(() => {
    const entry = { ...plainCylinder, name: 'Left', kind: 'removable', tareKg: 8, waterCapacityKg: 21.6 } as const
    addCylinder(records, 'rig', entry, 'mine')
    const { line } = testedLine(records, 'rig', at(1))
    saveLine(records, 'house', 1, { line: edited(line, change('left', { cylinderId: 'mine' })) }, at(2))
  })
  const read = (testId: string, itemId: string, grade: 'none' | 'hiss', hour: number, isLeft = false) =>
    addLeakReading(records, { testId, itemId, grade, leftForTechnician: isLeft, readAt: at(hour) })
  const readRepaired = (testId: string, itemId: string, hour: number) => {
    const repair = { technician: 'Northgate Gas', repairedOn: at(hour).slice(0, 10) }
    addLeakReading(records, { testId, itemId, grade: 'none', leftForTechnician: false, readAt: at(hour), repair })
  }

  test.each(['vessel', 'relief', 'stem'])('at its %s, until a technician repaired it and it reads none', (kind) => {
    read('walk', `${kind} left`, 'hiss', 3)
    read('walk', `${kind} left`, 'none', 4)
    expect(fitnessOf('mine')?.vesselLeak).toMatchObject({ foundAt: at(3) })
    readRepaired('walk', `${kind} left`, 5)
    expect(fitnessOf('mine')?.vesselLeak).toBeNull()
    read('walk', `${kind} left`, 'none', 6)
    expect(fitnessOf('mine')?.vesselLeak).toBeNull()
  })

  test.each(['bleeder'])('at its %s, until that place reads none', (kind) => {
    expect(fitnessOf('mine')?.vesselLeak).toBeNull()
    read('walk', `${kind} left`, 'hiss', 3)
    expect(fitnessOf('mine')?.vesselLeak).toMatchObject({ foundAt: at(3) })
    read('walk', `${kind} left`, 'none', 4)
    expect(fitnessOf('mine')?.vesselLeak).toBeNull()
  })
  test('a new test does not make it tight, a repaired place does', () => {
    read('walk', 'vessel left', 'hiss', 3)
    addLeakTest(records, { lineId: 'house', startedAt: at(5), fingerprint: 'new', sheet: [] }, 'second')
    expect(fitnessOf('mine')?.vesselLeak).toMatchObject({ foundAt: at(3) })
    read('second', 'vessel left', 'none', 6)
    expect(fitnessOf('mine')?.vesselLeak).not.toBeNull()
    readRepaired('second', 'vessel left', 7)
    expect(fitnessOf('mine')?.vesselLeak).toBeNull()
  })
  test('a joint is not the vessel, and a place left for a technician is a leak', () => {
    read('walk', 'body changeover', 'hiss', 3)
    expect(fitnessOf('mine')?.vesselLeak).toBeNull()
    read('walk', 'relief left', 'none', 4, true)
    expect(fitnessOf('mine')?.vesselLeak).not.toBeNull()
  })
})

describe('a bottle that is not made to be refilled and weighs more than before', () => {
  const weigh = (cylinderId: string, grossKg: number, hour: number, id?: string) =>
    addWeighing(records, { cylinderId, grossKg, hangingKg: 0, weighedAt: at(hour), source: 'typed' }, id)
  beforeEach(() => {
    const entry = { ...plainCylinder, tareKg: 0.414, waterCapacityKg: 1.107, labelNetKg: 0.465 }
    addCylinder(records, 'rig', { ...entry, name: 'Throw-away', kind: 'bottle' }, 'throwaway')
    addCylinder(records, 'rig', { ...entry, name: 'Refillable', kind: 'refillable-bottle' }, 'refillable')
  })

  test('is asked about; within what two readings differ by it is not', () => {
    weigh('throwaway', 0.6, 1)
    weigh('throwaway', 0.615, 2)
    expect(fitnessOf('throwaway')?.heavier).toBeNull()
    weigh('throwaway', 0.85, 3)
    expect(fitnessOf('throwaway')?.heavier).toMatchObject({ weighedAt: at(3) })
    expect(fitnessOf('throwaway')?.heavier?.byKg).toBeCloseTo(0.25, 9)
  })
  test('a weighing that was struck out does not count', () => {
    weigh('throwaway', 0.6, 1)
    weigh('throwaway', 0.85, 2, 'wrong')
    voidEvent(records, 'weighing', 'wrong', 'typed wrong', at(3))
    expect(fitnessOf('throwaway')?.heavier).toBeNull()
  })
  test('one that is made to be refilled is never asked about', () => {
    weigh('refillable', 0.6, 1)
    weigh('refillable', 0.85, 2)
    expect(fitnessOf('refillable')?.heavier).toBeNull()
  })
})
