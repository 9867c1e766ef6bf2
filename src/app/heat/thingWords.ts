import type { HeaterUse } from '@/core/heat/heaters/heater'
import { thingFacts, thingKinds } from '@/core/heat/room/thing'

/** Kinds of thing for a list to choose from. */
export const thingOptions = thingKinds.map((kind) => [kind, thingFacts[kind].name] as const)

export const useLabels: Readonly<Record<HeaterUse, string>> = {
  'warm-up': 'to warm up, then off',
  evening: 'while somebody is awake beside it',
  asleep: 'while people sleep',
  'left-alone': 'while nobody is there',
  'not-used': 'not on this trip',
}
