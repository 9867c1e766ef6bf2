import { connections } from '@/core/hookup/catalogue/connections'
import { type GraphPart } from '@/core/hookup/line/lineGraph'
import { jointName } from '@/core/hookup/line/jointName'
import { behaviorOf } from '@/core/practice/rig/applianceBehavior'
import { stateGraph } from '@/core/practice/rig/rigState'
import { type Bench, roomOf } from './bench'
import type { BenchAction } from './benchAction'
import type { StartedDrill } from './drills'
import { drills } from './drills'

/** A button of the bench. */
export interface BenchControl {
  label: string
  action: BenchAction
}

/** Buttons that belong together. */
export interface ControlGroup {
  name: string
  controls: readonly BenchControl[]
}

const control = (label: string, action: BenchAction): BenchControl => ({ label, action })

function cylinderControls(source: GraphPart): BenchControl[] {
  const { part, name, type } = source
  const valve = (to: 'open' | 'shut', slowly: boolean): BenchAction => ({ do: 'valve', partId: part.id, to, slowly })
  return [
    control(`Open ${name} slowly`, valve('open', true)),
    control(`Open ${name} fast`, valve('open', false)),
    control(`Shut ${name}`, valve('shut', true)),
    ...(type.role === 'cylinder'
      ? [
          control(`Lift ${name}`, { do: 'lift', partId: part.id }),
          control(`Swap ${name} for a full one`, { do: 'swap', partId: part.id }),
        ]
      : [control(`Read the gauge of ${name}`, { do: 'lift', partId: part.id })]),
  ]
}

function valveControls(part: GraphPart): BenchControl[] {
  const { id } = part.part
  if (part.type.role === 'changeover') {
    return (['left', 'right', 'both'] as const).map((to) =>
      control(`Turn the lever of ${part.name} to ${to}`, { do: 'lever', partId: id, to }),
    )
  }
  if (part.type.role === 'shut-off') return [control(`Press the gauge of ${part.name}`, { do: 'prime', partId: id })]
  if (part.type.role !== 'valve' && part.type.role !== 'quick') return []
  return (['open', 'shut'] as const).map((to) =>
    control(`${to === 'open' ? 'Open' : 'Shut'} ${part.name}`, { do: 'valve', partId: id, to, slowly: true }),
  )
}

function applianceControls({ rig, open }: Bench, part: GraphPart): BenchControl[] {
  const { id } = part.part
  const { hasPilotSensor, hasEnergyMode, waitS, lights } = behaviorOf(rig.rig, part)
  const on = (holdS: number): BenchAction => ({ do: 'knob', partId: id, to: 'high', holdS })
  const isOpen = (open[id] ?? 0) > 0
  return [
    control(`Start ${part.name}`, on(10)),
    ...(hasPilotSensor ? [control(`Start ${part.name} and hold its knob 60 seconds`, on(60))] : []),
    ...(waitS > 0 ? [control(`Start ${part.name} and wait two minutes`, on(Math.max(waitS, 125)))] : []),
    ...(lights === 'lighter' ? [control(`Hold a lighter at ${part.name} for 3 minutes`, on(180))] : []),
    ...(isOpen ? [control(`Turn ${part.name} down`, { do: 'knob', partId: id, to: 'low', holdS: 10 })] : []),
    control(`Turn ${part.name} off`, { do: 'knob', partId: id, to: 'off', holdS: 0 }),
    ...(hasEnergyMode ? [control(`Set ${part.name} to gas`, { do: 'gas-mode', partId: id })] : []),
  ]
}

/** A window that is opened for air, m. */
const AJAR_M = 0.05

function openingControls(bench: Bench): BenchControl[] {
  return roomOf(bench.rig.rig).openings.map(({ id, name }) => {
    const isOpen = (bench.openings[id] ?? 0) > 0
    return control(`${isOpen ? 'Shut' : 'Open'}: ${name}`, { do: 'opening', id, openM: isOpen ? 0 : AJAR_M })
  })
}

/**
 * Everything that can be done on the bench now, in groups: the same whatever is wrong, so that no button gives it away.
 *
 * Rash deeds stand among the others, as they do in life.
 *
 * @param drill - as it was started
 * @param bench - as it is
 */
export function benchControls({ id, scene }: StartedDrill, bench: Bench): ControlGroup[] {
  const graph = stateGraph(bench.rig)
  const extra = new Set(drills[id].deeds ?? [])
  const handJoints = graph.joints.filter(({ verdict }) => connections[verdict.connection].tighten === 'hand')
  const only = (deed: 'stop-rig' | 'engine-off' | 'drive' | 'switch' | 'sleep', label: string): BenchControl[] =>
    extra.has(deed) ? [control(label, { do: deed })] : []
  const groups: ControlGroup[] = [
    {
      name: 'People',
      controls: [
        control('Everybody out', { do: 'out' }),
        control('Go 330 ft (100 m) away, upwind', { do: 'away' }),
        control('Call 911', { do: 'call', whom: '911' }),
        control('Call a technician', { do: 'call', whom: 'technician' }),
        control('Call the gas dealer', { do: 'call', whom: 'supplier' }),
        ...(bench.people === 'inside' ? [] : [control('Go back in', { do: 'go-in' })]),
        ...only('stop-rig', 'Pull off the road'),
        ...only('engine-off', 'Engine off'),
        ...only('drive', 'Drive on to the next town'),
        ...only('switch', 'Turn on the light'),
        ...only('sleep', 'Go to sleep'),
      ],
    },
    {
      name: 'This drill',
      controls: scene.choices.map(({ id: choice, label }) => control(label, { do: 'choose', id: choice })),
    },
    {
      name: 'Look, listen, smell',
      controls: [
        control('Smell inside, near the floor', { do: 'sniff', where: 'inside' }),
        control('Smell at the cylinders', { do: 'sniff', where: 'outside' }),
        control('Look at the cylinders', { do: 'look', at: 'cylinders' }),
        control('Look along hoses, valves and switches', { do: 'look', at: 'hoses' }),
        control('Look at the joints', { do: 'look', at: 'joints' }),
        control('Look at burners and vents from outside', { do: 'look', at: 'outside' }),
        control('Look at the lights and the volts', { do: 'look', at: 'battery' }),
        control('Look at the alarms', { do: 'look', at: 'alarms' }),
      ],
    },
    {
      name: 'Cylinders',
      controls: [
        ...graph.sources.flatMap(cylinderControls),
        control('Pour hot water over the cylinder', { do: 'heat-cylinder' }),
      ],
    },
    {
      name: 'Line',
      controls: [
        ...graph.sortFindings.flatMap(valveControls),
        control('Soap the joints', { do: 'soap' }),
        control('Measure the line pressure', { do: 'test-port' }),
        ...handJoints.map((made) =>
          control(`Tighten by hand: ${jointName(made)}`, { do: 'tighten', at: made.joint.id }),
        ),
        control('Hold a lighter to the joints', { do: 'flame-at-joint' }),
        control('Put a wrench on the cylinder valve', { do: 'wrench' }),
      ],
    },
    {
      name: 'Appliances',
      controls: graph.sortFindings
        .filter(({ type }) => type.role === 'appliance')
        .flatMap((part) => applianceControls(bench, part)),
    },
    {
      name: 'Battery and air',
      controls: [control('Charge the battery for half an hour', { do: 'charge' }), ...openingControls(bench)],
    },
    {
      name: 'Time',
      controls: [
        control('Wait 2 minutes', { do: 'wait', seconds: 120 }),
        control('Wait 5 minutes', { do: 'wait', seconds: 300 }),
        control('Wait 30 minutes', { do: 'wait', seconds: 1800 }),
      ],
    },
  ]
  return groups.filter(({ controls }) => controls.length > 0)
}
