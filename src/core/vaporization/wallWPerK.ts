import type { Boiling } from './boiling'
import { liquidShare } from './liquidShare'
import { wettedAreaM2 } from './wettedAreaM2'

/** Heat that comes in for each kelvin that the air is warmer, with so much gas in it. */
export function wallWPerK({ body, temperatureK }: Boiling, wallUWPerM2K: number, massKg: number): number {
  return wallUWPerM2K * wettedAreaM2(body, liquidShare({ body, massKg, temperatureK }))
}
