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
