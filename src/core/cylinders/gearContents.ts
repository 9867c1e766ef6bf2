import { InputError } from '@/core/findings/InputError'
import { contents, type Contents } from './contents'
import { contentsInput } from './contentsInput'
import type { CylinderGear } from './gear'

/**
 * Contents by the last weighing.
 *
 * @returns null when the cylinder was never weighed, or when its stamps were corrected since so that the
 *   weighing no longer makes sense: both mean that nobody knows
 */
export function gearContents(cylinder: CylinderGear): Contents | null {
  if (cylinder.lastWeighing === null) return null
  try {
    return contents(contentsInput(cylinder, cylinder.lastWeighing))
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}
