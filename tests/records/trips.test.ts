import { addAcceptance, activeAcceptances } from '@/records/repositories/trips/acceptances'
import type { Database } from '@/records/databaseType'
import { voidEvent } from '@/records/repositories/events'
import {
  addCalibration,
  learnedFactors,
  listCalibrations,
  type CalibrationEntry,
} from '@/records/repositories/trips/calibrations'
import { listReadings } from '@/records/repositories/cylinders/readings'
import { loadRig } from '@/records/repositories/rigs/loadRig'
import { ConflictError } from '@/records/RecordsError'
import {
  findRig,
  listArchivedRigs,
  listRigs,
  activeRig,
  saveRig,
  activateRig,
  addRig,
} from '@/records/repositories/rigs/rigs'
import { archiveTrip, findTrip, listTrips, nextTrip } from '@/records/repositories/trips/trips'
import {
  findVerdict,
  saveVerdict,
  lastVerdict,
  listVerdicts,
  plannedByTrip,
} from '@/records/repositories/trips/verdicts'
import { readinessSchema } from '@/core/trip/readiness/rigSchema'
import { writeDemoRecords } from '../../scripts/demo/writeDemoRecords'
import { temporaryDatabase } from './temporary'

const NOW = '2026-11-24T12:00:00.000Z'
let records: Database

beforeEach(() => {
  records = temporaryDatabase()
  writeDemoRecords(records, new Date(NOW))
})
afterEach(() => records.$client.close())

test('acceptances hold until they are voided, in the order they were given', () => {
  const entry = { tripId: 'larkspur', findingKey: 'a', sentence: { text: 'x' }, reason: 'known', acceptedAt: NOW }
  const { id } = addAcceptance(records, entry)
  addAcceptance(records, { ...entry, findingKey: 'b', reason: 'also' })
  expect(activeAcceptances(records, 'larkspur').map(({ findingKey }) => findingKey)).toEqual(['a', 'b'])
  voidEvent(records, 'acceptance', id, NOW, 'counts again')
  expect(activeAcceptances(records, 'larkspur').map(({ reason }) => reason)).toEqual(['also'])
  expect(activeAcceptances(records, 'quarry-lake')).toEqual([])
})

describe('verdicts', () => {
  const entry = () => {
    const kept = lastVerdict(records, 'quarry-lake')?.kept
    if (!kept) throw new Error('none kept')
    return { tripId: 'larkspur', judgedAt: NOW, verdict: 'stop', fingerprint: 'one', kept } as const
  }

  test('the same one is stored once; a different one is stored beside it', () => {
    const first = saveVerdict(records, entry())
    expect(saveVerdict(records, { ...entry(), judgedAt: '2026-11-25T12:00:00.000Z' }).id).toBe(first.id)
    const notes = entry().kept.findings.filter(({ severity }) => severity === 'note')
    const kept = { ...entry().kept, findings: notes }
    const second = { ...entry(), judgedAt: '2026-11-26T12:00:00.000Z', fingerprint: 'two', verdict: 'ready' as const }
    saveVerdict(records, { ...second, kept })
    // Back to an earlier state: stored again, since the time differs.
    saveVerdict(records, { ...entry(), judgedAt: '2026-11-27T12:00:00.000Z' })
    expect(listVerdicts(records, 'larkspur').map(({ verdict }) => verdict)).toEqual(['stop', 'ready', 'stop'])
    expect(lastVerdict(records, 'larkspur', ['ready'])?.fingerprint).toBe('two')
    expect(findVerdict(records, first.id)?.kept.findings.length).toBeGreaterThan(5)
  })

  test('one that an earlier version called ready, with findings accepted, is shown as the owner’s call', () => {
    const { id } = saveVerdict(records, { ...entry(), verdict: 'ready' })
    expect(entry().kept.findings.some(({ severity }) => severity === 'fix-first')).toBe(true)
    expect(listVerdicts(records, 'larkspur').map(({ verdict }) => verdict)).toEqual(['your-call'])
    expect(findVerdict(records, id)?.verdict).toBe('your-call')
    expect(lastVerdict(records, 'larkspur', ['ready'])).toBeUndefined()
    expect(lastVerdict(records, 'larkspur', ['ready', 'your-call'])?.id).toBe(id)
    const stored = records.$client.prepare('SELECT verdict FROM verdicts WHERE id = ?').pluck().get(id)
    expect(stored).toBe('ready')
  })

  test('the planned use of a trip is that of the last verdict before departure', () => {
    const planned = plannedByTrip(records, 'marigold')
    expect(planned.get('quarry-lake')).toBeCloseTo(
      Object.values(lastVerdict(records, 'quarry-lake')?.kept.neededKg ?? {}).reduce((sum, kg) => sum + kg, 0),
      9,
    )
    saveVerdict(records, { ...entry(), tripId: 'quarry-lake', fingerprint: 'late' })
    expect(plannedByTrip(records, 'marigold')).toEqual(planned)
  })
})

describe('calibrations', () => {
  const lesson: Omit<CalibrationEntry, 'uses'> = {
    tripId: 'quarry-lake',
    supply: 'line',
    answer: 'taken',
    factor: 1.2,
    burntKg: 1.2,
    plannedKg: 1,
    untilAt: NOW,
    learnedAt: NOW,
  }
  const learned = (id: string) => {
    const row = findTrip(records, id)?.row
    return row && learnedFactors(records, row)
  }

  test('accepted, it holds for its trip and those after it; refused or voided, for none', () => {
    const { id } = addCalibration(records, lesson)
    expect(learned('quarry-lake')).toEqual({ line: 1.2 })
    expect(findTrip(records, 'larkspur')?.plan.learned).toEqual({ line: 1.2 })
    addCalibration(records, { ...lesson, answer: 'refused', factor: 3, learnedAt: '2026-11-25T12:00:00.000Z' })
    expect(learned('larkspur')).toEqual({ line: 1.2 })
    voidEvent(records, 'lesson', id, NOW, 'taken back')
    expect(learned('larkspur')).toEqual({})
    expect(listCalibrations(records, 'quarry-lake')).toHaveLength(2)
  })

  test('a later calibration does not change an earlier trip; the last of a supply counts', () => {
    addCalibration(records, { ...lesson, tripId: 'larkspur' })
    expect(learned('quarry-lake')).toEqual({})
    addCalibration(records, { ...lesson, tripId: 'larkspur', factor: 0.8, learnedAt: '2026-11-25T12:00:00.000Z' })
    addCalibration(records, { ...lesson, tripId: 'larkspur', supply: 'bottles', factor: 1.5 })
    expect(learned('larkspur')).toEqual({ line: 0.8, bottles: 1.5 })
  })

  test('by appliance: the last trip of each counts, and replaces what was learned of the supply as a whole', () => {
    const taught = (applianceId: string, factor: number) => [
      {
        applianceId,
        supply: 'line' as const,
        factor,
        burnPerDayS: 3600,
        habit: null,
        isShared: false,
        from: 'Quarry Lake',
      },
    ]
    addCalibration(records, lesson)
    addCalibration(records, { ...lesson, uses: taught('furnace', 1.4), learnedAt: '2026-11-24T12:00:00.000Z' })
    addCalibration(records, { ...lesson, uses: taught('cooktop', 0.7), learnedAt: '2026-11-24T13:00:00.000Z' })
    const { id } = addCalibration(records, {
      ...lesson,
      uses: taught('furnace', 0.9),
      learnedAt: '2026-11-24T14:00:00.000Z',
    })
    expect(learned('larkspur')).toEqual({ uses: [...taught('furnace', 0.9), ...taught('cooktop', 0.7)] })
    voidEvent(records, 'lesson', id, NOW, 'taken back')
    expect(learned('larkspur')?.uses?.map(({ factor }) => factor)).toEqual([1.4, 0.7])
  })
})

test('readings: weighings, gauges and fills; a fill’s own reading counts once, voided ones not at all', () => {
  const { cylinders } = loadRig(records, { id: 'marigold', battery: null }).gear
  const left = cylinders.filter(({ id }) => id === 'left')
  const readings = listReadings(records, left)
  expect(readings.filter(({ isFill }) => isFill)).toHaveLength(1)
  expect(readings).toHaveLength(6)
  const weighing = records.$client
    .prepare(`SELECT id FROM weighings WHERE cylinder_id = 'left' ORDER BY weighed_at`)
    .pluck()
    .get()
  voidEvent(records, 'weighing', String(weighing), NOW, 'adapter on it')
  expect(listReadings(records, left)).toHaveLength(5)
})

test('the routes accept exactly what the records return', () => {
  const rig = findRig(records, 'marigold')
  if (!rig) throw new Error('no rig')
  const sent = { rig: loadRig(records, rig).gear, trip: findTrip(records, 'larkspur')?.plan, now: NOW }
  expect(readinessSchema.parse(JSON.parse(JSON.stringify(sent)))).toEqual(JSON.parse(JSON.stringify(sent)))
})

describe('several rigs', () => {
  test('the selected one, else the oldest; an archived one is neither', () => {
    addRig(records, 'Heron', 'heron')
    expect(activeRig(records)?.id).toBe('marigold')
    activateRig(records, 'heron')
    expect(activeRig(records)?.id).toBe('heron')
    activateRig(records, 'marigold')
    saveRig(records, 'marigold', 2, { archivedAt: NOW })
    expect(activeRig(records)?.id).toBe('heron')
    expect(listRigs(records).map(({ id }) => id)).toEqual(['heron'])
    expect(listArchivedRigs(records).map(({ id }) => id)).toEqual(['marigold'])
  })

  test('an archived trip leaves the lists and can be restored', () => {
    archiveTrip(records, 'larkspur', 1, NOW)
    expect(nextTrip(records, 'marigold', '2026-11-24')?.row.id).toBe('quarry-lake')
    expect(listTrips(records, 'marigold')).toHaveLength(1)
    expect(() => archiveTrip(records, 'larkspur', 1, null)).toThrow(ConflictError)
    archiveTrip(records, 'larkspur', 2, null)
    expect(nextTrip(records, 'marigold', '2026-11-24')?.row.id).toBe('larkspur')
  })
})
