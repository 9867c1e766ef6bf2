import { connections } from '@/core/hookup/catalogue/connections'
import { isShut } from '@/core/hookup/line/lineGraph'
import { jointName } from '@/core/hookup/line/jointName'
import { fromUnit } from '@/core/units/convert'
import { behaviorOf } from '@/core/practice/rig/applianceBehavior'
import { tryAppliance } from '@/core/practice/readings/attempt'
import { lineReading } from '@/core/practice/readings/lineReading'
import { currentPart as now, hasHandWheel, hasMark, withPart } from '@/core/practice/rig/rigState'
import { isFlattened } from '@/core/practice/readings/signs'
import { certain, type CheckFamily, type CheckOutcome } from './check'

const reopen: CheckFamily = ({ appliances, graph }) => {
  const [part] = appliances
  if (!part || !graph.sources.some(hasHandWheel)) {
    return []
  }
  return [
    {
      id: 'reopen',
      partId: graph.sources[0]?.part.id,
      ask: 'All off. Shut the cylinder, wait 2 minutes, reopen slowly. Better now?',
      how: 'Open a little, wait 10 seconds, then open fully. Light one burner.',
      minutes: 4,
      acts: ['turn-cylinder-valve', 'light-burner'],
      outcomes: [
        { id: 'better', label: 'Yes, it burns as usual' },
        { id: 'same', label: 'No change' },
      ],
      predict: (state) => {
        const before = tryAppliance(state, now(state, part))
        const reset = graph.sources.reduce(
          (open, source) => withPart(open, source.part.id, { boreM: undefined, lengthM: undefined, setting: 'open' }),
          state,
        )
        const after = tryAppliance(reset, now(reset, part))
        return certain(before !== 'good' && after === 'good' ? 'better' : 'same')
      },
    },
  ]
}

const settings: CheckFamily = ({ graph, rig, appliances }) => {
  const valves = graph.parts.filter(({ type }) => type.role === 'valve' || type.role === 'quick')
  const switched = appliances.filter((part) => behaviorOf(rig, part).hasEnergyMode)
  const all = [...valves, ...switched]
  if (all.length === 0) return []
  return [
    {
      id: 'settings',
      ask: 'Are all branch valves open, and all switches at gas?',
      how: 'A valve is open when its handle points along the line.',
      minutes: 2,
      acts: ['look'],
      outcomes: [
        { id: 'all', label: 'All open, all at gas' },
        ...all.map(({ part, name }): CheckOutcome => ({ id: part.id, label: `${name} was not` })),
      ],
      predict: (state) => {
        const off = all.find((part) => isShut(now(state, part)) || hasMark(state, part.part.id, 'electric-mode'))
        return certain(off?.part.id ?? 'all')
      },
    },
  ]
}

/** Flowing pressure under which the line is too weak, and the highest lock-up. [common practice] */
const PORT_PA = { low: fromUnit(10, 'gaugePressure', 'inWC'), lockup: fromUnit(14, 'gaugePressure', 'inWC') }

const port: CheckFamily = ({ graph, appliances }) => {
  const testPort = graph.parts.find(({ type }) => type.role === 'test-port')
  const [part] = appliances
  if (!testPort || !part) return []
  return [
    {
      id: 'port',
      partId: testPort.part.id,
      ask: 'Manometer at the test port: what does it read with one burner on, and with all off?',
      how: 'Fit it with the gas off. Burn the line down before you take it off.',
      minutes: 8,
      acts: ['measure-at-test-port'],
      outcomes: [
        { id: 'right', label: '10 in WC or more with flow, at most 14 with all off' },
        { id: 'low', label: 'Under 10 in WC with flow' },
        { id: 'high', label: 'Over 14 in WC with all off' },
        { id: 'zero', label: 'Nothing at all' },
      ],
      predict: (state) => {
        const still = lineReading(state, {}).parts.get(testPort.part.id)
        if (!still?.live || still.staticGaugePa < PORT_PA.low / 10) return certain('zero')
        if (still.staticGaugePa > PORT_PA.lockup) return certain('high')
        const flowing = lineReading(state, { [part.part.id]: 1 }).parts.get(testPort.part.id)
        return certain((flowing?.outletGaugePa ?? 0) < PORT_PA.low ? 'low' : 'right')
      },
    },
  ]
}

const hoses: CheckFamily = ({ graph }) => {
  const all = graph.parts.filter(({ type }) => type.role === 'hose')
  if (all.length === 0) return []
  return [
    {
      id: 'hoses',
      ask: 'Look along every hose. Is one kinked or crushed?',
      how: 'A flashlight, from the cylinder to the appliance.',
      minutes: 2,
      acts: ['look'],
      outcomes: [
        { id: 'none', label: 'All lie free' },
        ...all.map(({ part, name }): CheckOutcome => ({ id: part.id, label: name })),
      ],
      predict: (state) => certain(all.find((part) => isFlattened(state, part))?.part.id ?? 'none'),
    },
  ]
}

const regulators: CheckFamily = ({ graph, appliances }) => [
  {
    id: 'regulators',
    ask: 'Follow the line to the appliance. How many regulators does the gas pass?',
    how: 'Look for a round disc on the line and at the appliance.',
    minutes: 2,
    acts: ['look'],
    outcomes: [
      { id: 'expected', label: 'As drawn' },
      ...appliances.map(({ part, name }): CheckOutcome => ({ id: part.id, label: `One more at ${name}` })),
    ],
    predict: (state) =>
      certain(graph.parts.find(({ part }) => hasMark(state, part.id, 'extra-regulator'))?.part.id ?? 'expected'),
  },
]

const soap: CheckFamily = (context) => {
  const made = context.graph.joints.filter(({ from, to }) => from.part.place !== 'inside' && to.part.place !== 'inside')
  const sources = context.graph.sources.filter(({ type }) => type.gas !== 'co2')
  return [
    {
      id: 'soap',
      ask: 'Soap the joints outside, with the valve open and all off. Where do bubbles grow?',
      how: 'Soap and water, never a flame. Shut the valve at the first bubble.',
      minutes: 6,
      acts: ['soap'],
      outcomes: [
        { id: 'none', label: 'Nowhere' },
        ...made.map((joint): CheckOutcome => ({ id: joint.joint.id, label: jointName(joint) })),
        ...sources.map(({ part, name }): CheckOutcome => ({ id: part.id, label: `At the valve of ${name}` })),
      ],
      predict: (state) => certain(state.leaks[0]?.at ?? 'none'),
    },
  ]
}

const threads: CheckFamily = ({ graph }) => {
  const looked = graph.joints.filter(({ verdict }) => {
    const { sealsOn } = connections[verdict.connection]
    return sealsOn === 'face' || sealsOn === 'threads'
  })
  if (looked.length === 0) return []
  return [
    {
      id: 'threads',
      ask: 'Look at the leaking joint. What do you see?',
      how: 'Look from outside. Do not open it.',
      minutes: 1,
      acts: ['look'],
      outcomes: [
        { id: 'plain', label: 'Nothing odd' },
        { id: 'tape', label: 'Tape on a flare or hand-wheel joint' },
        { id: 'odd', label: 'Threads that do not go all the way in' },
      ],
      predict: (state) => {
        const all = Object.values(state.marks).flat()
        if (all.includes('taped')) return certain('tape')
        return certain(all.includes('lookalike') ? 'odd' : 'plain')
      },
    },
  ]
}

/** Checks along the line, from the cylinder valve to the branches. */
export const lineChecks: readonly CheckFamily[] = [reopen, settings, port, hoses, regulators, soap, threads]
