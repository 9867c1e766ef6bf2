import { InputError } from '@/core/base/InputError'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { requalification, type Requalification } from './requalification'
import { dateClassOf } from '@/core/cylinders/stamps/dateClassOf'

/**
 * Until when a cylinder of the rig may be filled; unknown when its stored dates contradict each other.
 *
 * @param onDay - `2026-11-24`
 * @param untilDay - last day of the trip
 */
export function gearRequalification(cylinder: CylinderGear, onDay: string, untilDay: string = onDay): Requalification {
  const { fitness, kind } = cylinder
  const dates = { ...fitness, dateClass: dateClassOf(kind, fitness.specification) }
  try {
    return requalification(dates, fitness.rule, onDay.slice(0, 7), untilDay.slice(0, 7))
  } catch (error) {
    if (error instanceof InputError) return { status: 'unknown', dueMonth: null, counted: null }
    throw error
  }
}
