import { fahrenheit } from '@tests/tradeUnits'
import { add, chain, change, check, edited, sound, soundStart } from '@tests/lines'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { toUnit, fromUnit } from '@/core/units/convert'
import { lineZones } from '@/core/hookup/line/lineZones'
import { lineVolumeM3 } from '@/core/hookup/line/lineVolume'
import { pressureDrop } from '@/core/hookup/flow/pressureDrop'
import { holdOutcome } from '@/core/leak-test/hold/holdOutcome'
import { leakRate } from '@/core/leak-test/hold/leakRate'

const inWC = (number: number): number => fromUnit(number, 'gaugePressure', 'inWC')
const psi = (number: number): number => fromUnit(number, 'gaugePressure', 'psi')
const inch = (number: number): number => fromUnit(number, 'length', 'in')
const feet = (number: number): number => fromUnit(number, 'length', 'ft')
const btuh = (number: number): number => fromUnit(number, 'power', 'btuh')
const psiOf = (pascal: number): number => toUnit(pascal, 'gaugePressure', 'psi')
const inWCOf = (pascal: number): number => toUnit(pascal, 'gaugePressure', 'inWC')

// Worked by hand with NFPA 54's low-pressure equation [from memory]: 30,000 BTU/h ÷ 2,516 = 11.92 ft³/h;
// 11.92^0.381 = 2.571; ÷ (19.17 × 0.436) = 0.3076; ^(1/0.206) = 0.003270; × 1.2462 × 25 = 0.102 in WC.
test('a furnace of 30,000 BTU/h on 25 ft of 0.436 in tube loses a tenth of an inch', () => {
  const { dropPa } = pressureDrop({
    flowW: btuh(30_000),
    insideDiameterM: inch(0.436),
    lengthM: feet(25),
    inletGaugePa: inWC(11),
  })
  expect(inWCOf(dropPa)).toBeCloseTo(0.102, 2)
})

// The same by hand at 13 psi, sea level: 150,000 BTU/h = 59.62 ft³/h; ^0.381 = 4.748; ÷ (18.93 × 0.25) = 1.0033;
// ^(1/0.206) = 1.0161; × 1.2462 × 12 ÷ 0.991 = 15.33; P1 = 27.70, P1² = 767.1, √751.8 = 27.42: 0.28 psi.
test('a 12 ft hose of 1/4 in at 13 psi loses 0.28 psi at 150,000 BTU/h', () => {
  const { dropPa, regime } = pressureDrop({
    flowW: btuh(150_000),
    insideDiameterM: inch(0.25),
    lengthM: feet(12),
    inletGaugePa: fromUnit(13, 'gaugePressure', 'psi'),
  })
  expect(regime).toBe('high')
  expect(psiOf(dropPa)).toBeCloseTo(0.28, 2)
})

// Vapor pressure of propane from its saturation line, 55.9, 107.6 and 188.9 psia [from memory], less 14.7 psi.
test.each([
  [20, 41, 2],
  [60, 93, 2],
  [100, 174, 3],
])('a cylinder at %i °F has about %i psig', (fahrenheit, psig, within) => {
  const line = soundStart('two-cylinders')
  const temperatureK = fromUnit(fahrenheit, 'temperature', 'F')
  const at = check(line, { temperatureK }).flow?.get('left')?.outletGaugePa ?? NaN
  expect(Math.abs(psiOf(at) - psig)).toBeLessThanOrEqual(within)
})

// Common practice: 11 in WC set, lock-up at most 14, 10 to 12 at an appliance that burns.
test('a usual line: locked up under 14, burning between 10 and 12', () => {
  for (const { staticGaugePa, flowingGaugePa } of check(soundStart('two-cylinders')).appliances) {
    expect(inWCOf(staticGaugePa)).toBeLessThanOrEqual(14)
    expect(inWCOf(flowingGaugePa)).toBeGreaterThan(10)
    expect(inWCOf(flowingGaugePa)).toBeLessThan(12)
  }
})

// By hand: π/4 × (0.311 in)² × 6 ft = 5.47 in³ a tube of six feet, 89.6 cm³.
test('the inside of six feet of 3/8 tube is 90 cm³', () => {
  const graph = lineGraph(sound(chain('cylinder-both', 'single-stage', 'tube-3/8', 'cooktop')))
  // The appliance adds a few cubic centimeters.
  expect(lineVolumeM3(graph, lineZones(graph), 'low') * 1e6).toBeCloseTo(89.6 + 20, 0)
})

// By hand: 0.7 L, 8.0 to 7.1 in WC in three minutes: 224 Pa × 0.0007 m³ × 0.0441 ÷ (8.314 × 288.7) ÷ 180 s = 1.6e-8 kg/s, 0.058 g/h,
// 0.0011 ft³/h × 2,516 = 2.9 BTU/h.
test('nine tenths of an inch in three minutes out of 0.7 L', () => {
  const rate = leakRate({
    lineVolumeM3: 0.0007,
    startGaugePa: inWC(8),
    endGaugePa: inWC(7.1),
    durationS: 180,
    startK: 288.7,
    endK: 288.7,
  })
  expect(rate.massRateKgS * 3.6e6).toBeCloseTo(0.06, 2)
  expect(toUnit(rate.powerW, 'power', 'btuh')).toBeCloseTo(2.9, 0)
})

// Common practice: the low side starts at 7.5 to 9.5 in WC, for three minutes; the cylinder's side 10 to 15 psi under the
// day's vapor pressure and at 30 psi or more, for a quarter of an hour on a dial, never overnight, below 20 °F not at all.
// Propane at 60 °F is at 92 psi, at 40 °F at 64 psi, at 100 °F at 172 psi (NIST, to a psi).
const quarter = 15 * 60
test.each([
  ['low', 60, inWC(0.2), 180, 'low'],
  ['low', 60, inWC(7.4), 180, 'low'],
  ['low', 60, inWC(7.6), 180, 'held'],
  ['low', 60, inWC(9.4), 180, 'held'],
  ['low', 60, inWC(9.6), 180, 'high'],
  ['low', 60, inWC(12.5), 180, 'high'],
  ['low', 60, inWC(8), 170, 'short'],
  ['cylinder', 60, psi(3), quarter, 'low'],
  ['cylinder', 60, psi(76), quarter, 'low'],
  ['cylinder', 60, psi(80), quarter, 'held'],
  ['cylinder', 60, psi(84), quarter, 'high'],
  ['cylinder', 60, psi(80), 180, 'short'],
  ['cylinder', 60, psi(80), 12 * 3600, 'long'],
  ['cylinder', 40, psi(52), quarter, 'held'],
  ['cylinder', 100, psi(160), quarter, 'held'],
  ['cylinder', 100, psi(80), quarter, 'low'],
  ['cylinder', 21, psi(31), quarter, 'held'],
  ['cylinder', 19, psi(30), quarter, 'cold'],
] as const)(
  'held on the %s side at %d °F from %f Pa for %d s: %s',
  (side, degrees, startGaugePa, durationS, outcome) => {
    const startK = fahrenheit(degrees)
    const input = { lineVolumeM3: 0.0007, startGaugePa, endGaugePa: startGaugePa, durationS, startK, endK: startK }
    expect(holdOutcome(side, input)).toBe(outcome)
    expect(holdOutcome(side, { ...input, endGaugePa: startGaugePa * 0.99 })).toBe('fell')
    expect(holdOutcome(side, { ...input, endGaugePa: startGaugePa * 1.01 })).toBe('rose')
  },
)

// Common practice: seen with 24 ft; a finding from 10 ft on, and a 15 psi regulator before the run ends it.
test('a long hose at cylinder pressure, and the regulator that goes before it', () => {
  const long = sound(
    edited(
      chain('cylinder-both', 'hose-high-bottle', 'filter-bottle', 'portable'),
      change('hose-high-bottle', { lengthM: feet(24) }),
    ),
  )
  expect(check(long).findings.map(({ code }) => code)).toEqual(['long-hose'])
  const mended = sound(
    edited(
      chain('cylinder-both', 'pigtail-acme-npt', 'inline-15', 'quick-mid', 'hose-mid-quick'),
      add('filter', 'filter-bottle', 'hose-mid-quick'),
      add('heater', 'portable', 'filter'),
    ),
  )
  expect(check(mended).findings).toEqual([])
})

// Common practice: the household grill, in both setups.
test('a grill with its own regulator before the low-pressure one, or without it behind', () => {
  const before = soundStart('onboard-tank')
  expect(check(before).findings.filter(({ severity }) => severity !== 'note')).toEqual([])
  const behind = sound(chain('tank', 'single-stage', 'hose-low-flare', 'grill-low'))
  expect(check(behind).findings.filter(({ severity }) => severity !== 'note')).toEqual([])
  const wrong = sound(chain('tank', 'single-stage', 'hose-low-flare', 'grill-flare'))
  expect(check(wrong).findings.map(({ code }) => code)).toContain('second-regulator')
})
