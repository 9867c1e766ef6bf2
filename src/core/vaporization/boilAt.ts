import { BOIL_FROM_K, BOIL_ROWS, BOIL_STEP_K, BOIL_WIDTH, boilTable, type BoilColumn } from './boilTable'

/**
 * One property of propane as it boils, straight between the table’s rows.
 *
 * @param column - which
 * @param temperatureK - of liquid and vapour; outside the table its nearest end
 */
export function boilAt(column: BoilColumn, temperatureK: number): number {
  const table = boilTable()
  const place = Math.min(BOIL_ROWS - 1, Math.max(0, (temperatureK - BOIL_FROM_K) / BOIL_STEP_K))
  const row = Math.min(BOIL_ROWS - 2, Math.floor(place))
  const at = row * BOIL_WIDTH + column
  const low = table[at] ?? 0
  return low + ((table[at + BOIL_WIDTH] ?? 0) - low) * (place - row)
}
