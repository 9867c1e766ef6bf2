import { assumed, isAssumed, type QuantitySources } from '@/core/base/provenance'
import { InputError } from '@/core/base/InputError'
import { judgeTrip, type TripJudgment } from '@/core/trip/readiness/judgeTrip'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import type { ApplianceUse, TripPlan } from '@/core/run/tripPlan'
import type { UnitSystem } from '@/core/units/displayRoles'
import { roundTo } from '@/core/units/roundTo'
import { nothingTyped, readQuantity, typedOf, type TypedQuantity } from '@/ui/fields/typedQuantity'
import { readNights } from '@/app/shared/nights'

/** A stored trip as the form begins from it. */
export interface StoredTrip {
  id: string
  version: number
  name: string
  startDay: string
  nights: number
  altitudeM: number
  coldestK: number | null
  reserveShare: number
  sources: QuantitySources
}

export type TripFormAppliance = Omit<ApplianceUse, 'burnPerDayS' | 'habit' | 'byNight' | 'sources' | 'heatsRoom'>

/** Parts of a stored trip that only Run changes. */
export type KeptPlan = Pick<TripPlan, 'uses' | 'settings' | 'forecast' | 'learned'>

export const nothingKept: KeptPlan = { uses: [] }

/** Whether habit and weather decide how long it burns, rather than hours that are typed. */
export function isByHabit({ uses }: KeptPlan, id: string): boolean {
  const habit = uses.find((use) => use.id === id)?.habit
  return habit !== undefined && habit !== null && habit.way !== 'hours'
}

/** Fields as typed, with hours by appliance. */
export interface TripValues {
  name: string
  startDay: string
  nights: string
  altitude: TypedQuantity
  coldest: TypedQuantity
  reserve: string
  hours: Record<string, TypedQuantity>
}

const USUAL_RESERVE = 0.2

/** Fields of a stored trip, or of a new one. */
export function tripValues(
  stored: StoredTrip | null,
  uses: readonly ApplianceUse[],
  appliances: readonly TripFormAppliance[],
  suggestedDay: string,
  system: UnitSystem,
): TripValues {
  const hoursOf = (id: string): TypedQuantity => {
    const use = uses.find((candidate) => candidate.id === id)
    return use ? typedOf(use.burnPerDayS, 'duration', system) : nothingTyped
  }
  return {
    name: stored?.name ?? '',
    startDay: stored?.startDay ?? suggestedDay,
    nights: String(stored?.nights ?? 3),
    altitude:
      stored && !isAssumed(stored.sources, 'altitudeM') ? typedOf(stored.altitudeM, 'altitude', system) : nothingTyped,
    coldest: typedOf(stored?.coldestK ?? null, 'temperature', system),
    reserve: String(roundTo((stored?.reserveShare ?? USUAL_RESERVE) * 100, 1)),
    hours: Object.fromEntries(appliances.map(({ id }) => [id, hoursOf(id)])),
  }
}

/** Values of the fields as a plan, with a sentence for each unreadable one. */
export interface TripReading {
  plan: TripPlan
  readable: boolean
  issues: Readonly<Partial<Record<'nights' | 'reserve', string>>>
}

/** An appliance of the trip, with its typed hours or the habit it has. */
function useOf(appliance: TripFormAppliance, burnPerDayS: number, kept: KeptPlan): ApplianceUse {
  const stored = kept.uses.find(({ id }) => id === appliance.id)
  // Of the trip, not of the appliance, which has sources of its own.
  const byNight = stored?.byNight ?? null
  const heatsRoom = stored?.heatsRoom ?? null
  const told = stored?.sources ?? {}
  if (stored && isByHabit(kept, appliance.id)) {
    return { ...stored, ...appliance, burnPerDayS: 0, byNight, heatsRoom, sources: told }
  }
  const habit = stored?.habit?.way === 'hours' ? { ...stored.habit, burnPerDayS } : null
  const isUnchanged = stored !== undefined && Math.abs(stored.burnPerDayS - burnPerDayS) < 1
  return { ...appliance, burnPerDayS, habit, byNight, heatsRoom, sources: isUnchanged ? told : {} }
}

/** Reads the fields; an empty field takes its usual value, an unreadable one gives no plan. */
export function readTrip(
  values: TripValues,
  id: string,
  appliances: readonly TripFormAppliance[],
  kept: KeptPlan = nothingKept,
): TripReading {
  const { nights, issue: nightsIssue } = readNights(values.nights)
  const reserve = Number(values.reserve.replace('%', '').replace(',', '.').trim())
  const reserveWrong = values.reserve.trim() === '' || !(reserve >= 0 && reserve <= 100)
  const altitude = readQuantity(values.altitude, 'altitude')
  const coldest = readQuantity(values.coldest, 'temperature')
  const hours = appliances.map((appliance) => ({
    appliance,
    reading: readQuantity(values.hours[appliance.id] ?? nothingTyped, 'duration'),
  }))
  const quantitiesWrong = [altitude, coldest, ...hours.map(({ reading }) => reading)].some(({ issue }) => issue)
  return {
    readable: nightsIssue === null && !reserveWrong && !quantitiesWrong,
    issues: {
      ...(nightsIssue !== null && { nights: nightsIssue }),
      ...(reserveWrong && { reserve: 'Enter a share from 0 to 100 %.' }),
    },
    plan: {
      id,
      name: values.name,
      startDay: values.startDay,
      nights,
      reserveShare: reserve / 100,
      altitudeM: altitude.value ?? 0,
      sources: altitude.value === null ? { altitudeM: assumed() } : {},
      coldestK: coldest.value,
      uses: hours
        .filter(({ appliance, reading }) => (reading.value ?? 0) > 0 || isByHabit(kept, appliance.id))
        .map(({ appliance, reading }) => useOf(appliance, reading.value ?? 0, kept)),
      settings: kept.settings ?? null,
      forecast: kept.forecast ?? null,
      learned: kept.learned ?? {},
    },
  }
}

/** The judgment of what is typed, and what core refuses of it. */
export function judgeTyped(
  { plan, readable }: TripReading,
  rig: RigGear,
  nowIso: string,
): { judgment: TripJudgment | null; refusal: InputError | null } {
  if (!readable) return { judgment: null, refusal: null }
  try {
    return { judgment: judgeTrip(rig, plan, nowIso), refusal: null }
  } catch (error) {
    if (error instanceof InputError) return { judgment: null, refusal: error }
    throw error
  }
}
