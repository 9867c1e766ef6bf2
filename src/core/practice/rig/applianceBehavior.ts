import { type ApplianceKind, applianceTraits } from '@/core/appliances/applianceKinds'
import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import { kindOfType } from '@/core/hookup/line/linkToRig'
import type { GraphPart, LineGraph } from '@/core/hookup/line/lineGraph'
import type { PracticeRig } from './practiceRig'

/** How an appliance lights and what can go wrong at it. [common practice] Its manual comes first. */
export interface ApplianceBehavior {
  /** Lit by hand with a lighter, by its own spark, or on its own on 12 V. */
  lights: 'lighter' | 'spark' | 'automatic'
  /** A sensor in the pilot flame keeps the gas on; the knob is held until it is warm. */
  hasPilotSensor: boolean
  /** It burns only when a switch is set to gas. */
  hasEnergyMode: boolean
  /** It shuts off when oxygen runs low. */
  hasOxygenCutOff: boolean
  /** Its burner is reached from outside air: nests and dirt block it. */
  hasOutsideBurner: boolean
  /** It takes its air from outside and its exhaust goes there. */
  hasFlue: boolean
  /** Time that passes before it lights from a cold line. */
  waitS: number
}

const plain: ApplianceBehavior = {
  lights: 'lighter',
  hasPilotSensor: false,
  hasEnergyMode: false,
  hasOxygenCutOff: false,
  hasOutsideBurner: false,
  hasFlue: false,
  waitS: 0,
}

const TWO_MINUTES_S = 120

const behaviors: Readonly<Record<ApplianceKind, ApplianceBehavior>> = {
  cooktop: plain,
  oven: { ...plain, hasPilotSensor: true, waitS: TWO_MINUTES_S },
  fridge: {
    ...plain,
    lights: 'automatic',
    hasEnergyMode: true,
    hasOutsideBurner: true,
    hasFlue: true,
    waitS: TWO_MINUTES_S,
  },
  'water-heater': { ...plain, hasPilotSensor: true, hasEnergyMode: true, hasOutsideBurner: true, hasFlue: true },
  tankless: { ...plain, lights: 'automatic', hasOutsideBurner: true, hasFlue: true },
  furnace: { ...plain, lights: 'automatic', hasOutsideBurner: true, hasFlue: true },
  'panel-heater': { ...plain, lights: 'spark', hasPilotSensor: true, hasOxygenCutOff: true },
  'portable-heater': { ...plain, lights: 'spark', hasPilotSensor: true, hasOxygenCutOff: true },
  'gas-light': plain,
  grill: { ...plain, lights: 'spark', hasOutsideBurner: true },
  campfire: { ...plain, hasOutsideBurner: true },
  other: plain,
}

/** Kind of the appliance that a part is: as the rig says, else by its type. */
export function kindOfPart(rig: Pick<PracticeRig, 'kinds'>, { part, type }: GraphPart): ApplianceKind {
  return rig.kinds[part.id] ?? kindOfType[type.id] ?? 'other'
}

/** Behavior of an appliance of the line. */
export const behaviorOf = (rig: Pick<PracticeRig, 'kinds'>, part: GraphPart): ApplianceBehavior =>
  behaviors[kindOfPart(rig, part)]

/** Whether it needs the 12 V battery to burn. */
export const needsBattery = (rig: Pick<PracticeRig, 'kinds'>, part: GraphPart): boolean =>
  behaviorOf(rig, part).lights === 'automatic' || applianceTraits[kindOfPart(rig, part)].needsBattery

/** The appliances of a line, in the order the gas reaches them. */
export const appliancesOf = ({ sortFindings }: LineGraph): GraphPart[] =>
  sortFindings.filter(({ type }) => type.role === 'appliance')

/** What uses gas without burning it: a keg, a tire chuck. */
export const outletsOf = ({ sortFindings }: LineGraph): GraphPart[] =>
  sortFindings.filter(({ type }) => roleTraits[type.role].usesGas && type.role !== 'appliance')
