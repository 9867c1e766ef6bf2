import { call } from './call'
import { panel, pose, roomGear, thing, window } from '@tests/heat'
import { fahrenheit, inches } from '@tests/tradeUnits'

const { room, things } = roomGear().shelter
const heater = panel.body

describe('clearance-check', () => {
  test('margins to all objects, and the missing clearance of violations', async () => {
    const near = thing({ id: 'curtain', kind: 'curtain', xM: 5, yM: 1, turnDeg: 90 })
    const body = { heater, pose: pose({ xM: 5.5, yM: 1, turnDeg: 180 }), objects: [...things, near], room }
    const { status, json } = await call('clearance-check', body)
    expect(status).toBe(200)
    expect(json.violations.map(({ id }: { id: string }) => id)).toEqual(['curtain'])
    expect(json.violations[0].lacksM).toBeCloseTo(-json.leastMarginM, 9)
    expect(json.margins.length).toBeGreaterThan(5)
    expect(json.exit.state).toBe('clear')
  })
  test('the least that will do: a heater, a pose and a room', async () => {
    const bare = {
      widthM: 0.3,
      depthM: 0.2,
      heightM: 0.4,
      clearances: { frontM: 0.7, sidesM: 0.1, rearM: 0, topM: 0.5 },
    }
    const body = { heater: bare, pose: { xM: 1, yM: 1 }, room: { lengthM: 3, widthM: 2, heightM: 2 } }
    expect((await call('clearance-check', body)).json).toMatchObject({ violations: [], hose: null })
  })
  test.each([
    [
      'negative clearances',
      { ...heater, clearances: { ...heater.clearances, frontM: -1 } },
      'heater.clearances.frontM',
    ],
    ['a heater larger than the room', { ...heater, widthM: 4.9, depthM: 4.9 }, 'heater.widthM'],
  ])('%s: 400 at its field', async (_, wrong, path) => {
    const { status, json } = await call('clearance-check', { heater: wrong, pose: pose(), objects: [], room })
    expect(status).toBe(400)
    expect(json.issues[0].path).toBe(path)
  })
})

describe('placements', () => {
  test('poses ranked by least margin', async () => {
    const { status, json } = await call('placements', { heater, objects: things, room, gridM: 0.25 })
    expect(status).toBe(200)
    expect(json.poses.length).toBeGreaterThan(0)
    const clear = json.poses.filter(({ exit }: { exit: string }) => exit === 'clear')
    const margins = clear.map(({ leastMarginM }: { leastMarginM: number }) => leastMarginM)
    expect(margins).toEqual(margins.toSorted((a: number, b: number) => b - a))
  })
  test('a grid too fine is refused', async () => {
    const body = { heater, room: { lengthM: 20, widthM: 5, heightM: 3 }, gridM: 0.01 }
    expect((await call('placements', body)).json.issues[0].path).toBe('gridM')
  })
})

describe('room-air', () => {
  const asked = {
    room: { lengthM: 4, widthM: 1.8, heightM: 1.8 },
    openings: [window({ openM: inches(1) })],
    heaterW: 800,
    people: { asleep: 2 },
    outside: { temperatureK: 270 },
    durationS: 3600,
  }
  test('a series from start to end, and when each mark is crossed', async () => {
    const { status, json } = await call('room-air', asked)
    expect(status).toBe(200)
    expect(json.series[0]).toMatchObject({ timeS: 0, temperatureK: 270 })
    expect(json.series.at(-1).timeS).toBe(3600)
    expect(Object.keys(json.series[0])).toEqual(
      expect.arrayContaining(['co2Ppm', 'o2Fraction', 'relativeHumidity', 'temperatureK']),
    )
    expect(json.firstCrossings.map(({ mark }: { mark: { id: string } }) => mark.id)).toContain('eight-hours')
  })
  test.each([
    ['a room of no volume', { room: { lengthM: 1, widthM: 1, heightM: 0.01 } }, 'room.heightM'],
    ['a thousand days', { durationS: 1e8 }, 'durationS'],
    ['minus one person', { people: { asleep: -1 } }, 'people.asleep'],
    ['openings larger than their wall', { openings: [window({ widthM: 5 })] }, 'room.openings.0.widthM'],
  ])('%s: 400 at its field', async (_, change, path) => {
    const { status, json } = await call('room-air', { ...asked, ...change })
    expect(status).toBe(400)
    expect(json.issues[0].path).toBe(path)
  })
})

describe('warm-up-fit', () => {
  const readings = [24, 45, 52, 57, 65].map((degrees, i) => ({ timeS: i * 900, temperatureK: fahrenheit(degrees) }))
  test('loss, capacity and how well it fits', async () => {
    const { status, json } = await call('warm-up-fit', { outsideK: fahrenheit(10), inputW: 2637, readings })
    expect(status).toBe(200)
    expect(json.lossWPerK).toBeGreaterThan(50)
    expect(json.capacityJPerK).toBeGreaterThan(50_000)
    expect(json.rmsK).toBeLessThan(2)
  })
  test.each([
    ['three readings', readings.slice(0, 3)],
    ['a warm-up that cools', readings.map((one, i) => ({ ...one, temperatureK: 290 - i }))],
  ])('%s: 400 with a sentence', async (_, few) => {
    const { status, json } = await call('warm-up-fit', { outsideK: 260, inputW: 2637, readings: few })
    expect(status).toBe(400)
    expect(json.issues[0]).toMatchObject({ path: 'readings' })
  })
})
