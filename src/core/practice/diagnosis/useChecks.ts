import { applianceTraits } from '@/core/appliances/applianceKinds'
import { behaviorOf, kindOfPart, needsBattery } from '@/core/practice/rig/applianceBehavior'
import { onsets, type Onset } from '@/core/practice/faults/faultKind'
import { faultKinds } from '@/core/practice/faults/faults'
import { attemptLabels, type AttemptOutcome, attemptOutcomes, tryAppliance } from '@/core/practice/readings/attempt'
import { currentPart as now, hasMark, type RigState, withoutMark } from '@/core/practice/rig/rigState'
import { isBatteryFlat } from '@/core/practice/readings/signs'
import { certain, type CheckFamily, type CheckOutcome } from './check'

const onsetLabels: Readonly<Record<Onset, string>> = {
  'after-opening': 'After somebody opened a valve',
  'after-refill': 'After a refill or a swap',
  'after-new-part': 'Since a part was added or changed',
  'after-road': 'After a drive on rough road',
  'after-storage': 'After the rig was stored',
  slowly: 'Slowly, over weeks or months',
  'cold-or-long': 'On a cold night, or after hours of heavy use',
  rain: 'After rain, snow or fog',
  suddenly: 'Suddenly, with nothing changed',
}

const since: CheckFamily = () => [
  {
    id: 'since',
    ask: 'When did it begin?',
    how: 'Pick what comes closest.',
    minutes: 0.3,
    acts: ['recall'],
    isHint: true,
    outcomes: onsets.map((id) => ({ id, label: onsetLabels[id] })),
    predict: (_, faults) => {
      const all = faults.flatMap(({ kind }) => faultKinds[kind].onset)
      const share = all.length > 0 ? 1 / all.length : 0
      return all.reduce<Record<string, number>>((sum, one) => ({ ...sum, [one]: (sum[one] ?? 0) + share }), {})
    },
  },
]

/** Answer to "which of them work": all alike, or the ones that differ. */
function pattern(outcomes: ReadonlyMap<string, AttemptOutcome>): string {
  const bad = [...outcomes].filter(([, outcome]) => outcome !== 'good')
  if (bad.length === 0) return 'all-good'
  if (bad.length < outcomes.size) return bad.length === 1 ? `only ${bad[0]?.[0] ?? ''}` : 'some'
  return bad.every(([, outcome]) => outcome === 'weak') ? 'all-weak' : 'all-bad'
}

const which: CheckFamily = ({ appliances }) =>
  appliances.length < 2
    ? []
    : [
        {
          id: 'which',
          ask: 'Which appliances fail?',
          how: 'Go by what you have seen so far.',
          minutes: 0.5,
          acts: ['recall'],
          outcomes: [
            { id: 'all-good', label: 'None: all work' },
            ...appliances.map(({ part, name }): CheckOutcome => ({ id: `only ${part.id}`, label: `Only ${name}` })),
            { id: 'some', label: 'More than one, not all' },
            { id: 'all-weak', label: 'All of them burn weakly' },
            { id: 'all-bad', label: 'All of them fail' },
          ],
          predict: (state) =>
            certain(pattern(new Map(appliances.map((part) => [part.part.id, tryAppliance(state, now(state, part))])))),
        },
      ]

/** Faulty flames as an owner tells them apart, the worst first. */
const flameOrder = ['tall', 'surging', 'yellow', 'popping', 'weak'] as const

const flame: CheckFamily = ({ appliances }) => [
  {
    id: 'flame',
    ask: 'How did the flame look?',
    how: 'Go by what you have seen so far. Do not light it again for this.',
    minutes: 0.3,
    acts: ['recall'],
    outcomes: [
      ...flameOrder.map((id): CheckOutcome => ({ id, label: attemptLabels[id] })),
      { id: 'usual', label: 'as usual, or no flame at all' },
    ],
    predict: (state) => {
      const seen = appliances.map((part) => tryAppliance(state, now(state, part)))
      return certain(flameOrder.find((one) => seen.includes(one)) ?? 'usual')
    },
  },
]

const light: CheckFamily = ({ appliances, rig }) =>
  appliances.map((part) => {
    const isAutomatic = behaviorOf(rig, part).lights === 'automatic'
    return {
      id: `light ${part.part.id}`,
      partId: part.part.id,
      ask: `Start ${part.name}. What happens?`,
      how: isAutomatic ? 'Switch it on and listen for one minute.' : 'All others off. Light it as its manual shows.',
      minutes: 1.5,
      acts: ['light-burner', 'listen'],
      outcomes: attemptOutcomes.map((id) => ({ id, label: attemptLabels[id] })),
      predict: (state: RigState) => certain(tryAppliance(state, now(state, part))),
    }
  })

const tap: CheckFamily = ({ outlets }) =>
  outlets.map((part) => ({
    id: `tap ${part.part.id}`,
    partId: part.part.id,
    ask: `Draw a little gas at ${part.name}. What comes?`,
    how: 'For a moment only, with fresh air in the room.',
    minutes: 1,
    acts: ['listen'],
    outcomes: [
      { id: 'good', label: 'Pressure as set' },
      { id: 'weak', label: 'Too little' },
      { id: 'dead', label: 'Nothing' },
    ],
    predict: (state: RigState) => certain(tryAppliance(state, now(state, part))),
  }))

const purge: CheckFamily = ({ appliances, rig }) => {
  const burner =
    appliances.find((part) => applianceTraits[kindOfPart(rig, part)].cooks) ??
    appliances.find((part) => behaviorOf(rig, part).lights !== 'automatic')
  if (!burner) return []
  return [
    {
      id: 'purge',
      partId: burner.part.id,
      ask: `Hold a lighter at a burner of ${burner.name}, its knob open, for up to 3 minutes. Does it light?`,
      how: 'Windows open. Stop if it smells away from the burner.',
      minutes: 4,
      acts: ['light-burner', 'wait'],
      outcomes: [
        { id: 'at-once', label: 'At once' },
        { id: 'late', label: 'After a while' },
        { id: 'never', label: 'Hiss, but never' },
        { id: 'no-hiss', label: 'No hiss at all' },
      ],
      predict: (state) => {
        const flame = tryAppliance(state, now(state, burner))
        if (flame === 'dead' || flame === 'quiet') return certain('no-hiss')
        if (flame !== 'hiss') return certain('at-once')
        return certain(state.airInLineM3 > 0 ? 'late' : 'never')
      },
    },
  ]
}

const spark: CheckFamily = ({ appliances, rig }) =>
  appliances
    .filter((part) => behaviorOf(rig, part).lights !== 'lighter')
    .map((part) => ({
      id: `spark ${part.part.id}`,
      partId: part.part.id,
      ask: `Does ${part.name} spark?`,
      how: 'Its gas off if it has a knob. Listen for clicks.',
      minutes: 1,
      acts: ['listen'],
      outcomes: [
        { id: 'yes', label: 'It clicks' },
        { id: 'no', label: 'No click' },
      ],
      predict: (state: RigState) => {
        const { id } = part.part
        const isDark = needsBattery(rig, part) && isBatteryFlat(state)
        const isSilent = hasMark(state, id, 'igniter-dead') || hasMark(state, id, 'electric-mode') || isDark
        return certain(isSilent ? 'no' : 'yes')
      },
    }))

const volts: CheckFamily = ({ appliances, rig }) =>
  appliances.some((part) => needsBattery(rig, part))
    ? [
        {
          id: 'volts',
          ask: 'Are the 12 V lights bright with the furnace fan on?',
          how: 'Better: a voltmeter. Under 11.5 V with a load is flat.',
          minutes: 1,
          acts: ['read-volts', 'look'],
          outcomes: [
            { id: 'good', label: 'Bright, over 11.5 V' },
            { id: 'flat', label: 'Dim, or under 11.5 V' },
          ],
          predict: (state) => certain(isBatteryFlat(state) ? 'flat' : 'good'),
        },
      ]
    : []

const holdKnob: CheckFamily = ({ appliances, rig }) =>
  appliances
    .filter((part) => behaviorOf(rig, part).hasPilotSensor)
    .map((part) => ({
      id: `hold ${part.part.id}`,
      partId: part.part.id,
      ask: `Light the pilot of ${part.name} and hold the knob for 60 seconds. Does it stay lit?`,
      how: 'Two tries at most. Between them: off, wait 5 minutes, smell at the floor.',
      minutes: 3,
      acts: ['light-burner', 'wait'],
      outcomes: [
        { id: 'stays', label: 'It stays lit' },
        { id: 'drops', label: 'It goes out when I let go' },
        { id: 'later', label: 'It goes out after some minutes' },
        { id: 'no-pilot', label: 'The pilot does not light' },
      ],
      predict: (state: RigState) => {
        const held = tryAppliance(withoutMark(state, part.part.id, 'held-short'), now(state, part))
        if (held === 'drops') return certain('drops')
        if (held === 'drops-later') return certain('later')
        return certain(['dead', 'quiet', 'hiss', 'no-spark', 'late'].includes(held) ? 'no-pilot' : 'stays')
      },
    }))

const waiting: CheckFamily = ({ appliances, rig }) =>
  appliances
    .filter((part) => behaviorOf(rig, part).waitS > 0)
    .map((part) => ({
      id: `wait ${part.part.id}`,
      partId: part.part.id,
      ask: `Give ${part.name} two minutes. Does it burn now?`,
      how: 'Keep it on. Turn it off if you smell gas.',
      minutes: 2.5,
      acts: ['wait', 'listen'],
      outcomes: [
        { id: 'yes', label: 'It burns now' },
        { id: 'no', label: 'Still nothing' },
        { id: 'burned', label: 'It burned before' },
      ],
      predict: (state: RigState) => {
        const before = tryAppliance(state, now(state, part))
        if (before === 'late') return certain('yes')
        return certain(['dead', 'quiet', 'hiss', 'no-spark', 'drops'].includes(before) ? 'no' : 'burned')
      },
    }))

const outside: CheckFamily = ({ appliances, rig }) => {
  const reached = appliances.filter((part) => behaviorOf(rig, part).hasOutsideBurner)
  if (reached.length === 0) return []
  return [
    {
      id: 'outside',
      ask: 'Look into each burner and vent from outside, with a flashlight. Nests, webs, dirt?',
      how: 'All off and cool. Look only.',
      minutes: 3,
      acts: ['look'],
      outcomes: [
        { id: 'clear', label: 'All clear' },
        ...reached.map(({ part, name }): CheckOutcome => ({ id: part.id, label: `At ${name}` })),
      ],
      predict: (state) => certain(reached.find(({ part }) => hasMark(state, part.id, 'nest'))?.part.id ?? 'clear'),
    },
  ]
}

const shortSupply: CheckFamily = (context) =>
  context.appliances
    .filter(({ type }) => type.appliance?.ownRegulator)
    .map((part) => ({
      id: `short ${part.part.id}`,
      partId: part.part.id,
      ask: `Run ${part.name} on a small bottle of its own. Is it strong there?`,
      how: 'Outdoors, as its manual shows. All other gas off.',
      minutes: 8,
      acts: ['light-burner'],
      outcomes: [
        { id: 'strong', label: 'Strong on the bottle' },
        { id: 'weak', label: 'As weak as on the line' },
      ],
      predict: (state: RigState) => {
        const own = now(state, part)
        const narrowed = own.boreM > 0 || hasMark(state, part.part.id, 'nest')
        return certain(narrowed ? 'weak' : 'strong')
      },
    }))

const alarm: CheckFamily = () => [
  {
    id: 'alarm',
    ask: 'Read the date on the back of the alarm that chirps. Is it past?',
    how: 'One chirp a minute. Four beeps is an alarm: everybody out.',
    minutes: 1,
    acts: ['look'],
    outcomes: [
      { id: 'no-chirp', label: 'No alarm chirps' },
      { id: 'in-date', label: 'It chirps and is in date' },
      { id: 'past', label: 'It chirps and its date is past' },
    ],
    predict: ({ alarmChirps }) => {
      if (alarmChirps === null) return certain('no-chirp')
      return certain(alarmChirps === 'battery' ? 'in-date' : 'past')
    },
  },
]

/** Checks at the appliances. */
export const useChecks: readonly CheckFamily[] = [
  since,
  which,
  flame,
  light,
  tap,
  purge,
  spark,
  volts,
  holdKnob,
  waiting,
  outside,
  shortSupply,
  alarm,
]
