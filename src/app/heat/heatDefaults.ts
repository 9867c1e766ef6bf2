import type { HeaterUse } from '@/core/heat/heaters/heater'
import { thingFacts, thingKinds } from '@/core/heat/room/thing'
import type { WarmUpInput } from '@/core/heat/warmth/warmUpFit'
import type { Round } from '@/ui/state/useUsualInputs'
import type { HeatPageData } from './heatPageData'

/** The newest valid warm-up log of the room; null without one. */
export function lastLog({ warmUps }: HeatPageData): WarmUpInput | null {
  return warmUps.find(({ voidedAt }) => voidedAt === null)?.log ?? null
}

/** Kinds of thing for a list to choose from. */
export const thingOptions = thingKinds.map((kind) => [kind, thingFacts[kind].name] as const)

export const useLabels: Readonly<Record<HeaterUse, string>> = {
  'warm-up': 'to warm up, then off',
  evening: 'while somebody is awake beside it',
  asleep: 'while people sleep',
  'left-alone': 'while nobody is there',
  'not-used': 'not on this trip',
}

/** Usual temperatures of a night: outside as cold as the trip gets, where it is known, and inside as most like it. */
export function usualTemperatures(coldestK: number | null, round: Round): { outsideK: number; insideK: number } {
  return { outsideK: coldestK ?? round('temperature', 40, 5), insideK: round('temperature', 65, 18) }
}

export const NIGHT_S = 10 * 3600
