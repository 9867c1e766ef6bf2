import { type ApplianceKind, applianceTraits } from '@/core/appliances/applianceKinds'
import type { Phrase } from '@/core/base/quantity'
import { openingsToKeep } from '@/core/trip/card/openingsToKeep'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { isBurning, type TripPlan } from '@/core/run/tripPlan'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import { lineSupply } from '@/core/run/simulation/lineSupply'
import type { Changeover } from '@/core/run/runSettings'
import { type GraphPart, lineGraphOrNull } from '@/core/hookup/line/lineGraph'

/** An appliance that burns gas on the trip. */
interface BurningAppliance {
  name: string
  kind: ApplianceKind
  /** A standing pilot, which is counted when it is lit. */
  hasPilot: boolean
}

/** Facts of a rig that its procedures depend on: a step names nothing that the rig does not have. */
export interface StepsFacts {
  /** Removable cylinders on the rig's line, by name. */
  cylinders: readonly string[]
  /** A fixed tank, by name. */
  tank: string | null
  /** How many one-pound bottles come along. */
  bottles: number
  changeover: Changeover | null
  /** How a cylinder is connected, as drawn; null where no line is drawn. */
  nut: 'hand-wheel' | 'left-hand' | null
  /** A hose or pigtail hangs at a cylinder. */
  hasPigtail: boolean
  /** Heaters by name, whether a bottle is attached and whether they are vented. */
  heaters: readonly { name: string; bottleOn: boolean; vented: boolean }[]
  appliances: readonly BurningAppliance[]
  /** Quick connects are in the line. */
  hasQuickConnect: boolean
  /** A port or a hose for an appliance outside. */
  hasOutsideSupply: boolean
  /** Which openings to keep open and how far, a sentence for each room. */
  openings: readonly Phrase[]
  /** Alarms, by name. */
  alarms: readonly string[]
  /** A CO2 cylinder, by name. */
  co2: string | null
}

/** Appliances that go on through the night on the gas of the line. */
const throughTheNight: readonly ApplianceKind[] = ['fridge', 'furnace', 'water-heater']

/** What burns from the line all night, by name: its gas is not shut off in the evening. */
export function burnsAllNight({ appliances, heaters }: StepsFacts): string[] {
  const vented = heaters.filter((heater) => heater.vented && !heater.bottleOn).map(({ name }) => name)
  const others = appliances.filter(({ kind }) => throughTheNight.includes(kind)).map(({ name }) => name)
  return [...new Set([...others, ...vented])]
}

/** Whether the rig has an appliance of a kind that burns on the trip. */
export const hasKind = ({ appliances }: Pick<StepsFacts, 'appliances'>, ...kinds: readonly ApplianceKind[]): boolean =>
  appliances.some(({ kind }) => kinds.includes(kind))

/** Whether gas comes from a cylinder or a tank with a valve of its own. */
export const hasLine = ({ cylinders, tank }: Pick<StepsFacts, 'cylinders' | 'tank'>): boolean =>
  cylinders.length > 0 || tank !== null

/** Words for what is shut and opened. */
export function valveOf({ cylinders, tank }: Pick<StepsFacts, 'cylinders' | 'tank'>): string {
  if (cylinders.length === 0) return tank === null ? 'the valve' : 'the tank’s valve'
  return cylinders.length > 1 ? 'the valve of each cylinder' : 'the cylinder’s valve'
}

function nutOf(parts: readonly GraphPart[]): StepsFacts['nut'] {
  const joint = parts.find(({ type }) => type.role === 'cylinder' && type.gas === 'propane')?.outOf[0]
  if (!joint) return null
  return joint.verdict.connection === 'pol' ? 'left-hand' : 'hand-wheel'
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
  const parts = gear.lines.flatMap(({ gear: { line } }) => lineGraphOrNull(line)?.parts ?? [])
  const propane = parts.filter(({ type }) => type.gas !== 'co2')
  return {
    cylinders: aboard.filter(({ kind }) => kindFacts[kind].filledAt === 'pump').map(({ name }) => name),
    tank: aboard.find(({ kind }) => kindFacts[kind].isFixed)?.name ?? null,
    bottles: aboard.filter(({ kind }) => kindFacts[kind].supply === 'bottles').length,
    changeover: trip.settings?.changeover ?? lineSupply(gear.lines.map((line) => line.gear)).changeover,
    nut: nutOf(propane),
    hasPigtail: propane.some(
      ({ type, into }) => type.role === 'hose' && into.some(({ from }) => from.type.role === 'cylinder'),
    ),
    heaters: gear.heat.heaters.map(({ name, heater }) => ({ name, bottleOn: heater.bottleOn, vented: heater.vented })),
    appliances: trip.uses.filter(isBurning).map(({ name, kind = 'other', pilotW = 0 }) => ({
      name,
      kind,
      hasPilot: pilotW > 0 && !applianceTraits[kind].needsBattery,
    })),
    hasQuickConnect: propane.some(({ type }) => type.role === 'quick'),
    hasOutsideSupply:
      propane.some(({ type }) => type.role === 'supply-tee') || trip.uses.some(({ kind }) => kind === 'grill'),
    openings: gear.heat.rooms.flatMap((room) => openingsToKeep(room, gear.heat.heaters, trip)),
    alarms: gear.equipment.filter(({ kind }) => kind.endsWith('-alarm')).map(({ name }) => name),
    co2: aboard.find(({ kind }) => kindFacts[kind].gas === 'co2')?.name ?? null,
  }
}
