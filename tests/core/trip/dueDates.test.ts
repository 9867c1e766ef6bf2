import {
  TODAY,
  bottleGear,
  co2Gear,
  cylinderGear,
  fitness,
  rigGear,
  soundEquipment,
  tankGear,
  untestedLine,
} from '@tests/gear'
import { soundStart } from '@tests/lines'
import { dueDates } from '@/core/trip/tasks/dueDates'

test('a cylinder by its owner’s rule: ten years from 03-20 is March 2030', () => {
  const [date] = dueDates(rigGear([cylinderGear()], { equipment: [] }), TODAY)
  expect(date).toMatchObject({
    id: 'requalification left',
    month: '2030-03',
    remedy: { station: 'cylinders', subjectId: 'left', page: 'dates' },
  })
  expect(date?.why).toContain('10 then 5')
})

test('CO2 every five years; a one-way bottle never; an unknown date gives none', () => {
  const gear = rigGear(
    [
      co2Gear(),
      bottleGear({ kind: 'bottle' }),
      cylinderGear({ id: 'x', fitness: fitness('removable', { manufacturedMonth: null }) }),
    ],
    { equipment: [] },
  )
  expect(dueDates(gear, TODAY).map(({ id, month }) => [id, month])).toEqual([['requalification soda', '2027-09']])
})

test('hoses and alarms by their age, or by the printed date', () => {
  const [hose] = soundEquipment().filter(({ kind }) => kind === 'hose')
  const [alarm] = soundEquipment().filter(({ kind }) => kind === 'co-alarm')
  if (!hose || !alarm) throw new Error('no equipment')
  const due = dueDates(rigGear([], { equipment: [hose, { ...alarm, replaceByMonth: '2027-02' }] }), TODAY)
  expect(due.map(({ id, month, why }) => [id, month, why])).toEqual([
    ['replacement co-alarm', '2027-02', 'By the date on it.'],
    ['replacement hose', '2029-06', 'By its age.'],
  ])
})

test('a fixed tank and an extinguisher are inspected yearly; one never inspected, now', () => {
  const [extinguisher] = soundEquipment().filter(({ kind }) => kind === 'extinguisher')
  if (!extinguisher) throw new Error('none')
  const gear = rigGear([tankGear(), tankGear({ id: 'new', fitness: fitness('onboard', { lastLook: null }) })], {
    equipment: [extinguisher],
  })
  expect(
    dueDates(gear, TODAY)
      .filter(({ id }) => id.startsWith('yearly'))
      .map(({ id, month }) => [id, month]),
  ).toEqual([
    ['yearly new', '2026-12'],
    ['yearly extinguisher', '2027-11'],
    ['yearly tank', '2027-11'],
  ])
})

test('parts of a line by their age, unless listed as equipment; an unreadable line has none', () => {
  const line = soundStart('two-cylinders')
  const aged = { ...line, parts: line.parts.map((part) => ({ ...part, madeMonth: '2024-01' })) }
  const dueOf = (one: typeof line) => dueDates(rigGear([], { equipment: [], lines: [untestedLine(one)] }), TODAY)
  const due = dueOf(aged)
  expect(due.length).toBeGreaterThan(1)
  expect(due[0]?.remedy).toMatchObject({ station: 'hookup', subjectId: 'house' })
  expect(dueOf({ ...aged, parts: aged.parts.map((part) => ({ ...part, equipmentId: 'hose' })) })).toEqual([])
  expect(dueOf({ ...line, parts: [{ ...line.parts[0], typeId: 'nothing' }] } as typeof line)).toEqual([])
})

test('the soonest first', () => {
  const months = dueDates(rigGear([cylinderGear(), co2Gear()]), TODAY).map(({ month }) => month)
  expect(months).toEqual(months.toSorted())
})
