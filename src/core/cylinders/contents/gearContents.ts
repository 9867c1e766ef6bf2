import { InputError } from '@/core/base/InputError'
import { contents } from './contents'
import { contentsInput } from './contentsInput'
import { contentsOfNet, type Contents } from './contentsOfNet'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { CylinderGear, LevelReading } from '@/core/cylinders/cylinderGear'
import { FIXED_TANK_FULL } from './gaugeLevel'
import { gearLimitKg } from '@/core/cylinders/limits/gearLimitKg'
import { massOfLevelKg } from './massOfLevelKg'
import { newerLevel } from './newerLevel'

type Weighed = Omit<CylinderGear, 'fitness'>

function byLevel(cylinder: Weighed, { liquidFraction, temperatureK }: LevelReading): Contents {
  const { gas } = kindFacts[cylinder.kind]
  const { waterCapacityKg } = cylinder
  const netKg = massOfLevelKg(gas, waterCapacityKg, liquidFraction, temperatureK)
  // A fixed tank is full at 80 % of its inside, whatever the temperature of what was filled.
  const limitKg =
    cylinder.kind === 'onboard'
      ? massOfLevelKg(gas, waterCapacityKg, FIXED_TANK_FULL, temperatureK)
      : gearLimitKg(cylinder)
  return contentsOfNet({ gas, netKg, limitKg, waterCapacityKg, temperatureK })
}

/**
 * Contents by the last weighing, or by the last reading of a gauge where that is newer.
 *
 * @returns null when neither was ever taken, or when the stamps were corrected since so that it no longer makes
 *   sense: both mean that nobody knows
 */
export function gearContents(cylinder: Weighed): Contents | null {
  const level = newerLevel(cylinder)
  try {
    if (level !== null) return byLevel(cylinder, level)
    return cylinder.lastWeighing && contents(contentsInput(cylinder, cylinder.lastWeighing))
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}
