import { boilAt } from './boilAt'
import { BOIL } from './boilTable'

/** Of propane: 8.31451 J/(mol·K) over 44.0956 g/mol. */
const SPECIFIC_R = 188.556

/** How far the vapour at the point of boiling is from an ideal gas. */
export function boilingZ(temperatureK: number): number {
  return boilAt(BOIL.pressurePa, temperatureK) / (boilAt(BOIL.vapourKgM3, temperatureK) * SPECIFIC_R * temperatureK)
}
