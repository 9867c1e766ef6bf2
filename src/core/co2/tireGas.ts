import { InputError } from '@/core/base/InputError'
import { gasDensityKgM3 } from '@/core/fluids/onePhase'
import { GAS_CONSTANT_J_MOL_K, propertyData } from '@/core/fluids/fluidData'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'

/** A tire that is pumped up. */
export interface Tire {
  volumeM3: number
  fromGaugePa: number
  toGaugePa: number
  temperatureK: number
  altitudeM: number
}

export interface TireGas {
  /** By the fluid’s own data. */
  gasKg: number
  /** Δp·V/(R·T), the ideal-gas estimate. */
  idealKg: number
}

/**
 * CO2 to inflate one tire.
 *
 * @param tire - its inside, and the two gauge pressures
 * @throws InputError for a volume of 0, or a target below the present pressure
 * @see ideal gas law; the short Helmholtz equation of CO2 for its density
 */
export function tireGas({ volumeM3, fromGaugePa, toGaugePa, temperatureK, altitudeM }: Tire): TireGas {
  if (!(volumeM3 > 0 && volumeM3 <= 5))
    throw new InputError('volumeM3', 'A tire holds more than zero, and at most 5,000 L.')
  if (!(fromGaugePa >= 0)) throw new InputError('fromGaugePa', 'A flat tire shows 0, not less.')
  if (!(toGaugePa > fromGaugePa)) throw new InputError('toGaugePa', 'It is to end with more than it has.')
  if (!(toGaugePa <= 1_500_000))
    throw new InputError('toGaugePa', 'No tire of a camper is pumped so hard. Check the unit.')
  const outsidePa = standardAtmospherePa(altitudeM)
  const density = (gaugePa: number): number => gasDensityKgM3('co2', temperatureK, gaugePa + outsidePa)
  return {
    gasKg: volumeM3 * (density(toGaugePa) - density(fromGaugePa)),
    idealKg:
      ((toGaugePa - fromGaugePa) * volumeM3 * propertyData.co2.molarMassKgMol) / (GAS_CONSTANT_J_MOL_K * temperatureK),
  }
}
