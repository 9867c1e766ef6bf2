import type { MeteredFill } from '@/core/cylinders/contents/calibrateGauge'
import { database } from '@/records/database'
import { listFills } from '@/records/repositories/cylinders/fills'

/** Fills of which both the gauge before and the metered volume are known: they teach what the gauge means. */
export function meteredFills(cylinderId: string): MeteredFill[] {
  return listFills(database(), cylinderId).flatMap(({ voidedAt, shownBefore, meteredM3 }) =>
    voidedAt === null && shownBefore !== null && meteredM3 !== null ? [{ shown: shownBefore, meteredM3 }] : [],
  )
}
