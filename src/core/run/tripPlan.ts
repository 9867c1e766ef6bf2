import type { Supply } from '@/core/cylinders/cylinderKind'
import type { ApplianceKind, Energy, Habit } from '@/core/appliances/habit'
import type { Forecast } from '@/core/run/weather/forecast'
import type { UseFactors } from './lesson'
import type { RunSettings } from './runSettings'

/** An appliance and how long it burns in a day and night. */
export interface ApplianceUse {
  id: string
  name: string
  inputW: number
  supply: Supply
  /** At full input; what the habit comes to by the weather, where it has one. */
  burnPerDayS: number
  kind?: ApplianceKind
  pilotW?: number
  /** Drawn from the battery while it burns. */
  currentA?: number
  /** Drawn when it runs on the battery instead. */
  batteryA?: number
  needsBattery?: boolean
  /** A cylinder of its own, apart from the rig’s line. */
  cylinderId?: string | null
  /** When and how hard; at full for its hours from the evening on when absent. */
  habit?: Habit | null
  /** What it runs on, night by night; gas for those not named. */
  byNight?: readonly Energy[] | null
}

/** A trip as core needs to know it. */
export interface TripPlan {
  id: string
  name: string
  /** Day of leaving, `2026-12-04`. */
  startDay: string
  nights: number
  /** Ends before its last night is over: what is left of a trip under way, from its own beginning. */
  lastsS?: number
  /** Share of the trip’s gas to be left over: 0.2 for a fifth. */
  reserveShare: number
  altitudeM: number
  coldestK: number | null
  uses: readonly ApplianceUse[]
  /** How it is run; the usual when absent. */
  settings?: RunSettings | null
  /** Hour by hour; made from the coldest night when absent. */
  forecast?: Forecast | null
  /** What weigh-ins taught of its use. */
  learned?: UseFactors
}
