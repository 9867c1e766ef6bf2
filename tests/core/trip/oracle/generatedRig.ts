import fc from 'fast-check'
import { applianceUse, bottleGear, cylinderGear, fitness, NOW, rigGear, soundEquipment, tripPlan } from '@tests/gear'
import { heaterGear, pose, roomGear, thing, window } from '@tests/heat'
import { change, edited, made, soundStart } from '@tests/lines'
import { BTU_PER_HOUR_W, fahrenheit, POUND_KG } from '@tests/tradeUnits'
import { assumed } from '@/core/base/provenance'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { lineFingerprint } from '@/core/hookup/line/lineChanges'
import type { TripPlan } from '@/core/run/tripPlan'
import type { JudgedLine } from '@/core/trip/readiness/lineFindings'
import type { RigGear } from '@/core/trip/readiness/rigGear'

/** What is so about a rig, in plain words; the oracle reads only this. */
export interface RigFacts {
  cylinder:
    'sound' | 'out-of-service' | 'leaks-at-its-foot' | 'overfilled' | 'overdue' | 'date-unknown' | 'never-looked-over'
  tare: 'read' | 'not-read'
  bottle: 'sound' | 'refilled-throw-away' | 'heavier-throw-away'
  coAlarm: 'sound' | 'missing' | 'past-its-date' | 'not-tested'
  propaneAlarm: 'sound' | 'past-its-date'
  extinguisher: 'sound' | 'past-its-date'
  leakTest: 'passed' | 'never' | 'line-changed' | 'leak-open'
  holdTest: 'held' | 'fell'
  joint: 'sound' | 'taped-flare' | 'bare-pipe-thread'
  line: 'drawn' | 'not-drawn'
  heater: 'evening' | 'asleep' | 'left-alone' | 'not-certified' | 'too-high' | 'limit-unknown' | 'hours-not-entered'
  openings: 'wide' | 'shut'
  livingSpace: 'free' | 'cylinder-inside'
  gas: 'enough' | 'short'
  stove: 'cooks' | 'heats' | 'burns-all-morning' | 'burns-all-morning-to-cook'
  nights: 'freezing' | 'mild' | 'not-entered'
  altitude: 'entered' | 'not-entered'
  /** Whether the owner accepts, with a reason, everything that may be accepted. */
  accepts: boolean
}

/** Mostly in order: a rig with several faults teaches little. */
function mostly<Value extends string>(usual: Value, ...others: readonly Value[]): fc.Arbitrary<Value> {
  return fc.oneof(
    { arbitrary: fc.constant(usual), weight: 18 * others.length },
    ...others.map((other) => ({ arbitrary: fc.constant(other), weight: 1 })),
  )
}

export const anyFacts: fc.Arbitrary<RigFacts> = fc.record({
  cylinder: mostly<RigFacts['cylinder']>(
    'sound',
    'out-of-service',
    'leaks-at-its-foot',
    'overfilled',
    'overdue',
    'date-unknown',
    'never-looked-over',
  ),
  tare: mostly<RigFacts['tare']>('read', 'not-read'),
  bottle: mostly<RigFacts['bottle']>('sound', 'refilled-throw-away', 'heavier-throw-away'),
  coAlarm: mostly<RigFacts['coAlarm']>('sound', 'missing', 'past-its-date', 'not-tested'),
  propaneAlarm: mostly<RigFacts['propaneAlarm']>('sound', 'past-its-date'),
  extinguisher: mostly<RigFacts['extinguisher']>('sound', 'past-its-date'),
  leakTest: mostly<RigFacts['leakTest']>('passed', 'never', 'line-changed', 'leak-open'),
  holdTest: mostly<RigFacts['holdTest']>('held', 'fell'),
  joint: mostly<RigFacts['joint']>('sound', 'taped-flare', 'bare-pipe-thread'),
  line: mostly<RigFacts['line']>('drawn', 'not-drawn'),
  heater: mostly<RigFacts['heater']>(
    'evening',
    'asleep',
    'left-alone',
    'not-certified',
    'too-high',
    'limit-unknown',
    'hours-not-entered',
  ),
  openings: mostly<RigFacts['openings']>('wide', 'shut'),
  livingSpace: mostly<RigFacts['livingSpace']>('free', 'cylinder-inside'),
  gas: mostly<RigFacts['gas']>('enough', 'short'),
  stove: mostly<RigFacts['stove']>('cooks', 'heats', 'burns-all-morning', 'burns-all-morning-to-cook'),
  nights: fc.constantFrom<RigFacts['nights'][]>(
    'freezing',
    'mild',
    'mild',
    'mild',
    'mild',
    'mild',
    'mild',
    'not-entered',
  ),
  altitude: mostly<RigFacts['altitude']>('entered', 'not-entered'),
  accepts: fc.boolean(),
})

const OLD_DAY = '2013-01'

function cylinderOf({ cylinder, tare, gas }: RigFacts): CylinderGear {
  const base = cylinderGear({ id: 'left', name: 'Left' })
  const netLb = cylinder === 'overfilled' ? 24 : gas === 'short' ? 0.2 : 19
  const lastWeighing = { grossKg: base.tareKg + netLb * POUND_KG, hangingKg: 0, weighedAt: '2026-11-30T09:42:00.000Z' }
  const changes = {
    'out-of-service': { retiredBy: { answers: { bulge: 'bad' as const }, lookedAt: NOW } },
    'leaks-at-its-foot': { vesselLeak: { place: 'the foot of its valve', foundAt: NOW } },
    overdue: { manufacturedMonth: '2012-01' },
    'date-unknown': { manufacturedMonth: null },
    'never-looked-over': { lastLook: null },
    sound: {},
    overfilled: {},
  }
  return {
    ...base,
    lastWeighing,
    // A narrow range: what it holds stays about the same.
    ...(tare === 'not-read' && { sources: { tareKg: assumed(base.tareKg * 0.999, base.tareKg * 1.001) } }),
    fitness: fitness('removable', changes[cylinder]),
  }
}

function bottlesOf({ bottle }: RigFacts): CylinderGear[] {
  const sound = bottleGear({ id: 'bottle', name: 'Bottle' })
  if (bottle === 'sound') return [sound]
  const throwAway = bottleGear({
    id: 'throwaway',
    name: 'Throw-away',
    kind: 'bottle',
    fitness: fitness('bottle', {
      specification: 'DOT-39',
      ...(bottle === 'refilled-throw-away'
        ? { refilledAt: NOW }
        : { heavier: { byKg: 0.2, weighedAt: '2026-11-30T09:42:00.000Z' } }),
    }),
  })
  return [sound, throwAway]
}

function equipmentOf({ coAlarm, propaneAlarm, extinguisher }: RigFacts): RigGear['equipment'] {
  return soundEquipment().flatMap((one) => {
    if (one.kind === 'co-alarm') {
      if (coAlarm === 'missing') return []
      if (coAlarm === 'past-its-date') return [{ ...one, madeMonth: OLD_DAY }]
      if (coAlarm === 'not-tested') return [{ ...one, lastLook: null }]
    }
    if (one.kind === 'propane-alarm' && propaneAlarm === 'past-its-date') return [{ ...one, madeMonth: OLD_DAY }]
    if (one.kind === 'extinguisher' && extinguisher === 'past-its-date') return [{ ...one, madeMonth: OLD_DAY }]
    return [one]
  })
}

function linesOf({ line, joint, leakTest, holdTest }: RigFacts): JudgedLine[] {
  if (line === 'not-drawn') return []
  const start = edited(
    soundStart('two-cylinders'),
    change('left', { cylinderId: 'left', place: 'outside' }),
    change('fridge', { applianceId: 'fridge', place: 'inside' }),
    change('cooktop', { applianceId: 'cooktop', place: 'inside' }),
  )
  const drawn =
    joint === 'sound'
      ? start
      : edited(start, joint === 'taped-flare' ? made('cooktop-in', 'taped') : made('nipple-in', 'bare'))
  const fingerprint = lineFingerprint(drawn)
  const place = {
    id: 'joint cooktop-in',
    kind: 'joint' as const,
    name: 'At the cooktop',
    expect: '',
    zone: 'low' as const,
    inside: true,
    leased: false,
    partId: 'cooktop',
    sealsOn: null,
    tighten: null,
  }
  const reading = { itemId: place.id, grade: 'steady' as const, leftForTechnician: false, readAt: NOW }
  const isOpen = leakTest === 'leak-open'
  return [
    {
      gear: { id: 'house', name: 'House line', line: drawn },
      tightness: {
        lineId: 'house',
        name: 'House line',
        fingerprint,
        lastTest:
          leakTest === 'never'
            ? null
            : {
                startedAt: NOW,
                fingerprint: leakTest === 'line-changed' ? 'before' : fingerprint,
                sheet: [place],
                readings: [isOpen ? reading : { ...reading, grade: 'none' }],
                closedAt: isOpen ? null : NOW,
              },
        lastHold: { outcome: holdTest === 'held' ? 'held' : 'fell', heldAt: NOW },
        refilledAt: null,
      },
    },
  ]
}

const HEATER_W = 3000 * BTU_PER_HOUR_W

function heatOf({ heater, openings, livingSpace }: RigFacts): RigGear['heat'] {
  const openM = openings === 'wide' ? 0.3556 : 0
  const use = heater === 'asleep' || heater === 'left-alone' ? heater : 'evening'
  const gear = roomGear({ placed: [{ heaterId: 'panel', pose: pose({ xM: 5.5, yM: 1, turnDeg: 180 }), use }] })
  const [door] = gear.shelter.room.openings
  const windows = ['a', 'b', 'c'].map((id, i) =>
    window({
      id,
      name: `Window ${id}`,
      side: i === 1 ? 'right' : 'left',
      alongM: 1 + i,
      bottomM: i === 1 ? 0.1 : 1.5,
      openM,
    }),
  )
  const things = [
    ...gear.shelter.things,
    ...(livingSpace === 'cylinder-inside'
      ? [thing({ id: 'spare', name: 'Spare', kind: 'cylinder', xM: 3, yM: 3.5 })]
      : []),
  ]
  return {
    rooms: [
      {
        ...gear,
        shelter: {
          ...gear.shelter,
          things,
          room: { ...gear.shelter.room, openings: [...(door ? [door] : []), ...windows] },
        },
      },
    ],
    heaters: [
      {
        ...heaterGear({
          highW: HEATER_W,
          bottleOn: true,
          certified: heater === 'not-certified' ? 'no' : 'yes',
          highestM: heater === 'too-high' ? 1000 : heater === 'limit-unknown' ? null : 3500,
        }),
        applianceId: 'heater',
      },
    ],
    heatless: false,
    warmth: { lossWPerK: 60, capacityJPerK: 500_000 },
  }
}

/** The rig that has these facts. */
export function rigOf(facts: RigFacts): RigGear {
  return rigGear([cylinderOf(facts), ...bottlesOf(facts)], {
    equipment: equipmentOf(facts),
    lines: linesOf(facts),
    heat: heatOf(facts),
  })
}

/** The trip that has these facts. */
export function tripOf({ heater, nights, altitude, stove }: RigFacts): TripPlan {
  const cooktop = applianceUse({
    id: 'cooktop',
    name: 'Cooktop',
    kind: 'cooktop',
    inputW: 2000,
    burnPerDayS: 0,
    habit: stove.startsWith('burns')
      ? { way: 'hours', burnPerDayS: 3 * 3600, fromH: 8 }
      : { way: 'acts', words: 'one coffee, one dinner' },
    ...(stove === 'heats' && { heatsRoom: true }),
    ...(stove === 'burns-all-morning-to-cook' && { heatsRoom: false }),
  })
  const evening = applianceUse({
    id: 'heater',
    name: 'Heater',
    kind: 'portable-heater',
    supply: 'bottles',
    inputW: HEATER_W,
    burnPerDayS: 3600,
    habit: { way: 'hours', burnPerDayS: 3600, fromH: 19.5 },
  })
  return tripPlan({
    nights: 2,
    altitudeM: altitude === 'entered' ? 2410 : 0,
    ...(altitude === 'not-entered' && { sources: { altitudeM: assumed() } }),
    coldestK: nights === 'not-entered' ? null : fahrenheit(nights === 'freezing' ? 25 : 45),
    uses: heater === 'hours-not-entered' ? [cooktop] : [cooktop, evening],
  })
}
