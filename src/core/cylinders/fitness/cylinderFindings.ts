import type { Finding } from '@/core/findings/Finding'
import { conditionFindings } from './conditionFindings'
import { contentsFindings } from '@/core/cylinders/contents/contentsFindings'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'

/**
 * What is to be said of one cylinder: its contents, its dates and its condition.
 *
 * @param cylinder - as the records have it
 * @param nowIso - the moment to judge at
 * @param untilDay - last day of the trip; the day itself by default
 */
export function cylinderFindings(
  cylinder: CylinderGear,
  nowIso: string,
  untilDay: string = nowIso.slice(0, 10),
): Finding[] {
  return [...contentsFindings(cylinder, nowIso), ...conditionFindings(cylinder, nowIso, untilDay)]
}
