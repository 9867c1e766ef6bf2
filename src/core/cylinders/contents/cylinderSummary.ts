import { verdict, type Verdict } from '@/core/findings/verdict'
import { cylinderState } from '@/core/fluids/cylinderState'
import { SIXTY_F_K } from '@/core/units/convert'
import { cylinderFindings } from '@/core/cylinders/fitness/cylinderFindings'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearContents } from './gearContents'
import { gearRequalification, type Requalification } from '@/core/cylinders/dates/requalification'
import { waterCapacityVolumeM3 } from './waterCapacity'
import type { Quantity } from '@/core/base/quantity'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'

export interface CylinderSummary {
  /** Null when unknown. */
  net: Quantity | null
  share: Quantity | null
  /** Liquid's share of the inside at 60 °F. */
  level: number | null
  /** Verdict of its findings. */
  mark: Verdict
  /** Until when it may be filled. */
  due: Requalification
}

/**
 * What a cylinder shows at a glance.
 *
 * @param nowIso - time to judge at, ISO 8601
 */
export function cylinderSummary(cylinder: CylinderGear, nowIso: string): CylinderSummary {
  const held = gearContents(cylinder)
  const mark = verdict(cylinderFindings(cylinder, nowIso))
  const due = gearRequalification(cylinder, nowIso.slice(0, 10))
  if (held === null) return { net: null, share: null, level: null, mark, due }
  const { gas, small } = kindFacts[cylinder.kind]
  const volumeM3 = waterCapacityVolumeM3(cylinder.waterCapacityKg)
  const state = held.netKg > 0 ? cylinderState(gas, held.netKg, volumeM3, SIXTY_F_K) : null
  return {
    net: { value: held.netKg, role: small ? 'bottleMass' : 'cylinderMass' },
    share: { value: held.fractionOfLimit, role: 'share' },
    level: state?.liquidVolumeFraction ?? 0,
    mark,
    due,
  }
}
