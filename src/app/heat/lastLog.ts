import type { WarmUpInput } from '@/core/heat/warmth/warmUpFit'
import type { HeatPageData } from './heatPageData'

/** The newest warm-up of the room that stands; null without one. */
export function lastLog({ warmUps }: HeatPageData): WarmUpInput | null {
  return warmUps.find(({ voidedAt }) => voidedAt === null)?.log ?? null
}
