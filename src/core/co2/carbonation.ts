import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { fromUnit, toUnit } from '@/core/units/convert'

export const carbonationSchema = z.strictObject({
  temperatureK: z.number(),
  volumes: z.number(),
  altitudeM: z.number().default(0),
})

const COLDEST_F = 30
const WARMEST_F = 90
const MIN_VOLUMES = 0.5
const MAX_VOLUMES = 6

/**
 * Gauge pressure that keeps a volume of CO2 dissolved in a drink.
 *
 * The table is of absolute pressure, printed for a gauge at the sea; higher up the gauge has to show as much more as
 * the air lacks.
 *
 * @param temperatureK - of the drink, 30 to 90 °F
 * @param volumes - of gas at 0 °C and 1 atm in one of drink, 0.5 to 6
 * @param altitudeM - of the place
 * @returns gauge pressure at that altitude, Pa, 0 or more
 * @throws InputError outside those ranges, and for a drink that holds more than that without any pressure
 * @see brewers’ carbonation table, as a polynomial [from memory]
 * @example carbonationGaugePa(276.48, 2.5) // about 78,000: 11.3 psi at 38 °F
 */
export function carbonationGaugePa(temperatureK: number, volumes: number, altitudeM = 0): number {
  const t = toUnit(temperatureK, 'temperature', 'F')
  if (!(t >= COLDEST_F && t <= WARMEST_F)) {
    throw new InputError('temperatureK', 'The table goes from 30 to 90 °F (−1 to 32 °C).')
  }
  if (!(volumes >= MIN_VOLUMES && volumes <= MAX_VOLUMES)) {
    throw new InputError('volumes', 'Drinks hold from half a volume to six.')
  }
  const psi =
    -16.6999 -
    0.0101059 * t +
    0.00116512 * t * t +
    0.173354 * t * volumes +
    4.24267 * volumes -
    0.0684226 * volumes * volumes
  const gaugePa = fromUnit(psi, 'gaugePressure', 'psi') + standardAtmospherePa(0) - standardAtmospherePa(altitudeM)
  if (gaugePa < 0) {
    throw new InputError(
      'volumes',
      'A drink this cold holds more gas than that with no pressure on it: aim for more volumes, or a warmer drink.',
    )
  }
  return gaugePa
}
