import psychrolib from 'psychrolib'
import { bareRoom, window } from '@tests/heat'
import { airThresholds, roomAir } from '@/core/heat/air/roomAir'
import { saturationVaporPa } from '@/core/fluids/waterVapor'
import { occupantEmissions } from '@/core/heat/air/airModel'
import { shapeEstimate } from '@/core/heat/warmth/shapeEstimate'
import type { z } from '@/core/base/zod'
import { airSummary } from '@/core/heat/air/airSummary'
import { combustion, perKgPropane, SENSIBLE_SHARE } from '@/core/heat/air/combustion'
import { roomAirSchema } from '@/core/heat/air/roomAirInput'

const vent = window({
  id: 'vent',
  kind: 'roof-vent',
  side: 'roof',
  widthM: 0.35,
  heightM: 0.35,
  openM: 0.05,
  glass: false,
})
const van = bareRoom({ lengthM: 4, widthM: 1.8, heightM: 1.8, openings: [window({ openM: 0.03 }), vent] })

function air(change: Partial<z.input<typeof roomAirSchema>> = {}) {
  return roomAir(roomAirSchema.parse({ room: van, outside: { temperatureK: 268.15 }, durationS: 4 * 3600, ...change }))
}

const GAS_J_MOLK = 8.314462618

describe('steady state', () => {
  const long = air({ heaterW: 900, people: { asleep: 2, awake: 0 }, durationS: 24 * 3600 })
  const last = long.series.at(-1)
  if (!last) throw new Error('a series has an end')
  const molPerM3 = 101325 / (GAS_J_MOLK * last.temperatureK)
  const flame = combustion(900)
  const breath = occupantEmissions({ asleep: 2, awake: 0 })

  test('CO2 approaches C = Cout + G/Q within 0.5 %', () => {
    const made = (flame.co2MolS + breath.co2MolS) / molPerM3
    const closed = 420 + (made / last.airflowM3S) * 1e6
    expect(last.co2Ppm / closed).toBeGreaterThan(0.995)
    expect(last.co2Ppm / closed).toBeLessThan(1.005)
  })
  test('oxygen approaches (Q·Cout − G) / (Q + what is made), the gases that are made leaving too', () => {
    const used = flame.oxygenMolS + breath.oxygenMolS
    const waterMolS = flame.waterMolS + breath.waterMolS
    const made = flame.co2MolS + breath.co2MolS + waterMolS - used
    const first = long.series[0]?.o2Fraction ?? 0
    const flow = last.airflowM3S * molPerM3
    const closed = (addedMolS: number): number => (flow * first - used) / (flow + addedMolS)
    // Some of the water settles instead of pushing air out.
    expect(last.o2Fraction).toBeGreaterThan(closed(made) * 0.9995)
    expect(last.o2Fraction).toBeLessThan(closed(made - waterMolS) * 1.0005)
  })
  test('temperature approaches the point where heat in equals heat out', () => {
    const { fabricWPerK } = shapeEstimate(van)
    const carried = last.airflowM3S * molPerM3 * 29.1
    const heatW = 900 * SENSIBLE_SHARE + breath.heatW
    expect(last.temperatureK - 268.15).toBeCloseTo(heatW / (fabricWPerK + carried), 2)
  })
})

describe('conservation', () => {
  const night = air({ heaterW: 2000, heaterUntilS: 5000, people: { asleep: 2, awake: 1 }, windMS: 1 })
  test.each(['oxygen', 'co2', 'water'] as const)(
    '%s: the gain equals what entered plus what was produced, to 1e-6',
    (gas) => {
      const { storedKg, exchangedKg, madeKg } = night.balances[gas]
      const scale = Math.max(Math.abs(exchangedKg), Math.abs(madeKg))
      expect(Math.abs(storedKg - exchangedKg - madeKg) / scale).toBeLessThan(1e-6)
    },
  )
  test('production equals burning plus breathing', () => {
    const breath = occupantEmissions({ asleep: 2, awake: 1 })
    const seconds = 4 * 3600
    expect(night.propaneKg).toBeCloseTo((2000 * 5000) / 50.35e6, 6)
    const co2 = night.propaneKg * perKgPropane.co2Kg + breath.co2MolS * seconds * 0.0440095
    expect(night.balances.co2.madeKg).toBeCloseTo(co2, 6)
    const oxygen = night.propaneKg * perKgPropane.oxygenKg + breath.oxygenMolS * seconds * 0.0319988
    expect(night.balances.oxygen.madeKg).toBeCloseTo(-oxygen, 6)
    const water = night.propaneKg * perKgPropane.waterKg + breath.waterMolS * seconds * 0.0180153
    expect(night.balances.water.madeKg).toBeCloseTo(water - night.condensedKg, 6)
    expect(night.condensedKg).toBeGreaterThan(0)
  })
})

describe('humid air', () => {
  psychrolib.SetUnitSystem(psychrolib.SI)
  test('humidity and dew point of one model step agree', () => {
    for (const moment of air({ heaterW: 700, people: { awake: 2, asleep: 0 } }).series.slice(0, 60)) {
      const theirs = psychrolib.GetRelHumFromTDewPoint(
        moment.temperatureK - 273.15,
        Math.min(moment.dewPointK, moment.temperatureK) - 273.15,
      )
      expect(moment.relativeHumidity).toBeCloseTo(theirs, 3)
    }
  })
  test('temperatures outside its range are refused', () => {
    expect(() => saturationVaporPa(100)).toThrow(/between/)
  })
})

describe('limits', () => {
  const sealed = { ...van, openings: [] }
  test('a closed room with a lit heater crosses them in order', () => {
    const { firstCrossings } = air({ room: sealed, heaterW: 2600, durationS: 6 * 3600 })
    const at = Object.fromEntries(firstCrossings.map(({ mark, atS }) => [mark.id, atS]))
    expect(at.stuffy).not.toBeNull()
    expect(at.stuffy ?? 0).toBeLessThan(at['eight-hours'] ?? 0)
    expect(at['eight-hours'] ?? 0).toBeLessThan(at['oxygen-low'] ?? 0)
  })
  test('the time of a crossing lies between its two steps', () => {
    const { series, firstCrossings } = air({ heaterW: 1500 })
    const stuffy = firstCrossings.find(({ mark }) => mark.id === 'stuffy')?.atS ?? NaN
    const after = series.find(({ co2Ppm }) => co2Ppm >= 1000)
    const before = series.filter(({ co2Ppm }) => co2Ppm < 1000).at(0)
    expect(stuffy).toBeGreaterThan(before?.timeS ?? Infinity)
    expect(stuffy).toBeLessThanOrEqual(after?.timeS ?? 0)
  })
  test('an empty cold room crosses none', () => {
    const { firstCrossings } = air({ outside: { temperatureK: 283.15, relativeHumidity: 0.4 } })
    expect(firstCrossings.every(({ atS }) => atS === null)).toBe(true)
    expect(airSummary(air({ outside: { temperatureK: 283.15, relativeHumidity: 0.4 } })).worst).toBeNull()
  })
  test('the summary names the worst', () => {
    const shut = air({ room: sealed, heaterW: 2600, durationS: 6 * 3600 })
    const grave = airSummary(shut).worst?.mark
    expect(grave?.of === 'oxygen' || (grave?.at ?? 0) >= 5000).toBe(true)
    expect(airThresholds.map(({ source }) => source)).toContain('OSHA')
  })
  test('a cut-off shuts the heater off at 18 % for good', () => {
    const shut = air({
      room: { ...sealed, shell: 'well-insulated' },
      heaterW: 2600,
      oxygenCutOff: true,
      durationS: 8 * 3600,
    })
    expect(shut.cutOffAtS).not.toBeNull()
    const after = shut.series.filter(({ timeS }) => timeS > (shut.cutOffAtS ?? 0))
    expect(after.length).toBeGreaterThan(10)
    expect(after.every(({ heaterW }) => heaterW === 0)).toBe(true)
    expect(air({ room: sealed, heaterW: 2600, vented: true, oxygenCutOff: true }).cutOffAtS).toBeNull()
  })
})

describe('how it burns', () => {
  test('with a thermostat the room stays near the setting', () => {
    const { series } = air({ heaterW: 3500, thermostatK: 288.15, durationS: 6 * 3600 })
    const late = series.filter(({ timeS }) => timeS > 2 * 3600).map(({ temperatureK }) => temperatureK)
    expect(Math.min(...late)).toBeGreaterThan(286.5)
    expect(Math.max(...late)).toBeLessThan(290)
    expect(new Set(series.map(({ heaterW }) => heaterW))).toEqual(new Set([0, 3500]))
  })
  test('off it cools, and openings change the air', () => {
    const { series } = air({ heaterW: 2000, heaterUntilS: 3600 })
    const hot = series.find(({ timeS }) => timeS === 3600)
    expect(series.at(-1)?.temperatureK).toBeLessThan(hot?.temperatureK ?? 0)
    const wide = air({ heaterW: 900, openings: [window({ openM: 0.2 }), { ...vent, openM: 0.3 }] })
    const tight = air({ heaterW: 900, openings: [] })
    expect(wide.series.at(-1)?.co2Ppm).toBeLessThan((tight.series.at(-1)?.co2Ppm ?? 0) / 3)
  })
  test('a vented heater leaves the air alone', () => {
    const { series, balances } = air({ heaterW: 3000, vented: true })
    expect(series.at(-1)?.co2Ppm).toBeCloseTo(420, 6)
    expect(balances.oxygen.madeKg).toBe(0)
    expect(series.at(-1)?.temperatureK).toBeGreaterThan(275)
  })
  test('it reports its progress to the end', () => {
    const told: number[] = []
    roomAir(roomAirSchema.parse({ room: van, outside: { temperatureK: 270 }, durationS: 1800 }), (share) =>
      told.push(share),
    )
    expect(told.at(-1)).toBe(1)
  })
})

test.each([
  ['outside of 500 K', { outside: { temperatureK: 500 } }, /between/],
  ['a room of no volume', { room: bareRoom({ heightM: 0.001 }) }, /more than zero/],
  ['a thermostat at 100 °C', { thermostatK: 373.15, heaterW: 100 }, /between/],
  [
    'openings of more area than their wall',
    { openings: [window({ widthM: 1.8, heightM: 1.7 }), window({ id: 'b', widthM: 3, heightM: 1.7 })] },
    /larger than the wall/,
  ],
])('%s is refused in a sentence', (_, change, words) => {
  expect(() => air(change)).toThrow(words)
})
