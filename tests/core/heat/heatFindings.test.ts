import { alarms, body, door, heaterGear, pose, roomGear, thing, window } from '@tests/heat'
import { inches } from '@tests/tradeUnits'
import { basis } from '@/core/rules/basis/basis'
import type { HeaterUse } from '@/core/heat/heaters/heater'
import { formatPhrase } from '@/core/units/formatQuantity'
import type { RoomGear } from '@/core/heat/room/roomPlan'
import { placedFindings, placedHeaters } from '@/core/heat/clearance/placedFindings'
import { heatFindings, type RigHeatInput } from '@/core/heat/heatFindings'

function judge(change: Partial<RigHeatInput> = {}) {
  return heatFindings({
    rooms: [roomGear()],
    heaters: [heaterGear()],
    heatless: false,
    altitudeM: 300,
    equipment: alarms(),
    planned: [],
    ...change,
  })
}
const codes = (change: Partial<RigHeatInput> = {}): string[] =>
  judge(change).map(({ severity, code }) => `${severity} ${code}`)

const withThings = (...more: Parameters<typeof thing>[0][]): RoomGear => {
  const gear = roomGear()
  return { ...gear, shelter: { ...gear.shelter, things: [...gear.shelter.things, ...more.map((one) => thing(one))] } }
}
const used = (use: HeaterUse): RoomGear =>
  roomGear({ placed: [{ heaterId: 'panel', pose: pose({ xM: 5.5, yM: 1, turnDeg: 180 }), use }] })

test('a well-placed heater with two openings and a tested alarm raises no finding', () => {
  expect(codes()).toEqual([])
})

test('no heater entered counts as not ready, unless the owner says that nothing heats the rig', () => {
  expect(codes({ heaters: [], rooms: [] })).toEqual(['fix-first heaters-not-entered'])
  expect(codes({ heaters: [], rooms: [], heatless: true })).toEqual([])
})

describe('placement', () => {
  test('each thing that is too near is a stop, named with the missing distance and linked to the plan', () => {
    const rooms = [withThings({ id: 'curtain', name: 'Curtain', kind: 'curtain', xM: 4.8, yM: 1, turnDeg: 90 })]
    const [found] = judge({ rooms })
    expect(found).toMatchObject({
      code: 'clearance-violated',
      severity: 'stop',
      remedy: { station: 'heat', subjectId: 'saloon', about: 'curtain' },
    })
    expect(found && formatPhrase(found.sentence, 'us')).toMatch(
      /^Curtain lacks [\d¼½¾]+.(ft|in).*to the front of Panel heater/,
    )
  })
  test('a heater that is not placed, or whose placement cannot be judged', () => {
    expect(codes({ rooms: [roomGear({ placed: [] })] })).toEqual(['fix-first heater-not-placed'])
    const large = heaterGear({ body: body({ heightM: 3 }) })
    expect(codes({ heaters: [large] })).toEqual(['fix-first placing-not-judged'])
  })
  test('a hose in front of it is a stop; a hose that is too short is to be fixed', () => {
    const hosed = heaterGear({ body: body({ hoseM: 1 }) })
    const outlet = { id: 'outlet', kind: 'gas-outlet', lowM: 0, highM: 0.05, lengthM: 0.05, widthM: 0.05 } as const
    expect(codes({ heaters: [hosed], rooms: [withThings({ ...outlet, xM: 4.9, yM: 1 })] })).toContain(
      'stop hose-in-heat',
    )
    expect(codes({ heaters: [hosed], rooms: [withThings({ ...outlet, xM: 5.9, yM: 3.9 })] })).toEqual([
      'fix-first hose-too-short',
    ])
  })
  test('a heater in the exit path is a stop', () => {
    const gear = roomGear()
    const room = { ...gear.shelter.room, widthM: 1.2, openings: [door({ side: 'front', alongM: 0.6 })] }
    const bed = thing({ id: 'bed', kind: 'bed', xM: 1, yM: 0.6, lengthM: 1.9, widthM: 1.1 })
    const wide = heaterGear({
      vented: true,
      body: body({ widthM: 0.9, clearances: { frontM: 0, sidesM: 0, rearM: 0, topM: 0 } }),
    })
    const placed = [{ heaterId: 'panel', pose: pose({ xM: 4, yM: 0.6 }), use: 'warm-up' as const }]
    expect(codes({ heaters: [wide], rooms: [{ ...gear, shelter: { room, things: [bed], placed } }] })).toEqual([
      'stop exit-blocked',
    ])
  })
})

test('each finding about a place names the heater and what is wrong, and opens its room', () => {
  const told = (one: { gear: RoomGear; heater: ReturnType<typeof heaterGear> }) =>
    placedHeaters(one.gear, [one.heater])
      .flatMap((placed) => placedFindings(placed))
      .map(({ sentence, reason, remedy }) => [
        formatPhrase(sentence, 'us').replaceAll('\u00a0', ' '),
        formatPhrase(reason, 'us'),
        remedy.subjectId,
      ])
  const heater = heaterGear({ body: body({ hoseM: 1 }) })
  const outlet = { id: 'outlet', kind: 'gas-outlet', lowM: 0, highM: 0.05, lengthM: 0.05, widthM: 0.05 } as const
  expect(told({ gear: withThings({ ...outlet, xM: 4.9, yM: 1 }), heater })).toEqual([
    ['The hose of Panel heater would lie in front of it.', expect.stringContaining('hardens'), 'saloon'],
  ])
  expect(told({ gear: withThings({ ...outlet, xM: 5.9, yM: 3.9 }), heater })).toEqual([
    [
      expect.stringMatching(/^The hose of Panel heater has 3.ft.3¼.in and wants 10.ft.6¼.in\.$/),
      expect.any(String),
      'saloon',
    ],
  ])
  const gear = roomGear()
  const lined = { ...gear, shelter: { ...gear.shelter, room: { ...gear.shelter.room, liningsBurn: true } } }
  const byWall = told({
    gear: lined,
    heater: heaterGear({ body: body({ clearances: { frontM: 1, sidesM: 2, rearM: 0.1, topM: 0.6 } }) }),
  })
  expect(byWall[0]?.[0]).toMatch(/^The .+ lacks .+ in to the .+ of Panel heater\.$/)
  const named = told({ gear: withThings({ id: 'x', name: 'In the way', xM: 4.8, yM: 1 }), heater: heaterGear() })
  expect(named[0]?.[0]).toMatch(/^In the way lacks/)
  expect(told({ gear, heater: heaterGear({ body: body({ heightM: 3 }) }) })).toEqual([
    ['Where Panel heater stands cannot be judged.', expect.stringMatching(/\w+ .+\.$/), 'saloon'],
  ])
  const room = { ...gear.shelter.room, widthM: 1.2, openings: [door({ side: 'front', alongM: 0.6 })] }
  const bed = thing({ id: 'bed', kind: 'bed', xM: 1, yM: 0.6, lengthM: 1.9, widthM: 1.1 })
  const wide = heaterGear({ body: body({ widthM: 0.9, clearances: { frontM: 0, sidesM: 0, rearM: 0, topM: 0 } }) })
  const placed = [{ heaterId: 'panel', pose: pose({ xM: 4, yM: 0.6 }), use: 'warm-up' as const }]
  expect(told({ gear: { ...gear, shelter: { room, things: [bed], placed } }, heater: wide })).toEqual([
    ['Panel heater is in the way from bed to door.', expect.stringContaining('smoke'), 'saloon'],
  ])
  expect(placedHeaters(gear, [])).toEqual([])
  expect(placedHeaters(gear, [{ ...wide, id: 'another' }])).toEqual([])
})

describe('the room itself', () => {
  test('a cylinder in the room is a stop; a locker is asked about, and a sealed one is fine', () => {
    const locker = { id: 'locker', kind: 'cylinder-locker', xM: 1, yM: 3.5, combustible: false } as const
    expect(codes({ rooms: [withThings({ id: 'c', kind: 'cylinder', xM: 1, yM: 3.5, combustible: false })] })).toEqual([
      'stop cylinder-inside',
    ])
    expect(codes({ rooms: [withThings(locker)] })).toEqual(['fix-first locker-not-known'])
    expect(codes({ rooms: [withThings({ ...locker, sealed: 'yes' })] })).toEqual([])
    expect(codes({ rooms: [withThings({ ...locker, sealed: 'no' })] })).toEqual(['stop cylinder-inside'])
  })
  test('without a bed or a door the exit path is unknown', () => {
    expect(codes({ rooms: [roomGear({ things: [] })] })).toEqual(['fix-first exit-not-drawn'])
  })
  test('it is judged without a heater too', () => {
    const rooms = [withThings({ id: 'c', kind: 'cylinder', xM: 1, yM: 3.5 })]
    expect(codes({ heaters: [], heatless: true, rooms })).toEqual(['stop cylinder-inside'])
  })
})

describe('air', () => {
  const open = (...openings: ReturnType<typeof window>[]): RoomGear => {
    const gear = roomGear()
    return { ...gear, shelter: { ...gear.shelter, room: { ...gear.shelter.room, openings: [door(), ...openings] } } }
  }
  test('too little open area is a stop and links to the openings', () => {
    const found = judge({ rooms: [open(window({ openM: inches(0.5) }))] })
    expect(found.map(({ code }) => code)).toEqual(['ventilation-short'])
    expect(found[0]?.remedy).toMatchObject({ page: 'air', subjectId: 'saloon' })
  })
  test('enough area in a single place is to be fixed', () => {
    const large = window({ widthM: 3, heightM: 1, bottomM: 0.3, openM: 1 })
    expect(codes({ rooms: [open(large)] })).toEqual(['fix-first air-one-way'])
  })
  test('a vented heater, and one that is not used, need no openings', () => {
    expect(codes({ rooms: [open()], heaters: [heaterGear({ vented: true })] })).toEqual([])
    expect(
      codes({ rooms: [{ ...open(), shelter: { ...open().shelter, placed: used('not-used').shelter.placed } }] }),
    ).toEqual([])
  })
  test('two heaters need both areas only where the plan lights them together', () => {
    const second = { ...heaterGear({}, 'second'), applianceId: 'second' }
    const placed = [
      ...roomGear().shelter.placed,
      { heaterId: 'second', pose: pose({ xM: 5.5, yM: 3, turnDeg: 180 }), use: 'evening' as const },
    ]
    const rooms = [{ ...roomGear(), shelter: { ...roomGear().shelter, placed } }]
    const heaters = [heaterGear({ openAreaM2: 0.06 }), { ...second, heater: { ...second.heater, openAreaM2: 0.06 } }]
    const burns = (id: string, fromH: number) => ({
      id,
      inputW: second.heater.highW,
      burnPerDayS: 3600,
      kind: 'panel-heater' as const,
      habit: { way: 'hours' as const, burnPerDayS: 3600, fromH },
    })
    expect(codes({ rooms, heaters })).toEqual([])
    expect(codes({ rooms, heaters, planned: [burns('panel', 7), burns('second', 18)] })).toEqual([])
    expect(codes({ rooms, heaters, planned: [burns('panel', 18), burns('second', 18)] })).toContain(
      'stop ventilation-short',
    )
  })
  test('two windows on one level, enough by area, leave too little oxygen; the advice says which and how far', () => {
    const half = (id: string, side: 'left' | 'right') =>
      window({ id, name: `${side} window`, side, alongM: 1, openM: inches(0.5) })
    const vent = window({ id: 'vent', name: 'Roof vent', kind: 'roof-vent', side: 'roof', bottomM: 0 })
    const [found] = judge({ rooms: [open(half('a', 'left'), half('b', 'right'), vent)] })
    expect(found).toMatchObject({ code: 'ventilation-short', severity: 'stop' })
    expect(found?.sentence.text).toContain('oxygen')
    expect(found && formatPhrase(found.reason, 'us')).toMatch(/^Open .*Roof vent to [\d¼½¾]+\sin/)
  })
  test('cooking and a heater together: what burns by the plan counts, not the heater alone', () => {
    const dinner = {
      id: 'cooktop',
      name: 'Cooktop',
      inputW: 2400,
      burnPerDayS: 0,
      kind: 'cooktop' as const,
      habit: { way: 'acts' as const, words: 'two dinners' },
    }
    const gear = open(
      window({ openM: inches(1.5) }),
      window({ id: 'b', side: 'right', alongM: 1, bottomM: 0.2, openM: inches(1.5) }),
    )
    expect(codes({ rooms: [gear] })).not.toContain('stop ventilation-short')
    expect(codes({ rooms: [gear], planned: [dinner] })).toContain('stop ventilation-short')
  })
})

describe('the heater', () => {
  test('above its maximum altitude is a stop; an unknown maximum has to be found out', () => {
    expect(codes({ heaters: [heaterGear({ highestM: 2000 })], altitudeM: 2410 })).toEqual([
      'stop heater-above-altitude',
    ])
    expect(codes({ heaters: [heaterGear({ highestM: null })], altitudeM: 2410 })).toEqual([
      'fix-first altitude-limit-not-known',
    ])
    expect(codes({ heaters: [heaterGear({ highestM: null })], altitudeM: 300 })).toEqual([])
  })
  test('numbers that are not from its manual count as not ready', () => {
    expect(codes({ heaters: [heaterGear({ clearancesFrom: 'common' })] })).toEqual([
      'fix-first clearances-not-from-manual',
    ])
  })
  test('burning while people sleep is a stop; so is leaving its bottle connected', () => {
    expect(codes({ rooms: [used('asleep')] })).toEqual(['stop asleep-with-heater-lit'])
    expect(codes({ rooms: [used('left-alone')] })).toEqual(['fix-first heater-left-alone'])
    expect(codes({ rooms: [used('left-alone')], heaters: [heaterGear({ bottleOn: true })] })).toEqual([
      'stop bottle-left-inside',
    ])
    expect(codes({ rooms: [used('asleep')], heaters: [heaterGear({ vented: true })] })).toEqual([])
    expect(codes({ rooms: [used('evening')] })).toEqual([])
  })
  test('no working CO alarm is a stop, unless the heater vents outside', () => {
    const without = alarms().filter(({ kind }) => kind !== 'co-alarm')
    expect(codes({ equipment: without })).toEqual(['stop no-co-alarm'])
    const silent = alarms().map((one) =>
      one.kind === 'co-alarm' && one.lastLook ? { ...one, lastLook: { ...one.lastLook, sound: false } } : one,
    )
    expect(codes({ equipment: silent })).toEqual(['stop no-co-alarm'])
    expect(codes({ equipment: without, heaters: [heaterGear({ vented: true })] })).toEqual([])
  })
  test('its input in the heater list and among the appliances is one number', () => {
    const plan = (share: number) => [{ id: 'panel', inputW: share * heaterGear().heater.highW, burnPerDayS: 3600 }]
    expect(codes({ planned: plan(1.05) })).toEqual([])
    expect(codes({ planned: plan(3) })).toEqual(['fix-first heater-input-differs'])
    expect(codes({ planned: [{ id: 'other', inputW: 1, burnPerDayS: 3600 }] })).toEqual([])
  })
  test('an uncertified heater is reported; unknown certification is asked where heaters are chosen', () => {
    expect(codes({ heaters: [heaterGear({ certified: 'no' })] })).toEqual(['fix-first heater-not-certified'])
    expect(codes({ heaters: [heaterGear({ certified: 'yes' })] })).toEqual([])
    expect(heaterGear().heater.certified).toBe('not-known')
  })
  test('more hours than it is meant for would run into sleep', () => {
    const plan = (hours: number) => [{ id: 'panel', inputW: heaterGear().heater.highW, burnPerDayS: hours * 3600 }]
    expect(codes({ planned: plan(5) })).toEqual([])
    expect(codes({ planned: plan(14) })).toEqual(['fix-first heater-hours-beyond-use'])
    expect(codes({ planned: plan(14), rooms: [used('evening')] })).toEqual([])
    expect(codes({ planned: plan(20), rooms: [used('evening')] })).toEqual(['fix-first heater-hours-beyond-use'])
    expect(codes({ planned: plan(20), heaters: [heaterGear({ vented: true })] })).toEqual([])
  })
  test('a heater that stays at home is not judged', () => {
    const idle = heaterGear({ highestM: 100, clearancesFrom: 'common' })
    expect(codes({ heaters: [idle], rooms: [used('not-used')], equipment: [] })).toEqual([])
  })
})

test('every finding cites existing sources and gives what and why without an exclamation mark', () => {
  const worst = judge({
    rooms: [withThings({ id: 'c', kind: 'cylinder', xM: 4.8, yM: 1 })],
    heaters: [heaterGear({ highestM: 1, clearancesFrom: 'common' })],
    equipment: [],
    altitudeM: 3000,
  })
  expect(worst.length).toBeGreaterThan(4)
  for (const { basis: rests, sentence, reason } of worst) {
    expect(rests.length).toBeGreaterThan(0)
    for (const id of rests) expect(Object.keys(basis)).toContain(id)
    for (const words of [sentence, reason]) expect(formatPhrase(words, 'metric')).not.toMatch(/[!{}]/)
  }
})
