import { allVapourKg } from './allVapourKg'
import { boilAt } from './boilAt'
import type { Boiling } from './boiling'
import { boilingZ } from './boilingZ'
import { BOIL } from './boilTable'

/**
 * Absolute pressure: of boiling while there is liquid; of gas alone when there is none, from the ideal gas when it is
 * thin to the point of boiling by the first term of a virial series.
 */
export function pressureOf({ body, massKg, temperatureK }: Boiling): number {
  const share = Math.min(1, massKg / allVapourKg(body, temperatureK))
  const z = boilingZ(temperatureK)
  return (boilAt(BOIL.pressurePa, temperatureK) * share * (1 - (1 - z) * share)) / z
}
