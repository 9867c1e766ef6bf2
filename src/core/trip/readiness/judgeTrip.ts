import { siteConditions } from '@/core/run/siteConditions'
import { cylinderFindings } from '@/core/cylinders/fitness/cylinderFindings'
import { heldGas } from '@/core/hookup/line/changeoverSides'
import type { Supply } from '@/core/cylinders/cylinderKind'
import { type Finding, sortFindings } from '@/core/findings/Finding'
import { mildestHeatedK } from '@/core/run/weather/forecastOfTrip'
import { baselineScenario } from '@/core/run/simulation/buildRunInput'
import { runOutlook } from '@/core/run/simulation/runOutlook'
import type { TripRun, TripRunInput } from '@/core/run/simulation/tripRun'
import { tripEndDay } from '@/core/time/day'
import { isTripOver, remainingTrip } from '@/core/trip/usage/remainingTrip'
import type { TripPlan } from '@/core/run/tripPlan'
import { lineFindings, notOnLine } from './lineFindings'
import { type RigGear, runRigOf } from './rigGear'
import { verdict, type Verdict } from '@/core/findings/verdict'
import { answeredAtHookup } from './answeredAtHookup'
import { equipmentFindings } from '@/core/cylinders/equipment/equipmentFindings'
import type { SupplyBalance } from '@/core/run/analysis/gasForTrip'
import { runFindings } from '@/core/run/analysis/runFindings'
import { gasFindings } from '@/core/run/analysis/gasFindings'
import { heatFindings } from '@/core/heat/heatFindings'
import { cookingHeatFindings } from './cookingHeat'
import { heaterHoursFindings, heatUnknown, type HeatUnknown } from './heaterHours'
import { practiceFindings } from './practiceFindings'
import { refusedAtPump } from './refusedAtPump'

/** Whether the gas lasts, independent of all other findings. */
export type Enough = 'enough' | 'short' | 'unknown'

export interface TripJudgment {
  verdict: Verdict
  /** It needs no more gas: its last day is past, or it was weighed at home. */
  isOver: boolean
  enough: Enough
  /** The same for each supply that anything burns from. */
  enoughBySupply: readonly { supply: Supply; enough: Enough }[]
  /** Most severe first. */
  findings: readonly Finding[]
  balances: readonly SupplyBalance[]
  /** The trip hour by hour, and what it was worked out from. */
  run: TripRun
  input: TripRunInput
  /** The judged plan: the rest of a trip under way, with hours computed from habits. */
  trip: TripPlan
}

function enoughFor({ supply, leftKg, allWeighed }: SupplyBalance, unknown: HeatUnknown): Enough {
  // An unweighed cylinder can only add gas: enough without it is enough. Hours that nobody entered and nights of
  // unknown cold can only take more.
  if (leftKg >= 0) return unknown.mayBurnMore.has(supply) ? 'unknown' : 'enough'
  // Without the room’s loss a heater counts at full input, which may be too much.
  return allWeighed && !unknown.mayBurnLess.has(supply) ? 'short' : 'unknown'
}

/** A balance of which nothing more is burned. */
function withoutUse(balance: SupplyBalance): SupplyBalance {
  return { ...balance, uses: [], neededKg: 0, reserveKg: 0, leftKg: balance.aboardKg }
}

function together(each: readonly { enough: Enough }[]): Enough {
  if (each.length === 0 || each.some(({ enough }) => enough === 'unknown')) return 'unknown'
  return each.some(({ enough }) => enough === 'short') ? 'short' : 'enough'
}

/**
 * The verdict on a trip: every finding of every station.
 *
 * @param rig - its gear
 * @param plan - of the trip
 * @param nowIso - time to judge at, ISO 8601
 * @throws InputError as gasForTrip does
 */
export function judgeTrip(rig: RigGear, plan: TripPlan, nowIso: string): TripJudgment {
  const { cylinders, equipment, lines, heat } = rig
  const runRig = runRigOf(rig)
  const isOver = isTripOver(plan, cylinders, nowIso)
  const outlook = runOutlook(runRig, remainingTrip(plan, cylinders, nowIso), baselineScenario)
  const { trip, input, run } = outlook
  // What is left of a trip that is over needs no gas.
  const balances = isOver ? outlook.balances.map(withoutUse) : outlook.balances
  const short = balances.filter(({ leftKg, aboardKg, neededKg }) => leftKg < 0 && aboardKg < neededKg)
  const aboard = cylinders.filter((cylinder) => cylinder.aboard)
  const site = siteConditions(trip)
  const untilDay = tripEndDay(plan.startDay, plan.nights)
  const findings = sortFindings([
    ...aboard.flatMap((cylinder) => cylinderFindings(cylinder, nowIso, untilDay)),
    ...equipmentFindings(equipment, nowIso, untilDay, answeredAtHookup(rig)),
    ...lineFindings(lines, { ...site, untilMonth: untilDay.slice(0, 7), heldKg: heldGas(cylinders) }),
    ...notOnLine(runRig.lines, trip),
    ...heatFindings({
      ...heat,
      altitudeM: trip.altitudeM,
      mildestK: mildestHeatedK(trip),
      equipment,
      planned: trip.uses,
    }),
    ...refusedAtPump(balances, nowIso.slice(0, 10)),
    ...practiceFindings(rig, nowIso),
    ...(isOver ? [] : gasFindings(balances, trip)),
    ...(isOver
      ? []
      : [
          ...heaterHoursFindings(heat, trip),
          ...cookingHeatFindings(heat, trip, site.assumed.temperature ? null : site.temperatureK),
          ...runFindings(
            trip,
            input,
            run,
            short.map(({ supply }) => supply),
          ),
        ]),
  ])
  const unknown = heatUnknown(heat, trip)
  const enoughBySupply = balances
    .filter(({ neededKg }) => neededKg > 0)
    .map((balance) => ({ supply: balance.supply, enough: enoughFor(balance, unknown) }))
  return {
    verdict: verdict(findings),
    isOver,
    enough: isOver ? 'enough' : together(enoughBySupply),
    enoughBySupply,
    findings,
    balances,
    run,
    input,
    trip,
  }
}
