import { applianceTraits } from '@/core/appliances/applianceKinds'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { usableGasKg } from '@/core/cylinders/fitness/usableGas'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import type { RoomWarmth } from '@/core/heat/warmth/heatOutlook'
import type { LineGear } from '@/core/hookup/line/line'
import type { Battery } from '@/core/run/battery/battery'
import { usualRunSettings } from '@/core/run/runSettings'
import { learnedFactor, type UseFactors } from '@/core/run/learnedUse'
import { type ApplianceUse, isBurning, type TripPlan } from '@/core/run/tripPlan'
import { forecastOfTrip } from '@/core/run/weather/forecastOfTrip'
import { vesselOf } from '@/core/vaporization/vessel'
import { lineSupply } from './lineSupply'
import type { TripCylinder, TripAppliance, TripRunInput, TripSource } from './tripRun'

/** Full cylinder or bottle added in a scenario. [common practice] */
const sizes = {
  line: { name: 'another 20 lb cylinder', waterCapacityKg: 21.59, massKg: 9.07, wallKg: 7.94 },
  bottles: { name: 'a new bottle', waterCapacityKg: 1.107, massKg: 0.465, wallKg: 0.414 },
} as const

/**
 * A full cylinder that is only part of a scenario.
 *
 * @param sourceId - the rig’s line, or the small bottles
 * @param number - running number from 1
 */
export function extraCylinder(sourceId: keyof typeof sizes, number: number): TripCylinder {
  return { id: `more ${sourceId} ${number}`, sourceId, stands: 'upright', ...sizes[sourceId] }
}

/** Parts of a rig that a simulation uses. */
export interface RunRig {
  cylinders: readonly CylinderGear[]
  lines: readonly LineGear[]
  /** Warmth of the room that is heated; null when none is known. */
  warmth: RoomWarmth | null
  battery: Battery | null
}

/** Assumed changes before leaving. */
export interface Scenario {
  /** Cylinders filled to their limit before leaving. */
  fills: readonly string[]
  /** Additional full 20 lb cylinders on the line. */
  moreCylinders: number
  /** Additional full one-pound bottles. */
  moreBottles: number
}

export const baselineScenario: Scenario = { fills: [], moreCylinders: 0, moreBottles: 0 }

/** Burning hours without a habit start at this hour. */
const EVENING_H = 18

/** Inlet pressure that a small portable’s regulator needs. [common practice] */
const BOTTLE_NEED_PA = 34_473.8

/** An appliance on a cylinder of its own is a source of its own. */
export function sourceOf(use: Pick<ApplianceUse, 'supply' | 'cylinderId'>): string {
  return use.cylinderId ? `own ${use.cylinderId}` : use.supply
}

function applianceOf(use: ApplianceUse, learned: UseFactors): TripAppliance {
  const usual = applianceTraits[use.kind ?? 'other']
  return {
    id: use.id,
    name: use.name,
    sourceId: sourceOf(use),
    kind: use.kind ?? 'other',
    inputW: use.inputW,
    pilotW: use.pilotW ?? 0,
    currentA: use.currentA ?? 0,
    batteryA: use.batteryA ?? usual.batteryA,
    needsBattery: use.needsBattery ?? false,
    habit: use.habit ?? { way: 'hours', burnPerDayS: use.burnPerDayS, fromH: EVENING_H },
    useFactor: learnedFactor(use, learned),
    byNight: [...(use.byNight ?? [])],
  }
}

/** Step length for interactive results, by the length of the trip. */
function stepFor(nights: number): number {
  if (nights <= 7) return 300
  if (nights <= 21) return 600
  return nights <= 60 ? 1800 : 3600
}

/**
 * Simulation input for a trip of a rig.
 *
 * Unweighed and unusable cylinders count as empty; a one-pound bottle is attached to its heater.
 *
 * @param rig - cylinders, lines, room and battery
 * @param trip - the plan
 * @param scenario - assumed before leaving
 * @param stepS - step length; by default chosen from the length of the trip
 */
export function buildRunInput(
  { cylinders, lines, warmth, battery }: RunRig,
  trip: TripPlan,
  scenario: Scenario = baselineScenario,
  stepS = stepFor(trip.nights),
): TripRunInput {
  const settings = trip.settings ?? usualRunSettings
  const burning = trip.uses.filter(isBurning)
  const own = new Set(burning.flatMap(({ cylinderId }) => cylinderId ?? []))
  const supply = lineSupply(lines)
  // The side that the lever stands at is used first.
  const inOrder = cylinders.toSorted(
    (a, b) => Number(b.id === supply.firstCylinderId) - Number(a.id === supply.firstCylinderId),
  )
  const aboard: TripCylinder[] = inOrder.flatMap((cylinder) => {
    const { supply: of } = kindFacts[cylinder.kind]
    if (!cylinder.aboard || of === null) return []
    const limitKg = gearLimitKg(cylinder)
    return [
      {
        id: cylinder.id,
        name: cylinder.name,
        sourceId: own.has(cylinder.id) ? `own ${cylinder.id}` : of,
        massKg: scenario.fills.includes(cylinder.id) ? limitKg : (usableGasKg(cylinder) ?? 0),
        limitKg,
        ...vesselOf(cylinder),
      },
    ]
  })
  for (let i = 1; i <= scenario.moreCylinders; i += 1) aboard.push(extraCylinder('line', i))
  for (let i = 1; i <= scenario.moreBottles; i += 1) aboard.push(extraCylinder('bottles', i))
  const line: TripSource = {
    id: 'line',
    name: 'the rig’s line',
    changeover: settings.changeover ?? supply.changeover ?? 'one-side',
    needGaugePa: supply.needGaugePa,
    ratedW: supply.ratedW,
    site: settings.site,
  }
  const bottles: TripSource = {
    id: 'bottles',
    name: 'the small bottles',
    changeover: 'one-side',
    needGaugePa: BOTTLE_NEED_PA,
    ratedW: null,
    site: 'on-heater',
  }
  const owned = [...own].map((id): TripSource => ({
    ...line,
    id: `own ${id}`,
    name: cylinders.find((cylinder) => cylinder.id === id)?.name ?? id,
    changeover: 'one-side',
    ratedW: null,
  }))
  const whole = Math.floor(settings.startH)
  const minutes = Math.round((settings.startH - whole) * 60)
  const two = (number: number): string => String(number).padStart(2, '0')
  return {
    startISO: `${trip.startDay}T${two(Math.min(23, whole))}:${two(Math.min(59, minutes))}`,
    nights: trip.nights,
    lastsS: trip.lastsS ?? null,
    altitudeM: trip.altitudeM,
    cylinders: aboard,
    changeover: line.changeover,
    sources: [line, bottles, ...owned],
    appliances: burning.map((use) => applianceOf(use, trip.learned ?? {})),
    rig: warmth && { lossWPerK: warmth.lossWPerK, capacityJPerK: warmth.capacityJPerK },
    forecast: forecastOfTrip(trip),
    battery,
    getUp: settings.getUp,
    wakeH: settings.wakeH,
    sleepH: settings.sleepH,
    shoreNights: settings.shoreNights,
    refills: settings.refills,
    clockChanges: settings.clockChanges,
    stepS,
  }
}
