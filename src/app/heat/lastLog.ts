import type { WarmUpInput } from '@/core/heat/warmth/warmUpFit'
import type { HeatWorld } from './heatWorld'

/** The newest warm-up of the room that stands; null without one. */
export function lastLog({ warmUps }: HeatWorld): WarmUpInput | null {
  return warmUps.find(({ voidedAt }) => voidedAt === null)?.log ?? null
}
