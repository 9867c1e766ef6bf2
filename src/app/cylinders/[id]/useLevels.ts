import type { Contents } from '@/core/cylinders/contents/contents'
import type { Fluid } from '@/core/fluids/fluidData'
import { drawnLevels, type DrawnLevels } from '@/core/cylinders/contents/drawnLevels'
import { readQuantity } from '@/ui/fields/readQuantity'
import { useUnits } from '@/ui/state/UnitsProvider'

/** Levels for the drawing, at the temperature typed or at 60 °F. */
export function useLevels(
  gas: Fluid,
  held: Contents | null,
  waterCapacityKg: number,
  temperatureText: string,
): DrawnLevels {
  const { system } = useUnits()
  const { value } = readQuantity(temperatureText, 'temperature', system)
  return drawnLevels(gas, held, waterCapacityKg, value)
}
