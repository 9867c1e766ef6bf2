import fc from 'fast-check'
import { symptomIds } from '@/core/practice/diagnosis/symptoms'
import { faultKindIds } from '@/core/practice/faults/faults'
import { sampleRigs } from '@/core/practice/rig/sampleRigs'
import { readyMadeLines } from '@/core/hookup/catalogue/readyMadeLines'
import { cylinderGear, rigGear, tripPlan } from '@tests/gear'
import { soundStart } from '@tests/lines'
import { between, heater, room, things } from './rooms'

/** A size over several powers of ten, each as likely. */
function sizes(min: number, max: number): fc.Arbitrary<number> {
  return fc.double({ min: Math.log(min), max: Math.log(max), noNaN: true }).map(Math.exp)
}

/** Fields that may also be left out. */
function optional<
  Fields extends Record<string, fc.Arbitrary<unknown>>,
  More extends Record<string, fc.Arbitrary<unknown>>,
>(required: Fields, more: More): fc.Arbitrary<unknown> {
  return fc.record({ ...required, ...more }, { requiredKeys: Object.keys(required) })
}

const fluid = fc.constantFrom('propane', 'co2')
const air = between(203.15, 333.15)
const altitude = between(-400, 5000)
const atmosphere = between(54_000, 106_000)
const share = between(0, 1)

/** A water capacity, and gas for it from none to liquid-full. */
const vesselAndGas = sizes(0.4, 200).chain((waterCapacityKg) =>
  between(0, 0.6).map((part) => ({ waterCapacityKg, massKg: waterCapacityKg * part })),
)

const contents = fc.record({ of: vesselAndGas, gas: fluid, temperatureK: air, hangingKg: between(0, 2) }).map((all) => {
  const { of, gas, temperatureK, hangingKg } = all
  const tareKg = of.waterCapacityKg * 0.37
  return {
    gas,
    temperatureK,
    hangingKg,
    tareKg,
    waterCapacityKg: of.waterCapacityKg,
    grossKg: tareKg + of.massKg + hangingKg,
  }
})

const mark = fc
  .tuple(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 0, max: 26 }), fc.constantFrom('', 'E', 'S', 'A'))
  .map(([month, year, letter]) => `${String(month).padStart(2, '0')}-${String(year).padStart(2, '0')}${letter}`)
const stamps = fc
  .tuple(
    fc.constantFrom('DOT-4BA240', 'DOT-39', 'TC-4BAM17', 'TC-39M', 'DOT-3AL1800', 'DOT-SP 13105', ''),
    fc.array(mark, { maxLength: 3 }),
    fc.constantFrom('', 'TW 17.8', 'WC 47.6', 'visual', '4 05'),
  )
  .map(([specification, marks, more]) => [specification, ...marks, more].join(' ').trim())
const day = fc
  .date({ min: new Date('2020-01-01'), max: new Date('2035-12-31'), noInvalidDate: true })
  .map((date) => date.toISOString().slice(0, 10))

const habit = fc.oneof(
  fc.record({ way: fc.constant('hours'), burnPerDayS: between(0, 86_400), fromH: between(0, 24) }),
  fc.record({ way: fc.constant('warmth'), awakeK: between(283, 298), asleepK: fc.option(between(278, 290)) }),
  fc.record({ way: fc.constant('around') }),
  fc.record({
    way: fc.constant('acts'),
    words: fc.constantFrom('', 'two coffees', 'one dinner, 1.5 showers', 'no tea'),
  }),
)
const appliance = fc.record({
  kind: fc.constantFrom('furnace', 'fridge', 'cooktop', 'portable-heater', 'water-heater', 'other'),
  inputW: between(0, 12_000),
  pilotW: between(0, 300),
  currentA: between(0, 8),
  needsBattery: fc.boolean(),
  useFactor: between(0.2, 5),
  byNight: fc.array(fc.constantFrom('gas', 'shore', 'battery', 'off'), { maxLength: 3 }),
  habit,
})
const clockChange = fc.record({
  atS: fc.integer({ min: 1, max: 47 }).map((hour) => hour * 3600),
  shiftS: fc.constantFrom(-3600, -1800, 1800, 3600),
})
const hourly = fc.record({ lowK: between(225, 300), swingK: between(0, 15), windMS: between(0, 30) })

const trip = fc
  .record({
    startISO: fc.constantFrom('2026-12-04T15:00-07:00', '2026-03-07T09:40', '2026-07-04T23:59Z'),
    nights: fc.integer({ min: 1, max: 2 }),
    altitudeM: altitude,
    vessels: fc.array(vesselAndGas, { minLength: 1, maxLength: 3 }),
    stands: fc.constantFrom('upright', 'lying'),
    changeover: fc.constantFrom('one-side', 'automatic', 'both'),
    site: fc.constantFrom('locker', 'cover', 'open', 'on-heater'),
    ratedW: fc.option(between(500, 20_000)),
    appliances: fc.array(appliance, { maxLength: 5 }),
    rig: fc.option(fc.record({ lossWPerK: between(10, 200), capacityJPerK: between(50_000, 2e6) })),
    weather: hourly,
    battery: fc.option(
      fc.record({
        capacityC: between(36_000, 1e6),
        usableShare: between(0.05, 1),
        startShare: share,
        solarC: between(0, 400_000),
      }),
    ),
    getUp: fc.boolean(),
    wakeH: between(0, 24),
    sleepH: between(0, 24),
    shore: fc.boolean(),
    refillAtS: fc.option(between(0, 80_000)),
    clockChange: fc.option(clockChange),
    stepS: fc.constantFrom(600, 900, 1800, 3600),
  })
  .map(({ vessels, stands, site, ratedW, appliances, weather, shore, refillAtS, clockChange: change, ...more }) => ({
    ...more,
    cylinders: vessels.map(({ waterCapacityKg, massKg }, i) => ({
      id: `cylinder ${i}`,
      waterCapacityKg,
      // In the warmest hour the liquid must still fit.
      massKg: massKg * 0.7,
      stands,
    })),
    sources: [{ id: 'line', changeover: more.changeover, site, ratedW }],
    appliances: appliances.map((one, i) => ({ id: `appliance ${i}`, ...one })),
    forecast: {
      temperatureK: Array.from(
        { length: more.nights * 24 + 1 },
        (_, hour) => weather.lowK + weather.swingK * (1 + Math.sin(hour / 4)),
      ),
      windMS: Array.from({ length: more.nights * 24 + 1 }, () => weather.windMS),
    },
    shoreNights: shore ? [0] : [],
    refills: refillAtS === null ? [] : [{ cylinderId: 'cylinder 0', atS: refillAtS }],
    clockChanges: change === null ? [] : [change],
  }))

const warmUp = fc
  .record({
    outsideK: between(250, 290),
    riseK: between(8, 30),
    tauS: between(900, 10_000),
    inputW: between(500, 8000),
    noiseK: fc.array(between(-0.4, 0.4), { minLength: 7, maxLength: 7 }),
  })
  .map(({ outsideK, riseK, tauS, inputW, noiseK }) => ({
    outsideK,
    inputW,
    readings: noiseK.map((noise, i) => ({
      timeS: i * 900,
      temperatureK: outsideK + riseK * (1 - Math.exp((-i * 900) / tauS)) + noise,
    })),
  }))

const line = fc.constantFrom(...readyMadeLines.map(({ id }) => soundStart(id)))

const readiness = fc
  .record({
    netPart: fc.array(between(0, 0.5), { minLength: 1, maxLength: 3 }),
    altitudeM: altitude,
    coldestK: fc.option(between(235, 300)),
    nights: fc.integer({ min: 1, max: 2 }),
    reserveShare: share,
    hours: between(0, 86_400),
    inputW: between(0, 9000),
    now: fc.constantFrom('2026-12-01T18:00:00Z', '2026-12-05T01:30:00-07:00', '2030-01-01T00:00:00+05:45'),
    heatless: fc.boolean(),
  })
  .map(({ netPart, altitudeM, coldestK, nights, reserveShare, hours, inputW, now, heatless }) => {
    const [use] = tripPlan().uses
    const gear = rigGear(
      netPart.map((part, i) => {
        const one = cylinderGear()
        const grossKg = one.tareKg + one.waterCapacityKg * part
        const lastWeighing = { grossKg, hangingKg: 0, weighedAt: '2026-11-30T09:00:00.000Z' }
        return cylinderGear({ id: `cylinder ${i}`, name: `Cylinder ${i}`, lastWeighing })
      }),
    )
    return {
      rig: { ...gear, heat: { ...gear.heat, heatless } },
      trip: tripPlan({
        nights,
        altitudeM,
        coldestK,
        reserveShare,
        uses: use ? [{ ...use, inputW, burnPerDayS: hours }] : [],
      }),
      now,
    }
  })

const vaporization = optional(
  { vesselAndGas, airTemperatureK: air, minimumGaugePa: between(0, 300_000) },
  { windMS: between(0, 60), site: fc.constantFrom('locker', 'cover', 'open', 'on-heater'), altitudeM: altitude },
).map((all) => {
  const { vesselAndGas: of, ...more } = all as { vesselAndGas: { waterCapacityKg: number; massKg: number } }
  return { vessel: { waterCapacityKg: of.waterCapacityKg }, liquidKg: of.massKg, ...more }
})

/** A small rig with a room, cold or warm, low or high, known or not. */
const practiceRig = fc
  .record({
    outsideK: between(230, 320),
    altitudeM: altitude,
    massKg: fc.option(between(0, 9)),
    batteryShare: fc.option(share),
    people: fc.integer({ min: 0, max: 6 }),
    room: fc.option(fc.constant(sampleRigs.van.room)),
  })
  .map(({ massKg, ...rig }) => ({ ...rig, line: sampleRigs.van.line, cylinders: [{ partId: 'cylinder', massKg }] }))

/** For each calculation, requests an owner could make: every field within its range, from edge to edge. */
export const requests: Readonly<Record<string, fc.Arbitrary<unknown>>> = {
  saturation: fc.record({ fluid, temperatureK: between(180, 369) }),
  'fluid-state': fc
    .record({ fluid, of: vesselAndGas, temperatureK: between(180, 400) })
    .map(({ fluid: gas, of, temperatureK }) => ({
      fluid: gas,
      massKg: of.massKg,
      volumeM3: of.waterCapacityKg / 999,
      temperatureK,
    })),
  'fill-limit': optional(
    { gas: fluid, waterCapacityKg: sizes(0.4, 200) },
    {
      tareKg: between(0.1, 90),
      hangingKg: between(0, 3),
      specificGravity: between(0.5, 0.515),
      liquidTemperatureK: air,
    },
  ),
  contents,
  requalification: optional(
    { stamps, ruleSet: fc.constantFrom('us-dot', 'canada', 'ten-then-five'), on: day },
    {
      kind: fc.constantFrom('removable', 'refillable-bottle', 'co2'),
      labelIntervalMonths: fc.integer({ min: 1, max: 180 }),
    },
  ),
  decant: optional(
    {
      supplyTemperatureK: between(240, 325),
      bottleTemperatureK: between(240, 325),
      bottleTareKg: between(0.2, 1),
      bottleWaterCapacityKg: between(0.5, 3),
    },
    { residualKg: between(0, 0.2), ventedFirst: fc.boolean(), evacuated: fc.boolean() },
  ),
  'hookup-check': fc
    .record({ drawn: line, temperatureK: between(210, 340), atmospherePa: atmosphere, dropped: fc.nat(12) })
    .map(({ drawn, dropped, ...place }) => ({
      parts: drawn.parts,
      // One joint less, or all of them.
      joints: drawn.joints.filter((_, i) => i !== dropped),
      ...place,
    })),
  'pressure-drop': fc.record({
    flowW: sizes(10, 100_000),
    insideDiameterM: sizes(0.002, 0.05),
    lengthM: sizes(0.05, 60),
    inletGaugePa: sizes(500, 1.5e6),
    atmospherePa: atmosphere,
  }),
  'leak-rate': optional(
    {
      lineVolumeM3: sizes(1e-5, 0.05),
      startGaugePa: sizes(500, 1e6),
      endGaugePa: sizes(400, 1e6),
      durationS: between(1, 90_000),
      startK: between(250, 320),
      endK: between(250, 320),
    },
    { atmospherePa: atmosphere, spaceVolumeM3: between(1, 60), gas: fluid },
  ),
  'clearance-check': fc
    .record({
      heater,
      room,
      objects: things,
      xShare: between(0.2, 0.8),
      yShare: between(0.2, 0.8),
      turnDeg: fc.constantFrom(0, 90, 180, 270),
    })
    .map(({ xShare, yShare, turnDeg, ...more }) => ({
      ...more,
      pose: { xM: more.room.lengthM * xShare, yM: more.room.widthM * yShare, turnDeg, bottomM: 0 },
    })),
  placements: fc.record({ heater, room, objects: things, gridM: between(0.2, 0.6) }),
  'room-air': optional(
    { room, outside: fc.record({ temperatureK: between(230, 300), relativeHumidity: share, pressurePa: atmosphere }) },
    {
      durationS: between(60, 9000),
      windMS: between(0, 15),
      heaterW: between(0, 8000),
      thermostatK: between(283, 298),
      heaterUntilS: between(0, 20_000),
      vented: fc.boolean(),
      oxygenCutOff: fc.boolean(),
      catalytic: fc.boolean(),
      people: fc.record({ awake: fc.integer({ min: 0, max: 4 }), asleep: fc.integer({ min: 0, max: 4 }) }),
      fabricWPerK: between(20, 300),
      capacityJPerK: between(50_000, 2e6),
    },
  ).map((all) => ({ durationS: 3600, ...(all as object) })),
  'warm-up-fit': warmUp,
  runtime: fc.record({ massKg: between(0, 200), inputW: sizes(10, 60_000) }),
  vaporization,
  vaporisation: vaporization,
  'trip-plan': trip,
  carbonation: fc.record({ temperatureK: between(273, 305), volumes: between(0.5, 6), altitudeM: altitude }),
  diagnose: fc.record({
    rig: practiceRig,
    symptoms: fc.uniqueArray(fc.constantFrom(...symptomIds), { minLength: 1, maxLength: 2 }),
    answers: fc.constantFrom([], [{ check: 'since', outcome: 'suddenly' }]),
  }),
  simulate: fc.record({
    rig: practiceRig,
    faults: fc.array(fc.record({ kind: fc.constantFrom(...faultKindIds) }), { maxLength: 2 }),
    actions: fc.array(
      fc.constantFrom(
        { do: 'wait', seconds: 600 },
        { do: 'out' },
        { do: 'soap' },
        { do: 'sleep' },
        { do: 'knob', partId: 'stove', to: 'high' },
        { do: 'valve', partId: 'cylinder', to: 'shut' },
      ),
      { maxLength: 4 },
    ),
  }),
  readiness,
}
