import { allVapourKg } from './allVapourKg'
import { boilAt } from './boilAt'
import type { Boiling } from './boiling'
import { boilingZ } from './boilingZ'
import { BOIL } from './boilTable'

/** Gas too thin to press as wanted: it stays in the cylinder. The same series, turned about. */
export function residueKg({ body, temperatureK }: Boiling, needPa: number): number {
  const wanted = Math.min(1, needPa / boilAt(BOIL.pressurePa, temperatureK))
  const z = boilingZ(temperatureK)
  const share = (1 - Math.sqrt(Math.max(0, 1 - 4 * (1 - z) * z * wanted))) / (2 * (1 - z))
  return allVapourKg(body, temperatureK) * Math.min(1, share)
}
