import type { Severity } from '@/core/findings/Finding'
import type { Quantity } from '@/core/findings/quantity'
import { cylinderState } from '@/core/fluids/cylinderState'
import { SIXTY_F_K } from '@/core/units/referenceTemperatures'
import { kindFacts } from './cylinderKind'
import type { CylinderGear } from './gear'
import { gearContents } from './gearContents'
import { waterCapacityVolumeM3 } from './waterCapacityVolumeM3'

export interface ShelfFigures {
  /** Null when nobody knows. */
  net: Quantity | null
  share: Quantity | null
  /** Liquid's share of the inside at 60 °F. */
  level: number | null
  /** Gravest thing to say of it. */
  mark: Severity | 'ready'
}

/** What a cylinder shows at a glance, by its last weighing. */
export function shelfFigures(cylinder: CylinderGear): ShelfFigures {
  const held = gearContents(cylinder)
  if (held === null) return { net: null, share: null, level: null, mark: 'fix-first' }
  const { gas, small } = kindFacts[cylinder.kind]
  const volumeM3 = waterCapacityVolumeM3(cylinder.waterCapacityKg)
  const state = held.netKg > 0 ? cylinderState(gas, held.netKg, volumeM3, SIXTY_F_K) : null
  return {
    net: { value: held.netKg, role: small ? 'bottleMass' : 'cylinderMass' },
    share: { value: held.fractionOfLimit, role: 'share' },
    level: state?.liquidVolumeFraction ?? 0,
    mark: held.overfilled ? 'stop' : 'ready',
  }
}
