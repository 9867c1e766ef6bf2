import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import type { Equipment, OptionalEquipment } from '@/core/cylinders/equipment/equipment'
import type { RigHeatInput } from '@/core/heat/heatFindings'
import type { RoomWarmth } from '@/core/heat/warmth/heatOutlook'
import type { Battery } from '@/core/run/battery/battery'
import type { RunRig } from '@/core/run/simulation/buildRunInput'
import type { RecordedFault } from './practiceFindings'
import type { JudgedLine } from './lineFindings'

/** What heats the rig, and where. */
export type RigHeat = Pick<RigHeatInput, 'rooms' | 'heaters' | 'heatless'> & {
  /** Of the room that is heated, by its log or its shape; null when none is drawn. */
  warmth: RoomWarmth | null
}

/** Everything of a rig that the trip verdict depends on. */
export interface RigGear {
  cylinders: readonly CylinderGear[]
  /** Regulators, hoses, alarms and extinguisher. */
  equipment: readonly Equipment[]
  /** With their leak tests. */
  lines: readonly JudgedLine[]
  heat: RigHeat
  /** Hoses or regulators, where the owner said that the rig has none. */
  noneNeeded?: readonly OptionalEquipment[]
  /** Null when not entered. */
  battery: Battery | null
  /** Faults that were found and are not repaired. */
  recordedFaults?: readonly RecordedFault[]
  /** When the emergencies were last rehearsed; null for never, absent where nobody asked. */
  rehearsedAt?: string | null
}

/** Parts of a rig for the simulation. */
export function runRigOf({ cylinders, lines, heat, battery }: RigGear): RunRig {
  return { cylinders, lines: lines.map(({ gear }) => gear), warmth: heat.warmth, battery }
}
