/** Kelvin of a temperature in °F. */
export function fahrenheit(degrees: number): number {
  return (degrees + 459.67) * (5 / 9)
}

export const PSI_PA = 6894.757293168
export const POUND_KG = 0.45359237
export const OUNCE_KG = POUND_KG / 16
export const BTU_PER_HOUR_W = 1055.05585262 / 3600
export const SQUARE_INCH_M2 = 0.0254 ** 2
export const FOOT_M = 0.3048

/** Meters of a length in inches. */
export function inches(length: number): number {
  return length * 0.0254
}
