import type { Phrase } from '@/core/base/quantity'
import { openingsToKeep } from '@/core/trip/card/openingsToKeep'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { TripPlan } from '@/core/run/tripPlan'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import { lineSupply } from '@/core/run/simulation/lineSupply'
import type { Changeover } from '@/core/run/runSettings'

/** Facts of a rig that its procedures depend on. */
export interface StepsFacts {
  /** Removable cylinders on the rig's line, by name. */
  cylinders: readonly string[]
  /** A fixed tank, by name. */
  tank: string | null
  changeover: Changeover | null
  /** Heaters by name, whether a bottle is attached and whether they are vented. */
  heaters: readonly { name: string; bottleOn: boolean; vented: boolean }[]
  /** Which openings to keep open and how far, a sentence for each room. */
  openings: readonly Phrase[]
  /** Alarms, by name. */
  alarms: readonly string[]
  hasFridge: boolean
  /** A CO2 cylinder, by name. */
  co2: string | null
}

/**
 * Facts of a rig that its procedures depend on.
 *
 * @param gear - of the rig
 * @param trip - for how it is run and what burns
 */
export function stepsFacts(
  gear: RigGear,
  trip: Pick<TripPlan, 'uses' | 'settings' | 'altitudeM' | 'forecast'>,
): StepsFacts {
  const aboard = gear.cylinders.filter((cylinder) => cylinder.aboard)
  return {
    cylinders: aboard.filter(({ kind }) => kindFacts[kind].filledAt === 'pump').map(({ name }) => name),
    tank: aboard.find(({ kind }) => kindFacts[kind].isFixed)?.name ?? null,
    changeover: trip.settings?.changeover ?? lineSupply(gear.lines.map((line) => line.gear)).changeover,
    heaters: gear.heat.heaters.map(({ name, heater }) => ({ name, bottleOn: heater.bottleOn, vented: heater.vented })),
    openings: gear.heat.rooms.flatMap((room) => openingsToKeep(room, gear.heat.heaters, trip)),
    alarms: gear.equipment.filter(({ kind }) => kind.endsWith('-alarm')).map(({ name }) => name),
    hasFridge: trip.uses.some(({ kind }) => kind === 'fridge'),
    co2: aboard.find(({ kind }) => kindFacts[kind].gas === 'co2')?.name ?? null,
  }
}
