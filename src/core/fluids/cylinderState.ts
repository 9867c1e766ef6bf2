import type { Fluid } from './fluid'
import { liquidFullTemperatureK } from './liquidFullTemperatureK'
import { onePhasePressurePa } from './onePhasePressurePa'
import { requireTemperature } from './requireTemperature'
import { saturation } from './saturation'
import { saturationTable } from './saturationTable'

export type Phase = 'two-phase' | 'liquid-full' | 'vapour-only' | 'supercritical'

export interface CylinderState {
  phase: Phase
  /** Absolute. */
  pressurePa: number
  /** Share of the inside volume that is liquid; null where there is no telling liquid from vapour. */
  liquidVolumeFraction: number | null
  /** Where the liquid, swelling, takes the whole cylinder; null when it never does. */
  liquidFullTemperatureK: number | null
}

/**
 * What is inside a closed cylinder at one temperature.
 *
 * @param fluid - propane or CO2
 * @param massKg - contents, more than nothing
 * @param volumeM3 - inside volume, more than nothing
 * @param temperatureK - −100 to 150 °C; CO2 from its triple point
 * @throws InputError outside the range, or when the contents would press harder than 1,000 bar
 * @see docs/models.md, "A closed cylinder"
 */
export function cylinderState(fluid: Fluid, massKg: number, volumeM3: number, temperatureK: number): CylinderState {
  requireTemperature(fluid, temperatureK)
  const fullAt = liquidFullTemperatureK(fluid, massKg, volumeM3)
  const density = massKg / volumeM3
  const { critical } = saturationTable(fluid)

  if (temperatureK >= critical.temperatureK) {
    const pressurePa = onePhasePressurePa(fluid, temperatureK, density)
    const supercritical = pressurePa >= critical.pressurePa
    return {
      phase: supercritical ? 'supercritical' : 'vapour-only',
      pressurePa,
      liquidVolumeFraction: supercritical ? null : 0,
      liquidFullTemperatureK: fullAt,
    }
  }

  const seam = saturation(fluid, temperatureK)
  if (density > seam.vapourDensityKgM3 && density < seam.liquidDensityKgM3) {
    return {
      phase: 'two-phase',
      pressurePa: seam.pressurePa,
      liquidVolumeFraction: (density - seam.vapourDensityKgM3) / (seam.liquidDensityKgM3 - seam.vapourDensityKgM3),
      liquidFullTemperatureK: fullAt,
    }
  }
  const liquidFull = density >= seam.liquidDensityKgM3
  return {
    phase: liquidFull ? 'liquid-full' : 'vapour-only',
    pressurePa: onePhasePressurePa(fluid, temperatureK, density),
    liquidVolumeFraction: liquidFull ? 1 : 0,
    liquidFullTemperatureK: fullAt,
  }
}
