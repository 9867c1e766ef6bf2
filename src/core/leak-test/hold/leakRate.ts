import { SEA_LEVEL_PA } from '@/core/fluids/atmosphere'
import { atField, InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { gasDensityKgM3 } from '@/core/fluids/onePhase'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'

export const leakRateSchema = z.strictObject({
  lineVolumeM3: z.number(),
  startGaugePa: z.number(),
  endGaugePa: z.number(),
  durationS: z.number(),
  startK: z.number(),
  endK: z.number(),
  atmospherePa: z.number().default(SEA_LEVEL_PA),
  /** Of the room it leaks into. */
  spaceVolumeM3: z.number().optional(),
  gas: z.enum(['propane', 'co2']).default('propane'),
  /** Read off a gauge that shows single psi. */
  fineGauge: z.boolean().optional(),
})

export type LeakRateInput = z.input<typeof leakRateSchema>

export interface LeakRate {
  /** Mean over the time; never negative. */
  massRateKgS: number
  powerW: number
  /** Volume of gas at line temperature and ambient pressure. */
  volumeRateM3S: number
  /** Gas that makes the space flammable throughout, and in its bottom fifth; null without a space or a gas that burns. */
  kgToLfl: number | null
  kgToLflBottomFifth: number | null
}

/** Lower limit of propane in air by volume, NFPA 325. [from memory] */
const LOWER_LIMIT = 0.021

function requireInput(input: LeakRateInput): void {
  const {
    lineVolumeM3,
    startGaugePa,
    endGaugePa,
    durationS,
    startK,
    endK,
    atmospherePa = SEA_LEVEL_PA,
    spaceVolumeM3,
  } = input
  if (!(lineVolumeM3 > 0 && lineVolumeM3 <= 1)) {
    throw new InputError('lineVolumeM3', 'The inside of the line is more than zero and under a cubic meter.')
  }
  if (!(startGaugePa > 0 && startGaugePa <= 2e7)) {
    throw new InputError(
      'startGaugePa',
      'The first reading must be above the air’s pressure. Are the columns the wrong way round?',
    )
  }
  if (!(endGaugePa >= 0 && endGaugePa <= 2e7)) {
    throw new InputError(
      'endGaugePa',
      'The last reading cannot be under the air’s pressure. Are the columns the wrong way round?',
    )
  }
  if (!(durationS > 0 && durationS <= 7 * 86_400)) {
    throw new InputError('durationS', 'The time must be more than zero, and at most a week.')
  }
  for (const [field, value] of [['startK', startK] as const, ['endK', endK] as const]) {
    if (!(value >= 230 && value <= 340)) {
      throw new InputError(field, 'The line’s temperature must lie between −43 and 67 °C (−45 and 152 °F).')
    }
  }
  if (!(atmospherePa > 1e4 && atmospherePa < 1.2e5)) {
    throw new InputError('atmospherePa', 'The air’s pressure lies between 100 and 1200 mbar.')
  }
  if (spaceVolumeM3 !== undefined && !(spaceVolumeM3 > 0 && spaceVolumeM3 <= 1e5)) {
    throw new InputError('spaceVolumeM3', 'The space must be larger than nothing.')
  }
}

/**
 * Leak rate from a pressure drop in a closed line.
 *
 * @param input - see leakRateSchema; pressures above the air's, temperatures of the line
 * @throws InputError at the invalid field
 * @see docs/models.md, "Leak rate"
 */
export function leakRate(input: LeakRateInput): LeakRate {
  requireInput(input)
  const { lineVolumeM3, startGaugePa, endGaugePa, durationS, startK, endK, spaceVolumeM3 } = input
  const { atmospherePa = SEA_LEVEL_PA, gas = 'propane' } = input
  const heldKg = (field: string, gaugePa: number, temperatureK: number): number =>
    lineVolumeM3 * atField(field, () => gasDensityKgM3(gas, temperatureK, gaugePa + atmospherePa))
  const lostKg = heldKg('startGaugePa', startGaugePa, startK) - heldKg('endGaugePa', endGaugePa, endK)
  const massRateKgS = Math.max(0, lostKg) / durationS
  const inAirKgM3 = gasDensityKgM3(gas, endK, atmospherePa)
  const kgToLfl = spaceVolumeM3 === undefined || gas !== 'propane' ? null : spaceVolumeM3 * LOWER_LIMIT * inAirKgM3
  return {
    massRateKgS,
    powerW: gas === 'propane' ? massRateKgS * heatingValueJPerKg() : 0,
    volumeRateM3S: massRateKgS / inAirKgM3,
    kgToLfl,
    kgToLflBottomFifth: kgToLfl === null ? null : kgToLfl / 5,
  }
}
