import type { Phrase } from '@/core/base/quantity'
import { appliancesOf } from '@/core/practice/rig/applianceBehavior'
import type { PracticeRig } from '@/core/practice/rig/practiceRig'
import { attemptLabels, tryAppliance } from '@/core/practice/readings/attempt'
import { stateGraph } from '@/core/practice/rig/rigState'
import { benchMoment } from './advance'
import type { Bench, BenchEntry, BenchMoment } from './bench'
import type { BenchAction } from './benchAction'
import { benchControls, type ControlGroup } from './controls'
import { debrief, type Debrief } from './debrief'
import { benchOf, type DrillId, drills, drillState, playAction, type StartedDrill, startDrill } from './drills'
import { alarmsOf, smellInside, type Smell } from './senses'

/** A drill as it is shown: plain data, without functions. */
export interface DrillView {
  id: DrillId
  seed: number
  title: string
  rigName: string
  isOwnRig: boolean
  story: readonly Phrase[]
  timeS: number
  gasKg: number
  outsideK: number
  roomK: number
  people: Bench['people']
  alarms: readonly ('gas' | 'co' | 'chirp')[]
  smell: Smell
  flames: readonly { partId: string; name: string; words: string }[]
  controls: readonly ControlGroup[]
  log: readonly BenchEntry[]
  result: 'good' | 'bad' | 'open'
  series: readonly BenchMoment[]
  /** Null while it goes on. */
  debrief: Debrief | null
}

/** A drill that is being played. */
export interface DrillSession {
  view: () => DrillView
  act: (action: BenchAction) => DrillView
  /** Ends it as it is. */
  giveUp: () => DrillView
}

/** Longest chart of a drill; more points are not seen. */
const MOST_POINTS = 240

function thinned(series: readonly BenchMoment[]): BenchMoment[] {
  const every = Math.ceil(series.length / MOST_POINTS)
  return series.filter((_, i) => i % every === 0 || i === series.length - 1)
}

/** Words for a burner: what it does now. */
function flameWords(bench: Bench, partId: string): string {
  const part = stateGraph(bench.rig).byId.get(partId)
  if (bench.lit.includes(partId)) return part ? attemptLabels[tryAppliance(bench.rig, part)] : 'burns'
  return (bench.open[partId] ?? 0) > 0 ? 'open, no flame' : 'off'
}

function viewOf(drill: StartedDrill, bench: Bench, isGivenUp: boolean): DrillView {
  const { scene, id } = drill
  const { result } = drillState(drill, bench)
  return {
    id,
    seed: drill.seed,
    title: drills[id].title,
    rigName: drill.rigName,
    isOwnRig: drill.isOwnRig,
    story: scene.story,
    timeS: bench.timeS,
    gasKg: bench.burnedKg + bench.lostKg,
    outsideK: scene.rig.outsideK,
    roomK: bench.roomK,
    people: bench.people,
    alarms: alarmsOf(bench),
    smell: bench.people === 'inside' ? smellInside(bench) : 'none',
    flames: appliancesOf(stateGraph(bench.rig)).map(({ part, name }) => ({
      partId: part.id,
      name,
      words: flameWords(bench, part.id),
    })),
    controls: result === 'open' && !isGivenUp ? benchControls(drill, bench) : [],
    log: bench.log,
    result,
    series: [benchMoment(benchOf(drill)), ...thinned(bench.series)],
    debrief: result !== 'open' || isGivenUp ? debrief(drill, bench) : null,
  }
}

/**
 * Begins a drill, or goes on with one: the same seed and the same actions give the same rig.
 *
 * @param id - of the drill
 * @param seed - any integer
 * @param rig - the owner's; null without a line
 * @param before - what was done already
 * @throws InputError for an action that this rig cannot have
 */
export function drillSession(
  id: DrillId,
  seed: number,
  rig: PracticeRig | null,
  before: readonly BenchAction[] = [],
): DrillSession {
  const drill = startDrill(id, seed, rig)
  let bench = before.reduce((now, action) => playAction(drill, now, action), benchOf(drill))
  let isGivenUp = false
  return {
    view: () => viewOf(drill, bench, isGivenUp),
    act: (action) => {
      bench = playAction(drill, bench, action)
      return viewOf(drill, bench, isGivenUp)
    },
    giveUp: () => {
      isGivenUp = true
      return viewOf(drill, bench, isGivenUp)
    },
  }
}
