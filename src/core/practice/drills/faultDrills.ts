import type { PartType } from '@/core/hookup/catalogue/partType'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { fromUnit } from '@/core/units/convert'
import { currentPart, type Mark } from '@/core/practice/rig/rigState'
import { kindOfPart } from '@/core/practice/rig/applianceBehavior'
import type { FaultContext } from '@/core/practice/faults/faultKind'
import {
  type Fault,
  faultContext,
  faultedState,
  faultKinds,
  type FaultKindId,
  possibleFaults,
} from '@/core/practice/faults/faults'
import { type SymptomId } from '@/core/practice/diagnosis/symptoms'
import { symptomsOf } from '@/core/practice/diagnosis/symptomsOf'
import { tryAppliance } from '@/core/practice/readings/attempt'
import { practiceCylinder, type PracticeRig } from '@/core/practice/rig/practiceRig'
import { between, pick } from '@/core/math/seededRandom'
import { type DrillChoice, type DrillKind, type DrillNeed, said } from './drill'
import { allOff, allWork, called, gasShut, noLeak, soapedLast } from './needs'

const jointMarks: readonly Mark[] = ['taped', 'lookalike']

/** Taking a joint apart and making it new, with the gas off. */
const remake: DrillChoice = {
  id: 'remake-joint',
  label: 'Take the leaking joint apart, clean it, put it together as it should be',
  saw: 'It is made new: no tape on its faces, the right thread.',
  change: (bench) => {
    const marks = Object.entries(bench.rig.marks).map(([id, all]) => [
      id,
      all.filter((one) => !jointMarks.includes(one)),
    ])
    return { ...bench, rig: { ...bench.rig, leaks: [], marks: Object.fromEntries(marks) } }
  },
}

const replaceBattery: DrillChoice = {
  id: 'alarm-battery',
  label: 'Put a new battery in the alarm and press its test button',
  saw: 'It sounds once and is silent.',
  change: (bench) => ({
    ...bench,
    rig: { ...bench.rig, alarmChirps: bench.rig.alarmChirps === 'battery' ? null : bench.rig.alarmChirps },
  }),
}

const replaceAlarm: DrillChoice = {
  id: 'alarm-new',
  label: 'Replace the alarm',
  saw: 'The new alarm is up, in date and tested.',
  change: (bench) => ({ ...bench, rig: { ...bench.rig, alarmChirps: null } }),
}

const notUsed: DrillChoice = {
  id: 'not-used',
  label: 'Leave this heater off for the whole stay',
  saw: 'It stays off. The furnace, warm clothes or a lower camp must do.',
}

const newFuse: DrillChoice = {
  id: 'fuse',
  label: 'Replace the fuse or the battery of the spark',
  saw: 'It clicks again.',
  change: (bench) => {
    const marks = Object.entries(bench.rig.marks).map(([id, all]) => [id, all.filter((one) => one !== 'igniter-dead')])
    return { ...bench, rig: { ...bench.rig, marks: Object.fromEntries(marks) } }
  },
}

/** Hoses or filters as they were made: laid in a wide bend, or replaced. */
function renewed(id: string, label: string, saw: string, role: PartType['role']): DrillChoice {
  return {
    id,
    label,
    saw,
    change: (bench) => {
      const graph = lineGraph(bench.rig.rig.line)
      const parts = bench.rig.line.parts.map((part) => {
        const made = graph.byId.get(part.id)
        return made?.type.role === role ? { ...part, boreM: made.part.boreM, lengthM: made.part.lengthM } : part
      })
      return { ...bench, rig: { ...bench.rig, line: { ...bench.rig.line, parts } } }
    },
  }
}

const layHose = renewed('lay-hose', 'Lay the hoses in wide bends, replace a flat one', 'No hose is flat now.', 'hose')
const newFilter = renewed('new-filter', 'Replace the in-line filter, hand-tight', 'The new filter is in.', 'filter')

/** Repairs that only some drills offer. */
const repairs: Readonly<Partial<Record<FaultKindId, DrillChoice>>> = {
  taped: remake,
  altitude: notUsed,
  'alarm-battery': replaceBattery,
  'alarm-old': replaceAlarm,
  igniter: newFuse,
  kink: layHose,
  filter: newFilter,
}

/** What has to be so at the end, by who repairs the fault. */
function needsOf({ kind }: Fault): DrillNeed[] {
  if (faultKinds[kind].repair.by === 'technician') {
    return [gasShut, allOff, called('technician', 'A technician has been called.')]
  }
  if (kind === 'loose-pigtail' || kind === 'taped' || kind === 'lookalike') return [noLeak, soapedLast]
  if (kind === 'altitude') return [allOff, chosenNotUsed]
  if (kind === 'alarm-battery' || kind === 'alarm-old') {
    return [{ text: 'The alarm is silent and in date.', isMet: ({ rig }) => rig.alarmChirps === null }]
  }
  return [allWork]
}

const chosenNotUsed: DrillNeed = {
  text: 'The heater stays off above its altitude.',
  isMet: ({ chosen }) => chosen.includes('not-used'),
}

interface FaultDrill {
  title: string
  about: string
  station: DrillKind['station']
  kinds: readonly FaultKindId[]
  symptom: SymptomId
  story: readonly string[]
  /** The rig as this drill wants it. */
  change?: (context: FaultContext, random: () => number) => PracticeRig
  /** Whether a fault is one of this drill. */
  suits?: (context: FaultContext, fault: Fault) => boolean
  reasons: readonly string[]
}

/** The rig with other contents and another night for each seed. */
function varied({ rig, graph }: FaultContext, random: () => number): PracticeRig {
  const cylinders = graph.sources.map(({ part }) => {
    const cylinder = practiceCylinder(rig, part.id)
    return { ...cylinder, massKg: cylinder.waterCapacityKg * between(random, 0.15, 0.4) }
  })
  return {
    ...rig,
    cylinders,
    outsideK: rig.outsideK + between(random, -4, 2),
    batteryShare: between(random, 0.5, 0.95),
  }
}

function faultDrill(drill: FaultDrill): DrillKind {
  const { kinds, symptom, suits = () => true, reasons } = drill
  return {
    title: drill.title,
    about: drill.about,
    station: drill.station,
    scene: (own, random) => {
      const before = drill.change ? faultContext(drill.change(own, random)) : own
      const rig = varied(before, random)
      const context = faultContext(rig)
      const possible = possibleFaults(context).filter(
        (fault) =>
          kinds.includes(fault.kind) &&
          suits(context, fault) &&
          symptomsOf(context, faultedState(context, [fault])).has(symptom),
      )
      const [first, ...rest] = possible
      if (!first) return null
      const fault = pick(random, [first, ...rest])
      const isLeak = kinds.includes('taped')
      const choices = kinds.flatMap((kind) => repairs[kind] ?? [])
      return {
        rig,
        faults: [fault],
        start: { people: isLeak || symptom === 'smell' ? 'outside' : 'inside' },
        story: drill.story.map((text) => said(text, { outside: { value: rig.outsideK, role: 'temperature' } })),
        choices,
        needs: needsOf(fault),
        reasons,
        symptom,
      }
    },
  }
}

const onlyAt =
  (kind: string) =>
  (context: FaultContext, fault: Fault): boolean => {
    const state = faultedState(context, [fault])
    return context.appliances.every((part) => {
      const isBad = tryAppliance(state, currentPart(state, part)) !== 'good'
      return isBad === (kindOfPart(context.rig, part) === kind)
    })
  }

/** Length of the grill's hose in the drill about oil. */
const LONG_HOSE_M = fromUnit(24, 'length', 'ft')

/** A portable on a hose at cylinder pressure, the hose made long. */
function withLongHose({ rig, graph, appliances, zones }: FaultContext): PracticeRig {
  const own = appliances.find(({ type }) => type.appliance?.ownRegulator)
  const hose = own?.into[0]?.from
  const isHose = hose?.type.role === 'hose' && zones.get(hose.part.id)?.inlet === 'cylinder'
  if (!hose || !isHose || !graph.byId.has(hose.part.id)) return rig
  const parts = rig.line.parts.map((part) => (part.id === hose.part.id ? { ...part, lengthM: LONG_HOSE_M } : part))
  return { ...rig, line: { ...rig.line, parts } }
}

/** Drills in which a fault is to be found: each seed hides another one. */
export const faultDrills = {
  'nothing-works': faultDrill({
    title: 'Nothing works, with a full cylinder',
    about: 'You arrive, and no burner lights. Both cylinders were filled last week.',
    station: 'hookup',
    kinds: ['valve-shut', 'unseated', 'lever', 'auto-shutoff'],
    symptom: 'no-gas',
    story: [
      'You have just arrived. No burner lights, and nothing hisses.',
      'The cylinders were filled last week. It is {outside} outside.',
    ],
    reasons: ['The cheapest looks come first: valve, hand-wheel, lever.'],
  }),
  'opened-too-fast': faultDrill({
    title: 'Opened too fast',
    about: 'The cylinder was swapped in a hurry. Flames are tiny.',
    station: 'hookup',
    kinds: ['limiter'],
    symptom: 'weak',
    story: [
      'Somebody swapped the cylinder and opened the valve in one turn.',
      'Now the flames are tiny. It is {outside} outside.',
    ],
    reasons: ['A fast opening trips the flow limiter in the hand-wheel. It resets with no flow.'],
  }),
  'heat-stops-at-night': faultDrill({
    title: 'The heat stops at 2 am',
    about: 'You wake up cold. The heater is off.',
    station: 'run',
    kinds: ['battery', 'cold', 'empty'],
    symptom: 'stops-at-night',
    story: [
      'It is 2 am and {outside} outside. You wake up because the heat has stopped.',
      'No alarm sounds and nobody feels sick.',
    ],
    change: ({ rig }, random) => ({ ...rig, outsideK: between(random, 258, 266) }),
    reasons: ['A flat battery, a cold cylinder and an empty one all stop the heat. Lights and weight tell them apart.'],
  }),
  'fridge-weak': faultDrill({
    title: 'Only the fridge fails',
    about: 'The cooktop burns well. The fridge does not.',
    station: 'run',
    kinds: ['orifice', 'kink', 'mode', 'wait', 'branch', 'igniter'],
    symptom: 'one-dead',
    story: ['Everything burns but the fridge. It is getting warm in there.', 'It is {outside} outside.'],
    suits: onlyAt('fridge'),
    reasons: ['One appliance fails and the others work: the cylinder and the regulator are good.'],
  }),
  'grill-long-hose': faultDrill({
    title: 'The grill on the long hose',
    about: 'It has burned weaker from year to year.',
    station: 'hookup',
    kinds: ['oil', 'filter', 'kink'],
    symptom: 'weak',
    story: ['The appliance on the long hose burns with a small flame. Last year it was better.', 'All others work.'],
    change: withLongHose,
    suits: (context, { kind, place }) =>
      kind === 'oil' ||
      context.appliances.some(
        ({ part, type, into }) =>
          type.appliance?.ownRegulator === true &&
          into.some(({ from }) => from.part.id === place.partId) &&
          part.id !== place.partId,
      ),
    reasons: ['At cylinder pressure a long hose leaves oil in the regulator of the appliance.'],
  }),
  'pilot-drops': faultDrill({
    title: 'The pilot goes out when you let go',
    about: 'It lights. You let go of the knob, and it is out.',
    station: 'heat',
    kinds: ['held-short', 'sensor-dirty', 'altitude'],
    symptom: 'pilot-drops',
    story: [
      'The pilot lights at once. A moment later it is out.',
      'Doors and windows are open. It is {outside} outside.',
    ],
    reasons: ['Hold the knob for 60 seconds, twice at most. Between tries: off, 5 minutes, smell at the floor.'],
  }),
  'smell-at-tongue': faultDrill({
    title: 'Smell at the tongue after a rough road',
    about: 'Ten miles of washboard. It smells at the cylinders.',
    station: 'leak-test',
    kinds: ['loose-pigtail'],
    symptom: 'smell',
    story: ['You stop after ten miles of rough road. At the cylinders it smells of gas.', 'Nothing smells inside.'],
    reasons: ['Shut, hand-tighten, open, soap. Pigtails work loose on rough roads.'],
  }),
  'inherited-rig': faultDrill({
    title: 'An inherited rig: a joint that never was tight',
    about: 'The rig is new to you. One joint bubbles.',
    station: 'leak-test',
    kinds: ['taped', 'lookalike'],
    symptom: 'smell',
    story: [
      'You bought the rig last week. At the cylinders it smells a little of gas.',
      'The last owner worked on the line himself.',
    ],
    reasons: ['Tape belongs on tapered pipe thread only. A flare or a hand-wheel seals on its faces.'],
  }),
  'tall-flames': faultDrill({
    title: 'Tall, roaring flames',
    about: 'The cooktop roars and the flames lift off.',
    station: 'hookup',
    kinds: ['regulator-creep'],
    symptom: 'flame-wrong',
    story: ['You light the cooktop. The flames are tall, roar, and lift off the burner.', 'It was fine last trip.'],
    reasons: ['Too much pressure comes from a failed regulator. Shut the gas before anything else.'],
  }),
  'yellow-after-storage': faultDrill({
    title: 'It pops after the winter',
    about: 'First fire of the season: pops and yellow tips.',
    station: 'run',
    kinds: ['nest'],
    symptom: 'flame-wrong',
    story: ['The rig stood all winter. The first appliance pops and burns with yellow tips.', 'You turned it off.'],
    reasons: ['Spiders nest in burner tubes. A burner without air makes soot and carbon monoxide.'],
  }),
  'alarm-chirps': faultDrill({
    title: 'Something chirps at night',
    about: 'One chirp a minute.',
    station: 'cylinders',
    kinds: ['alarm-battery', 'alarm-old'],
    symptom: 'chirp',
    story: ['It is dark. Something chirps once a minute.', 'Nobody feels sick and nothing smells.'],
    reasons: ['One chirp is the battery or the end of its life. Four beeps and a pause is CO: out at once.'],
  }),
} as const satisfies Readonly<Record<string, DrillKind>>
