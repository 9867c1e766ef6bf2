import type { CylinderGear, LevelReading } from '@/core/cylinders/cylinderGear'

/** The last reading of a gauge, a height or a cylinder found empty, where nothing was weighed since; null otherwise. */
export function newerLevel({
  lastWeighing,
  lastLevel,
}: Pick<CylinderGear, 'lastWeighing' | 'lastLevel'>): LevelReading | null {
  if (lastLevel === null) return null
  return lastWeighing === null || lastLevel.readAt > lastWeighing.weighedAt ? lastLevel : null
}
