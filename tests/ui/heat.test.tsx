import { typed } from '@tests/typed'
import { renderToStaticMarkup } from 'react-dom/server'
import type { ReactElement } from 'react'
import { alarms, bareRoom, body, door, heaterGear, panel, pose, radiant, roomGear, thing, window } from '@tests/heat'
import { fahrenheit } from '@tests/tradeUnits'
import { AirVerdict } from '@/app/heat/air/AirVerdict'
import { heaterModes, nightInput, type Night } from '@/app/heat/air/nightInput'
import { conditionOptions, kindOptions, sideOptions } from '@/app/heat/air/openingOptions'
import { candidates } from '@/app/heat/choose/candidates'
import { CompareTable } from '@/app/heat/choose/CompareTable'
import { Elevation } from '@/app/heat/plan/Elevation'
import { lastLog, thingOptions, useLabels } from '@/app/heat/heatDefaults'
import { axisTicks, displayedIn } from '@/ui/figures/axis'
import { findIssue } from '@/ui/state/useSave'
import { UnitsProvider } from '@/ui/state/UnitsProvider'
import { AltitudePlate } from '@/app/heat/lighting/AltitudePlate'
import { PlanSketch } from '@/app/heat/plan/PlanSketch'
import { readLog, type LogTexts } from '@/app/heat/warm-up/readLog'
import { warmUpHistory } from '@/app/heat/warm-up/warmUpHistory'
import { clearanceCheck } from '@/core/heat/clearance/clearanceCheck'
import { heaterUses } from '@/core/heat/heaters/heater'
import { roomAir } from '@/core/heat/air/roomAir'
import { thingKinds } from '@/core/heat/room/thing'
import { compareHeater } from '@/core/heat/heaters/compareHeater'
import { readyRooms } from '@/core/heat/room/readyRooms'
import { openingConditions, openingKinds, roomSides } from '@/core/heat/room/room'
import { roomWarmth } from '@/core/heat/warmth/roomWarmth'
import { heatFindings } from '@/core/heat/heatFindings'
import type { UnitSystem } from '@/core/units/displayRoles'
import type { StoredHeater } from '@/records/repositories/heat/heaters'
import type { StoredWarmUp } from '@/records/repositories/heat/rooms'
import { FindingList } from '@/ui/figures/FindingList'
import { InputError } from '@/core/base/InputError'

function drawn(element: ReactElement, system: UnitSystem = 'us'): string {
  return renderToStaticMarkup(<UnitsProvider initial={system}>{element}</UnitsProvider>).replaceAll('\u00a0', ' ')
}

const stored: StoredHeater = {
  id: 'panel',
  rigId: 'rig',
  applianceId: null,
  name: 'Panel heater',
  heater: panel,
  sources: {},
  price: 240,
  lastsNights: 600,
  position: 0,
  archivedAt: null,
  version: 1,
}
const room = bareRoom({
  lengthM: 4,
  widthM: 1.8,
  heightM: 1.8,
  openings: [door({ alongM: 3 }), window({ openM: 0.02 })],
})
const night: Night = {
  heaterId: 'panel',
  mode: 'low',
  untilS: 3600,
  thermostatK: 291,
  asleep: 2,
  awake: 0,
  outsideK: 268,
  outsideHumidity: 0.8,
  startK: 268,
  hoursS: 2 * 3600,
  windMS: 0,
}

describe('labels for every choice', () => {
  test('kinds of thing, sides, openings, their states and what a heater is meant for', () => {
    expect(thingOptions.map(([kind]) => kind)).toEqual([...thingKinds])
    expect(sideOptions.map(([side]) => side).toSorted()).toEqual([...roomSides].toSorted())
    expect(kindOptions.map(([kind]) => kind).toSorted()).toEqual([...openingKinds].toSorted())
    expect(conditionOptions.map(([one]) => one)).toEqual([...openingConditions])
    for (const use of heaterUses) expect(useLabels[use].length).toBeGreaterThan(5)
  })
})

describe('drawings', () => {
  test.each(readyRooms.map(({ shape, shelter }) => [shape, shelter] as const))('a sketch of the %s', (_, shelter) => {
    const svg = drawn(<PlanSketch shelter={shelter} />)
    expect(svg.match(/class="thing"/g)).toHaveLength(shelter.things.length)
    expect(svg).not.toContain('NaN')
  })
  test('the elevation marks what is too near, together with the heater’s clearance', () => {
    const near = thing({ xM: 3 })
    const placed = { heaterId: 'panel', pose: pose(), use: 'warm-up' as const }
    const shelter = { room: bareRoom({ lowHeightM: 1.5, openings: [window()] }), things: [near], placed: [placed] }
    const check = clearanceCheck({ heater: body(), pose: pose(), objects: [near], room: shelter.room })
    const heater = { id: 'panel', name: 'Panel heater', body: body(), placed }
    const svg = drawn(<Elevation shelter={shelter} heater={heater} others={[]} check={check} chosen={null} />)
    expect(svg).toContain('class="thing lacks"')
    expect(svg).toContain('class="keep bad"')
    expect(svg).toContain('class="slope"')
    const calm = drawn(<Elevation shelter={shelter} heater={null} others={[heater]} check={null} chosen="box" />)
    expect(calm).toContain('class="thing chosen"')
    expect(calm).not.toContain('keep')
  })
})

describe('the night', () => {
  const warmth = roomWarmth(room, null)
  test.each(heaterModes)('mode %s burns what it says', (mode) => {
    const input = nightInput({ ...night, mode }, room, panel, warmth, 2410)
    expect(input.heaterW).toBe({ off: 0, low: panel.lowW, high: panel.highW, thermostat: panel.highW }[mode])
    expect(input.thermostatK).toBe(mode === 'thermostat' ? 291 : undefined)
    expect(input.outside.pressurePa).toBeLessThan(80_000)
  })
  test('without a heater nothing burns; a cut-off is taken from the heater', () => {
    expect(nightInput({ ...night, mode: 'high' }, room, null, warmth, 0).heaterW).toBe(0)
    expect(nightInput(night, room, radiant, warmth, 0).oxygenCutOff).toBe(true)
    expect(nightInput({ ...night, untilS: null }, room, panel, warmth, 0).heaterUntilS).toBeUndefined()
  })
  test('is a sentence with its source and limits, and always mentions CO', () => {
    const air = roomAir(nightInput(night, room, panel, warmth, 0))
    const told = drawn(<AirVerdict air={air} night={night} isUnvented />)
    expect(told).toContain('By this model')
    expect(told).toContain('Carbon monoxide is no part of this')
    expect(told.match(/not reached|after/g)?.length).toBeGreaterThanOrEqual(7)
    expect(told).not.toContain('is not left on while people sleep')
    const asleep = drawn(<AirVerdict air={air} night={{ ...night, untilS: null }} isUnvented />)
    expect(asleep).toContain('is not left on while people sleep')
  })
  test('a tripping oxygen cut-off is reported', () => {
    const shut = { ...room, openings: [], shell: 'well-insulated' as const }
    const lit = { ...night, mode: 'high' as const, untilS: null, hoursS: 8 * 3600 }
    const air = roomAir(nightInput(lit, shut, radiant, roomWarmth(shut, null), 0))
    expect(drawn(<AirVerdict air={air} night={lit} isUnvented />)).toContain(
      'The oxygen cut-off turned the heater off.',
    )
  })
})

describe('choosing', () => {
  test('the rig’s own heaters, and one of each kind it lacks', () => {
    expect(candidates([stored]).map(({ id }) => id)).toEqual(['panel', 'portable-radiant', 'furnace'])
    expect(candidates([])).toHaveLength(3)
  })
  test('a table says what falls short, what cycles and what is not for this altitude', () => {
    const rows = candidates([stored]).map((candidate) => ({
      candidate,
      compared: compareHeater(
        candidate.heater,
        { lossWPerK: 50, capacityJPerK: 180_000 },
        { outsideK: 268, insideK: 288, keepS: 36_000 },
        2410,
        { gasPerKg: null, price: null, lastsNights: null },
      ),
    }))
    const table = drawn(<CompareTable rows={rows} shelter={roomGear().shelter} openM2={0.01} />, 'metric')
    expect(table).toContain('stops short by')
    expect(table).toContain('turned on and off')
    expect(table).toContain(': not for this trip')
    expect(table).toContain('no price of gas')
    expect(table).toContain('ask: its plate, the place, your insurer')
    expect(table).toContain('nothing: fumes go outside')
  })
})

describe('the warm-up log', () => {
  const texts: LogTexts = {
    ...typed({ outside: '10' }),
    rows: [
      { setting: 'high', ...typed({ minutes: '0', temperature: '24' }) },
      { setting: 'high', ...typed({ minutes: '18', temperature: '45 F' }) },
      { setting: 'high', ...typed({ minutes: '', temperature: '' }) },
      { setting: 'high', ...typed({ minutes: '30', temperature: '52' }) },
      { setting: 'high', ...typed({ minutes: '45', temperature: '57' }) },
      { setting: 'high', ...typed({ minutes: '60', temperature: '65' }) },
    ],
  }
  const inputs = { highW: 2637, lowW: 1172, vented: false }
  test('is read as typed, empty rows skipped; the setting is unknown for both where unknown', () => {
    expect(readLog(texts, 'high', inputs).fits.map(({ setting }) => setting)).toEqual(['high'])
    const both = readLog(texts, 'not-known', inputs).fits
    expect(both.map(({ setting }) => setting)).toEqual(['high', 'low'])
    expect(both[0]?.log.readings).toHaveLength(5)
    expect(both[0]?.log.readings[1]?.temperatureK).toBeCloseTo(fahrenheit(45), 6)
  })
  test('a changed setting applies to each reading after it', () => {
    const rows = texts.rows.map((row, i) =>
      i < 3 ? row : { ...row, setting: i === 5 ? ('off' as const) : ('low' as const) },
    )
    const [changed] = readLog({ ...texts, rows }, 'changed', inputs).fits
    expect(changed?.setting).toBe('changed')
    expect(changed?.log.settings.map(({ inputW }) => inputW)).toEqual([2637, 2637, 1172, 1172, 0])
    expect(changed?.log.settings[2]?.fromS).toBe(1800)
    const [same] = readLog(texts, 'changed', inputs).fits
    const [high] = readLog(texts, 'high', inputs).fits
    expect(same?.fit.lossWPerK).toBeCloseTo(high?.fit.lossWPerK ?? 0, 3)
  })
  test('a flue of the heater stands in the log, and a share of its heat left through it', () => {
    const vented = readLog(texts, 'high', { ...inputs, vented: true }).fits[0]
    const bare = readLog(texts, 'high', inputs).fits[0]
    expect(vented?.log.vented).toBe(true)
    expect(vented?.fit.lossWPerK).toBeCloseTo(0.75 * (bare?.fit.lossWPerK ?? 0), 2)
  })
  test('errors are passed on with their field', () => {
    expect(readLog({ ...texts, rows: texts.rows.slice(0, 4) }, 'high', inputs).issue?.path).toBe('readings')
    expect(readLog({ ...texts, ...typed({ outside: '70' }) }, 'low', inputs).issue?.path).toBe('outsideK')
    expect(readLog({ ...texts, ...typed({ outside: '' }) }, 'low', inputs)).toEqual({ fits: [], issue: null })
  })
  const log = readLog(texts, 'high', inputs).fits[0]?.log
  if (!log) throw new Error('no log')
  const warmUp: StoredWarmUp = {
    id: 'one',
    roomId: 'saloon',
    loggedAt: '2026-11-01T08:00:00Z',
    log,
    settingKnown: false,
    voidedAt: null,
    voidReason: null,
    recordedAt: null,
    sequence: 0,
  }
  test('its history says what was found, and what was only assumed', () => {
    const [entry] = warmUpHistory([warmUp])
    expect(entry).toMatchObject({ of: 'warm-up', id: 'one' })
    expect(entry?.says.text).toContain('only supposed')
    const damaged = { ...warmUp, log: { ...log, readings: log.readings.slice(0, 2) } }
    expect(warmUpHistory([damaged])[0]?.says.text).toMatch(/Four readings/)
  })
  test('the newest valid one counts', () => {
    const data = (warmUps: StoredWarmUp[]) => ({ warmUps }) as unknown as Parameters<typeof lastLog>[0]
    expect(lastLog(data([{ ...warmUp, voidedAt: 'x' }, warmUp]))).toBe(log)
    expect(lastLog(data([]))).toBeNull()
  })
})

test('the altitude’s limit, input and air are shown', () => {
  const plate = drawn(<AltitudePlate name="Panel heater" heater={radiant} altitudeM={2410} />)
  expect(plate).toContain('7,907 ft')
  expect(plate).toContain('7,000 ft')
  expect(plate).toContain('burns rich')
})

test('findings link to the plan, to the openings and to the heater’s numbers', () => {
  const things = [thing({ id: 'curtain', xM: 4.8, yM: 1 })]
  const findings = heatFindings({
    rooms: [roomGear({ things, room: bareRoom({ openings: [door()] }) })],
    heaters: [heaterGear({ clearancesFrom: 'common' })],
    heatless: false,
    altitudeM: 0,
    equipment: alarms(),
    planned: [],
  })
  const list = drawn(<FindingList findings={findings} />)
  expect(list).toContain('href="/heat?room=saloon&amp;about=curtain"')
  expect(list).toContain('href="/heat/air?room=saloon"')
  expect(list).toContain('href="/heat/heaters?heater=panel"')
})

describe('small parts', () => {
  test('ticks of an axis are round and lie on it', () => {
    expect(axisTicks(0, 6000, 4)).toEqual([0, 2000, 4000, 6000])
    expect(axisTicks(11.3, 50, 4)).toEqual([20, 30, 40, 50])
    for (const mark of axisTicks(-7, 93)) expect(mark % 20).toBe(0)
  })
  test('a number for an axis is in the reader’s units', () => {
    expect(displayedIn({ value: 273.15, role: 'temperature' }, 'us')).toBeCloseTo(32, 9)
    expect(displayedIn({ value: 0.195, role: 'oxygen' }, 'metric')).toBeCloseTo(19.5, 9)
  })
  test('input errors of core are caught, and no others', () => {
    expect(findIssue(() => undefined)).toBeNull()
    const refuse = () => {
      throw new InputError('a', 'No.')
    }
    expect(findIssue(refuse)).toEqual({ path: 'a', message: 'No.' })
    const broken = () => {
      throw new Error('broken')
    }
    expect(() => findIssue(broken)).toThrow('broken')
  })
})
