import { boilAt } from './boilAt'
import { BOIL, BOIL_FROM_K, BOIL_ROWS, BOIL_STEP_K } from './boilTable'

/** Halvings of the table’s range: to a billionth of a kelvin. */
const HALVINGS = 38

/**
 * Temperature at which propane boils under a pressure.
 *
 * @param pressurePa - absolute
 * @returns K; the nearest end of the table outside it
 */
export function boilingTemperatureK(pressurePa: number): number {
  let low: number = BOIL_FROM_K
  let high = BOIL_FROM_K + (BOIL_ROWS - 1) * BOIL_STEP_K
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (low + high) / 2
    if (boilAt(BOIL.pressurePa, middle) < pressurePa) low = middle
    else high = middle
  }
  return (low + high) / 2
}
