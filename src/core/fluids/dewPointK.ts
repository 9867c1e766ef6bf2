import { saturationVapourPa } from './saturationVapourPa'

/** Halvings between the ends of the range: to a millionth of a kelvin. */
const HALVINGS = 40

/**
 * Temperature at which air with this much vapour begins to wet what is colder.
 *
 * @param vapourPa - partial pressure of the vapour
 * @returns K, 173.15 at the least
 */
export function dewPointK(vapourPa: number): number {
  let [cold, warm] = [173.15, 373.15]
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (cold + warm) / 2
    if (saturationVapourPa(middle) < vapourPa) cold = middle
    else warm = middle
  }
  return (cold + warm) / 2
}
