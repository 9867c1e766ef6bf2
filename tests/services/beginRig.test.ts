import { InputError } from '@/core/base/InputError'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { heaterKinds } from '@/core/heat/heaters/heater'
import { POUND_KG } from '@tests/tradeUnits'
import { beginRig, type Beginning } from '@/services/rigs/beginRig'
import { database } from '@/records/database'
import { loadRig } from '@/records/repositories/rigs/loadRig'
import { findRig, listRigs, activeRig } from '@/records/repositories/rigs/rigs'
import { findTrip } from '@/records/repositories/trips/trips'
import { temporaryFile } from '@tests/records/temporary'

const NOW = '2026-11-24T12:00:00.000Z'
process.env.GOLD_KETTLE_DB = temporaryFile()
const records = database()

const trip = { name: 'The lake', startDay: '2026-12-04', nights: 3, altitudeM: 0, coldestK: 270, reserveShare: 0.2 }
const nothing: Beginning = { rigName: 'Heron', cylinder: null, heater: null, burns: [], equipment: [], trip: null }

function verdictOf(said: Beginning) {
  const { rigId, tripId } = beginRig(said, new Date(NOW))
  const rig = findRig(records, rigId)
  const plan = tripId && findTrip(records, tripId)?.plan
  if (!rig || !plan) throw new Error('no trip')
  return judgeTrip(loadRig(records, rig).gear, plan, NOW)
}

test('one cylinder, one heater, one trip: judged with usual figures, and unknowns are asked for', () => {
  const judged = verdictOf({
    ...nothing,
    cylinder: { sizeId: 'removable-20', grossKg: 37.5 * POUND_KG, madeMonth: '2020-03' },
    heater: 'catalytic-panel',
    burns: ['cooktop'],
    equipment: [
      { kind: 'hose', madeMonth: null },
      { kind: 'co-alarm', madeMonth: '2024-05' },
    ],
    trip,
  })
  // Nobody read the tare: the heavy end of its range counts, 19.5 lb.
  expect(judged.balances[0]?.aboardKg).toBeCloseTo(18 * POUND_KG, 6)
  expect(judged.balances[0]?.uses.map(({ use }) => use.name)).toEqual(['Cooktop', 'Panel heater'])
  const codes = judged.findings.map(({ code }) => code)
  expect(codes).toEqual(
    expect.arrayContaining(['tare-not-read', 'equipment-date-unknown', 'heater-not-placed', 'no-line-drawn']),
  )
  expect(codes).not.toContain('cylinder-not-weighed')
  expect(activeRig(records)?.name).toBe('Heron')
})

test('what was looked over and is sound is asked about no more; what is only there is', () => {
  const judged = verdictOf({
    ...nothing,
    equipment: [
      { kind: 'co-alarm', madeMonth: '2024-05', sound: true },
      { kind: 'extinguisher', madeMonth: '2024-05' },
    ],
    trip,
  })
  const asked = judged.findings.filter(({ sentence }) => sentence.text.startsWith('Look {name} over'))
  expect(asked.map(({ sentence }) => sentence.parts?.name)).toEqual(['Fire extinguisher'])
})

test('the length of a rig that was not told is the usual of its kind, and assumed', () => {
  const begun = (lengthM: number | null) => {
    beginRig({ ...nothing, shell: { kind: 'van', lengthM } }, new Date(NOW))
    return activeRig(records)
  }
  expect(begun(null)).toMatchObject({ shell: { lengthM: 3.6 }, sources: { shellLengthM: { source: 'assumed' } } })
  expect(begun(4.1)).toMatchObject({ shell: { lengthM: 4.1 }, sources: {} })
})

test('everything skipped is no error, and nothing is called ready', () => {
  expect(verdictOf({ ...nothing, trip }).verdict).not.toBe('ready')
  const { tripId } = beginRig(nothing, new Date(NOW))
  expect(tripId).toBeNull()
})

test.each([...heaterKinds])('heated by a %s: it is an appliance and a heater in one', (heater) => {
  const { rigId } = beginRig({ ...nothing, heater, trip }, new Date(NOW))
  const { heat } = loadRig(records, { id: rigId, battery: null }).gear
  expect(heat.heaters).toHaveLength(1)
  expect(heat.heaters[0]?.applianceId).not.toBeNull()
})

test('no heater: said so, and not asked for', () => {
  const codes = verdictOf({ ...nothing, heater: 'none', trip }).findings.map(({ code }) => code)
  expect(codes).not.toContain('heaters-not-entered')
})

test('a weight under the tare, an impossible size: refused at their field, and nothing is stored', () => {
  const at = (said: Beginning): string => {
    try {
      beginRig(said, new Date(NOW))
    } catch (error) {
      expect(error).toBeInstanceOf(InputError)
      return (error as InputError).issues[0]?.path ?? ''
    }
    throw new Error('begun')
  }
  const before = listRigs(records)
  expect(at({ ...nothing, cylinder: { sizeId: 'removable-20', grossKg: 3, madeMonth: null } })).toBe('cylinder.grossKg')
  expect(at({ ...nothing, cylinder: { sizeId: 'keg', grossKg: null, madeMonth: null } })).toBe('cylinder.sizeId')
  expect(listRigs(records)).toEqual(before)
})
