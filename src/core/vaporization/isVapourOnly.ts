import { allVapourKg } from './allVapourKg'
import type { Boiling } from './boiling'

/** Whether no liquid is left. */
export function isVapourOnly({ body, massKg, temperatureK }: Boiling): boolean {
  return massKg <= allVapourKg(body, temperatureK) * (1 + 1e-9)
}
