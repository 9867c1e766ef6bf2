import { InputError } from '@/core/base/InputError'
import { seededRandom } from '@/core/math/seededRandom'
import { faultContext, faultedState } from '@/core/practice/faults/faults'
import type { PracticeRig } from '@/core/practice/rig/practiceRig'
import { sampleRigs } from '@/core/practice/rig/sampleRigs'
import { applyAction } from './applyAction'
import { type Bench, createBench } from './bench'
import type { BenchAction } from './benchAction'
import { choiceDrills } from './choiceDrills'
import type { DrillKind, Scene } from './drill'
import { emergencyDrills } from './emergencyDrills'
import { faultDrills } from './faultDrills'
import { habitDrills } from './habitDrills'

const kinds = { ...faultDrills, ...emergencyDrills, ...habitDrills, ...choiceDrills }

export type DrillId = keyof typeof kinds

/** Every drill: a new one is an entry in its file. */
export const drills: Readonly<Record<DrillId, DrillKind>> = kinds

export const drillIds = Object.keys(kinds) as [DrillId, ...DrillId[]]

/** A drill with its scene. */
export interface StartedDrill {
  id: DrillId
  seed: number
  scene: Scene
  /** Rig that it plays on: the owner's, or a sample where his cannot have it. */
  rigName: string
  isOwnRig: boolean
}

function sceneOn(id: DrillId, seed: number, rig: PracticeRig): Scene | null {
  try {
    return drills[id].scene(faultContext(rig), seededRandom(seed))
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

/**
 * Starts a drill; the same seed gives the same scene.
 *
 * @param id - of the drill
 * @param seed - any integer
 * @param rig - the owner's; null without a line
 */
export function startDrill(id: DrillId, seed: number, rig: PracticeRig | null): StartedDrill {
  const own = rig && sceneOn(id, seed, rig)
  if (rig && own) return { id, seed, scene: own, rigName: rig.name, isOwnRig: true }
  for (const sample of Object.values(sampleRigs)) {
    const scene = sceneOn(id, seed, sample)
    if (scene) return { id, seed, scene, rigName: sample.name, isOwnRig: false }
  }
  throw new InputError('drill', 'No rig can play this drill.')
}

/** The bench as a drill begins. */
export function benchOf({ scene }: StartedDrill): Bench {
  return createBench(faultedState(faultContext(scene.rig), scene.faults), scene.start)
}

/**
 * Does one thing in a drill.
 *
 * @param drill - as it was started
 * @param bench - before
 * @param action - what is done
 * @throws InputError for a choice or a part that is not there
 */
export function playAction({ scene }: StartedDrill, bench: Bench, action: BenchAction): Bench {
  if (action.do !== 'choose') return applyAction(bench, action)
  const choice = scene.choices.find(({ id }) => id === action.id)
  if (!choice) throw new InputError('actions', `There is no choice “${action.id}” here.`)
  const changed = choice.change ? choice.change(bench) : bench
  const after = applyAction(changed, action, { did: choice.label, saw: choice.saw })
  return choice.bad === undefined ? after : { ...after, badEnd: after.badEnd ?? choice.bad }
}

/** Where a drill has come to. */
export interface DrillState {
  /** `good` when every need is met, `bad` when it ended, else it goes on. */
  result: 'good' | 'bad' | 'open'
  needs: readonly { text: string; isMet: boolean }[]
}

/** Whether everything is as it should be. */
export function drillState({ scene }: StartedDrill, bench: Bench): DrillState {
  const needs = scene.needs.map(({ text, isMet }) => ({ text, isMet: isMet(bench) }))
  if (bench.badEnd !== null) return { result: 'bad', needs }
  return { result: needs.every(({ isMet }) => isMet) && bench.log.length > 0 ? 'good' : 'open', needs }
}

/** Title of a stored drill; its identifier for one of a later version. */
export const drillTitleOf = (id: string): string => (isDrill(id) ? drills[id].title : id)

/** Whether a word names a drill. */
export const isDrill = (id: string): id is DrillId => Object.hasOwn(kinds, id)
