import { changeoverStates } from '@/core/hookup/line/changeoverSides'
import { isShut } from '@/core/hookup/line/lineGraph'
import { fromUnit } from '@/core/units/convert'
import { lineReading } from '@/core/practice/readings/lineReading'
import { liftedAs } from '@/core/practice/readings/signs'
import { hasHandWheel, hasMark, sourceGaugePa, sourcesInUse, stateGraph } from '@/core/practice/rig/rigState'
import { frostAt } from '@/core/practice/readings/frost'
import { certain, type CheckFamily } from './check'

/** Least pressure that moves the gauge of a shut-off. */
const LIVE_PA = fromUnit(2, 'gaugePressure', 'psi')

const lift: CheckFamily = ({ graph }) =>
  graph.sources
    .filter(({ type }) => type.role === 'cylinder')
    .map((source) => ({
      id: `lift ${source.part.id}`,
      partId: source.part.id,
      ask: `How heavy is ${source.name}?`,
      how: 'Lift it a little by its collar. Better: weigh it.',
      minutes: 1,
      acts: ['lift'],
      outcomes: [
        { id: 'light', label: 'Light: next to nothing in it' },
        { id: 'heavy', label: 'Gas is in it' },
        { id: 'over', label: 'Weighed: over its limit' },
      ],
      predict: (state) => {
        const felt = liftedAs(state, source.part.id)
        // Only a scale finds an overfilled cylinder.
        return felt === 'over' ? { over: 0.7, heavy: 0.3 } : certain(felt)
      },
    }))

const gauge: CheckFamily = ({ graph }) =>
  graph.sources
    .filter(({ type }) => type.role === 'tank')
    .map((source) => ({
      id: `gauge ${source.part.id}`,
      partId: source.part.id,
      ask: `What does the gauge of ${source.name} show?`,
      how: 'Read the dial at the tank itself.',
      minutes: 1,
      acts: ['look'],
      outcomes: [
        { id: 'light', label: 'Empty or almost empty' },
        { id: 'heavy', label: 'Gas is in it' },
      ],
      predict: (state) => certain(liftedAs(state, source.part.id) === 'light' ? 'light' : 'heavy'),
    }))

const valve: CheckFamily = ({ graph }) =>
  graph.sources.map((source) => {
    const isWheel = hasHandWheel(source)
    const to = source.outOf[0]?.to.part.id ?? ''
    return {
      id: `valve ${source.part.id}`,
      partId: source.part.id,
      ask: `Is the valve of ${source.name} open${isWheel ? ', and its hand-wheel tight' : ''}?`,
      how: 'Turn the valve counterclockwise. Open it slowly if it was shut.',
      minutes: 1,
      acts: ['turn-cylinder-valve', 'look'],
      outcomes: [
        { id: 'open', label: isWheel ? 'Open, hand-wheel tight' : 'It was open' },
        { id: 'shut', label: 'It was shut' },
        ...(isWheel ? [{ id: 'unseated', label: 'The hand-wheel turned further in' }] : []),
      ],
      predict: (state) => {
        const now = stateGraph(state).byId.get(source.part.id)
        if (now && isShut(now)) return certain('shut')
        return certain(isWheel && hasMark(state, to, 'unseated') ? 'unseated' : 'open')
      },
    }
  })

const lever: CheckFamily = ({ graph }) =>
  changeoverStates(graph, undefined)
    .filter(({ sides }) => sides.length === 2)
    .map(({ changeover, sides }) => ({
      id: `lever ${changeover.part.id}`,
      partId: changeover.part.id,
      ask: `Where does the lever of ${changeover.name} point, and which cylinder is lighter?`,
      how: 'Read the arrow. Lift both cylinders a little.',
      minutes: 2,
      acts: ['look', 'lift'],
      outcomes: [
        { id: 'at-light', label: 'At the light cylinder, the other one is heavy' },
        { id: 'at-heavy', label: 'At a cylinder with gas' },
        { id: 'both-light', label: 'Both are light' },
      ],
      predict: (state) => {
        const isLight = ({ side }: { side: string }): boolean => {
          const id = sides.find((one) => one.side === side)?.cylinder.part.id ?? ''
          return liftedAs(state, id) === 'light'
        }
        if (sides.every(isLight)) return certain('both-light')
        const used = new Set(sourcesInUse(stateGraph(state)).map(({ part }) => part.id))
        const inUse = sides.filter(({ cylinder }) => used.has(cylinder.part.id))
        return certain(inUse.every(isLight) ? 'at-light' : 'at-heavy')
      },
    }))

const frost: CheckFamily = () => [
  {
    id: 'frost',
    ask: 'Do you see frost?',
    how: 'Look at the cylinder in use, at its regulator, and at the hose after its valve.',
    minutes: 1,
    acts: ['look'],
    outcomes: [
      { id: 'none', label: 'No frost' },
      { id: 'cylinder', label: 'On the lower part of the cylinder' },
      { id: 'regulator', label: 'On the regulator or its vent' },
      { id: 'past-valve', label: 'On the valve and the hose after it' },
    ],
    predict: (state) => certain(frostAt(state)),
  },
]

const upright: CheckFamily = ({ graph }) => {
  const cylinders = graph.sources.filter(({ type }) => type.role === 'cylinder')
  if (cylinders.length === 0) return []
  return [
    {
      id: 'upright',
      ask: 'Does every cylinder stand upright, valve up?',
      how: 'Look only. Shut a cylinder that lies before you move it.',
      minutes: 0.5,
      acts: ['look'],
      outcomes: [
        { id: 'yes', label: 'Upright' },
        { id: 'no', label: 'One lies or leans' },
      ],
      predict: (state) =>
        certain(
          cylinders.some(({ part: { id } }) => state.sources[id]?.isTipped === true && liftedAs(state, id) !== 'over')
            ? 'no'
            : 'yes',
        ),
    },
  ]
}

const primer: CheckFamily = ({ graph }) =>
  graph.parts
    .filter(({ type }) => type.role === 'shut-off')
    .map((shutOff) => ({
      id: `primer ${shutOff.part.id}`,
      partId: shutOff.part.id,
      ask: `Press the gauge of ${shutOff.name} 4 to 6 times. Does it rise and stay?`,
      how: 'Cylinder valve open first.',
      minutes: 1,
      acts: ['press-primer', 'look'],
      outcomes: [
        { id: 'was-up', label: 'It showed pressure before' },
        { id: 'rises', label: 'It was at 0, now it stays up' },
        { id: 'zero', label: 'It stays at 0' },
      ],
      predict: (state) => {
        const now = stateGraph(state).byId.get(shutOff.part.id)
        const source = graph.sources.find(({ outOf }) => outOf.some(({ to }) => to === shutOff))
        const isFed = source
          ? sourceGaugePa(state, source) > LIVE_PA &&
            stateGraph(state).byId.get(source.part.id)?.part.setting !== 'shut'
          : lineReading(state, {}).parts.get(shutOff.part.id)?.live
        if (!isFed) return certain('zero')
        return certain(now && isShut(now) ? 'rises' : 'was-up')
      },
    }))

/** Checks at the cylinders, their valves and the changeover. */
export const supplyChecks: readonly CheckFamily[] = [lift, gauge, valve, lever, frost, upright, primer]
