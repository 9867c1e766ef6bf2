import { bisect } from '@/core/math/findRoot'
import { InputError } from '@/core/base/InputError'

/**
 * A temperature within a range.
 *
 * @throws InputError at `path`
 */
export function requireTemperatureBetween(
  temperatureK: number,
  leastK: number,
  mostK: number,
  path = 'temperatureK',
): number {
  if (!(temperatureK >= leastK && temperatureK <= mostK)) {
    const celsius = (kelvin: number): string => String(Math.round(kelvin - 273.15)).replace('-', '−')
    const fahrenheit = (kelvin: number): string => String(Math.round(kelvin * 1.8 - 459.67)).replace('-', '−')
    throw new InputError(
      path,
      `This must lie between ${celsius(leastK)} and ${celsius(mostK)} °C (${fahrenheit(leastK)} and ${fahrenheit(mostK)} °F).`,
    )
  }
  return temperatureK
}

/** Terms of the logarithm of the pressure. */
const ICE = {
  inverse: -5.6745359e3,
  constant: 6.3925247,
  linear: -9.677843e-3,
  square: 6.2215701e-7,
  cube: 2.0747825e-9,
  fourth: -9.484024e-13,
  log: 4.1635019,
}

const WATER = {
  inverse: -5.8002206e3,
  constant: 1.3914993,
  linear: -4.8640239e-2,
  square: 4.1764768e-5,
  cube: -1.4452093e-8,
  fourth: 0,
  log: 6.5459673,
}

const TRIPLE_POINT_K = 273.16

/**
 * Pressure of water vapor in saturated air, over ice below the triple point.
 *
 * @param temperatureK - 173.15 to 473.15 K
 * @throws InputError outside that
 * @see ASHRAE Handbook Fundamentals (2017), chapter 1, equations 5 and 6 (Hyland and Wexler)
 */
export function saturationVaporPa(temperatureK: number): number {
  const t = requireTemperatureBetween(temperatureK, 173.15, 473.15)
  const { inverse, constant, linear, square, cube, fourth, log } = t <= TRIPLE_POINT_K ? ICE : WATER
  return Math.exp(inverse / t + constant + t * (linear + t * (square + t * (cube + t * fourth))) + log * Math.log(t))
}

/** Halvings between the ends of the range: to a millionth of a kelvin. */
const HALVINGS = 40

/**
 * Dew point of air with a partial pressure of water vapor.
 *
 * @param vaporPa - partial pressure of the vapor
 * @returns K, 173.15 at least
 */
export function dewPointK(vaporPa: number): number {
  return bisect((atK) => saturationVaporPa(atK) >= vaporPa, 173.15, 373.15, { halvings: HALVINGS }).middle
}
