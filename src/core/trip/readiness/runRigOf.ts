import type { RunRig } from '@/core/run/simulation/runInputOf'
import type { RigGear } from './rigGear'

/** What of a rig its trips are run with. */
export function runRigOf({ cylinders, lines, heat, battery }: RigGear): RunRig {
  return { cylinders, lines: lines.map(({ gear }) => gear), warmth: heat.warmth, battery }
}
