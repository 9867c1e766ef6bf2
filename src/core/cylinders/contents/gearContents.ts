import { InputError } from '@/core/base/InputError'
import { type CylinderGear, type LevelReading, usedTareKg, type Weighing } from '@/core/cylinders/cylinderGear'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { type ContentsInput, contents, contentsFromNet, type Contents } from './contents'
import { FIXED_TANK_FULL, massAtLevelKg } from './liquidLevel'

/** What a weighing of this cylinder gives core/cylinders/contents to work with. */
export function contentsInput(
  cylinder: Pick<CylinderGear, 'kind' | 'tareKg' | 'waterCapacityKg' | 'labelNetKg' | 'sources'>,
  weighing: Pick<Weighing, 'grossKg' | 'hangingKg'>,
): ContentsInput {
  return {
    gas: kindFacts[cylinder.kind].gas,
    grossKg: weighing.grossKg,
    hangingKg: weighing.hangingKg,
    tareKg: usedTareKg(cylinder, weighing.grossKg - weighing.hangingKg),
    waterCapacityKg: cylinder.waterCapacityKg,
    labelNetKg: cylinder.labelNetKg,
  }
}

/** The last level reading, unless a weighing is newer; else null. */
export function latestLevel({
  lastWeighing,
  lastLevel,
}: Pick<CylinderGear, 'lastWeighing' | 'lastLevel'>): LevelReading | null {
  if (lastLevel === null) return null
  return lastWeighing === null || lastLevel.readAt > lastWeighing.weighedAt ? lastLevel : null
}

type Weighed = Omit<CylinderGear, 'fitness'>

function byLevel(cylinder: Weighed, { liquidFraction, temperatureK }: LevelReading): Contents {
  const { gas, isFixed } = kindFacts[cylinder.kind]
  const { waterCapacityKg } = cylinder
  const netKg = massAtLevelKg(gas, waterCapacityKg, liquidFraction, temperatureK)
  // A fixed tank is full at 80 % of its volume at any temperature of the liquid.
  const limitKg = isFixed ? massAtLevelKg(gas, waterCapacityKg, FIXED_TANK_FULL, temperatureK) : gearLimitKg(cylinder)
  return contentsFromNet({ gas, netKg, limitKg, waterCapacityKg, temperatureK })
}

/**
 * Contents by the last weighing, or by the last reading of a gauge where that is newer.
 *
 * @returns null when neither was ever taken, when it was filled since and nobody can tell how far, or when the stamps
 * were corrected since and the reading no longer makes sense: the contents are then unknown
 */
export function gearContents(cylinder: Weighed): Contents | null {
  if (cylinder.filledUnknownAt) return null
  const level = latestLevel(cylinder)
  try {
    if (level !== null) return byLevel(cylinder, level)
    return cylinder.lastWeighing && contents(contentsInput(cylinder, cylinder.lastWeighing))
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}
