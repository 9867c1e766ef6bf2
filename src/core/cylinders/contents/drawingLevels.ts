import { InputError } from '@/core/base/InputError'
import { cylinderState } from '@/core/fluids/cylinderState'
import type { Fluid } from '@/core/fluids/fluidData'
import { SIXTY_F_K } from '@/core/units/convert'
import type { Contents } from './contents'
import { waterCapacityVolumeM3 } from './waterCapacity'

export interface DrawingLevels {
  /** Liquid's share of the inside; null when unknown. */
  level: number | null
  /** The same at the fill limit; null where liquid cannot be told from vapor. */
  limitLevel: number | null
}

function levelOf(gas: Fluid, massKg: number, volumeM3: number, temperatureK: number): number | null {
  if (massKg === 0) return 0
  try {
    return cylinderState(gas, massKg, volumeM3, temperatureK).liquidVolumeFraction
  } catch (error) {
    // An out-of-range temperature is reported at its field; the drawing falls back to 60 °F.
    if (error instanceof InputError && temperatureK !== SIXTY_F_K) return levelOf(gas, massKg, volumeM3, SIXTY_F_K)
    if (error instanceof InputError) return null
    throw error
  }
}

/**
 * Levels for the drawing of a cylinder.
 *
 * @param held - contents; null when unknown
 * @param temperatureK - of the liquid; null for 60 °F
 */
export function drawingLevels(
  gas: Fluid,
  held: Contents | null,
  waterCapacityKg: number,
  temperatureK: number | null,
): DrawingLevels {
  if (held === null) return { level: null, limitLevel: null }
  const volumeM3 = waterCapacityVolumeM3(waterCapacityKg)
  const at = temperatureK ?? SIXTY_F_K
  return {
    level: levelOf(gas, held.netKg, volumeM3, at),
    limitLevel: levelOf(gas, held.limitKg, volumeM3, at),
  }
}
