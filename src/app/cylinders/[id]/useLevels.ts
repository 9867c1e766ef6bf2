import type { Contents } from '@/core/cylinders/contents/contents'
import type { Fluid } from '@/core/fluids/fluidData'
import { drawingLevels, type DrawingLevels } from '@/core/cylinders/contents/drawingLevels'
import { readQuantity } from '@/ui/fields/readQuantity'
import { useUnits } from '@/ui/state/UnitsProvider'

/** Levels for the drawing, at the temperature typed or at 60 °F. */
export function useLevels(
  gas: Fluid,
  held: Contents | null,
  waterCapacityKg: number,
  temperatureText: string,
): DrawingLevels {
  const { system } = useUnits()
  const { value } = readQuantity(temperatureText, 'temperature', system)
  return drawingLevels(gas, held, waterCapacityKg, value)
}
