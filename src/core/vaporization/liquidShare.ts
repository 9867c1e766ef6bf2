import { boilAt } from './boilAt'
import type { Boiling } from './boiling'
import { BOIL } from './boilTable'

/** Liquid of the inside, 0 to 1. */
export function liquidShare({ body, massKg, temperatureK }: Pick<Boiling, 'body' | 'massKg' | 'temperatureK'>): number {
  const share = (boilAt(BOIL.levelM3Kg, temperatureK) * massKg) / body.volumeM3 - boilAt(BOIL.lift, temperatureK)
  return Math.min(1, Math.max(0, share))
}
