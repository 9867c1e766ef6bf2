import type { BenchAction } from '@/core/practice/drills/benchAction'
import type { Bench } from '@/core/practice/drills/bench'
import { benchOf, drillState, playAction, type StartedDrill } from '@/core/practice/drills/drills'
import { type Fault, faultContext, faultKinds } from '@/core/practice/faults/faults'

const wait = (seconds: number): BenchAction => ({ do: 'wait', seconds })
const valve = (partId: string, to: 'open' | 'shut'): BenchAction => ({ do: 'valve', partId, to, slowly: true })

/** What somebody who knows the fault does about it. */
function repairOf({ kind, place }: Fault, { scene }: StartedDrill): BenchAction[] {
  const { graph, appliances } = faultContext(scene.rig)
  const sources = graph.sources.map(({ part }) => part.id)
  const shut = sources.map((id) => valve(id, 'shut'))
  const open = sources.map((id) => valve(id, 'open'))
  const off = appliances.map(({ part }): BenchAction => ({ do: 'knob', partId: part.id, to: 'off', holdS: 0 }))
  if (faultKinds[kind].repair.by === 'technician') return [...off, ...shut, { do: 'call', whom: 'technician' }]
  switch (kind) {
    case 'valve-shut':
      return open
    case 'lever':
    case 'empty':
    case 'cold':
      return sources.flatMap((partId): BenchAction[] => [{ do: 'swap', partId }, valve(partId, 'open')])
    case 'unseated':
      return [
        ...graph.joints.map(({ joint }): BenchAction => ({ do: 'tighten', at: joint.id })),
        ...sources.flatMap((partId): BenchAction[] => [{ do: 'swap', partId }, valve(partId, 'open')]),
      ]
    case 'limiter':
      return [...off, ...shut, wait(130), ...open]
    case 'auto-shutoff':
      return [{ do: 'prime', partId: place.at }]
    case 'branch':
      return [valve(place.at, 'open')]
    case 'mode':
      return [{ do: 'gas-mode', partId: place.at }]
    case 'held-short':
    case 'wait':
      return [{ do: 'knob', partId: place.at, to: 'high', holdS: 125 }]
    case 'battery':
      return [{ do: 'charge' }]
    case 'loose-pigtail':
      return [...shut, { do: 'tighten', at: place.at }, ...open, { do: 'soap' }]
    case 'taped':
    case 'lookalike':
      return [...shut, { do: 'choose', id: 'remake-joint' }, ...open, { do: 'soap' }]
    case 'altitude':
      return [...off, { do: 'choose', id: 'not-used' }]
    case 'igniter':
      return [{ do: 'choose', id: 'fuse' }]
    case 'kink':
      return [{ do: 'choose', id: 'lay-hose' }]
    case 'filter':
      return [{ do: 'choose', id: 'new-filter' }]
    case 'alarm-battery':
      return [{ do: 'choose', id: 'alarm-battery' }]
    case 'alarm-old':
      return [{ do: 'choose', id: 'alarm-new' }]
    default:
      return []
  }
}

/** The steps of the emergency sheets, in their order. */
function emergencyActs({ scene }: StartedDrill): BenchAction[] {
  const { graph, appliances } = faultContext(scene.rig)
  return [
    { do: 'stop-rig' },
    { do: 'engine-off' },
    { do: 'out' },
    ...graph.sources.map(({ part }) => valve(part.id, 'shut')),
    { do: 'away' },
    { do: 'call', whom: '911' },
    { do: 'call', whom: 'supplier' },
    ...appliances.map(({ part }): BenchAction => ({ do: 'knob', partId: part.id, to: 'off', holdS: 0 })),
    ...scene.choices.filter(({ bad }) => bad === undefined).map(({ id }): BenchAction => ({ do: 'choose', id })),
    { do: 'sleep' },
  ]
}

/** Plays a drill as somebody who knows it, and stops at a good end. */
export function playWell(drill: StartedDrill): Bench {
  const actions =
    drill.scene.symptom === null ? emergencyActs(drill) : drill.scene.faults.flatMap((fault) => repairOf(fault, drill))
  return actions.reduce(
    (bench, action) => (drillState(drill, bench).result === 'open' ? playAction(drill, bench, action) : bench),
    benchOf(drill),
  )
}
