import { cylinderFindings } from '@/core/cylinders/cylinderFindings'
import type { Supply } from '@/core/cylinders/cylinderKind'
import type { CylinderGear } from '@/core/cylinders/gear'
import type { Equipment } from '@/core/cylinders/equipment'
import { equipmentFindings } from '@/core/cylinders/equipmentFindings'
import type { Finding } from '@/core/findings/Finding'
import { gasForTrip, type SupplyBalance } from '@/core/running/gasForTrip'
import { runningFindings } from '@/core/running/runningFindings'
import { shelterFindings, type HeatOfRig } from '@/core/shelter/shelterFindings'
import { tripEndDay } from '@/core/running/tripEndDay'
import type { TripPlan } from '@/core/running/tripPlan'
import { inOrder } from '@/core/findings/inOrder'
import { standardAtmospherePa } from '@/core/fluids/standardAtmospherePa'
import { SIXTY_F_K } from '@/core/units/referenceTemperatures'
import { lineFindings, type JudgedLine } from './lineFindings'
import { notOnLine } from './notOnLine'
import { refusedAtPump } from './refusedAtPump'
import { verdict, type Verdict } from '@/core/findings/verdict'

/** What heats the rig, and where. */
export type RigHeat = Pick<HeatOfRig, 'rooms' | 'heaters' | 'heatless'>

/** All of a rig that a trip rests on; what a page leaves out would go unjudged. */
export interface RigGear {
  cylinders: readonly CylinderGear[]
  /** Regulators, hoses, alarms and extinguisher. */
  equipment: readonly Equipment[]
  /** With their leak tests. */
  lines: readonly JudgedLine[]
  heat: RigHeat
}

/** Whether the gas lasts, apart from whether all else is in order. */
export type Enough = 'enough' | 'short' | 'unknown'

export interface TripJudgement {
  verdict: Verdict
  enough: Enough
  /** The same for each supply that anything burns from. */
  enoughBySupply: readonly { supply: Supply; enough: Enough }[]
  /** Gravest first. */
  findings: readonly Finding[]
  balances: readonly SupplyBalance[]
}

function enoughFor({ leftKg, allWeighed }: SupplyBalance): Enough {
  // A cylinder nobody weighed can only add: enough without it is enough.
  if (leftKg >= 0) return 'enough'
  return allWeighed ? 'short' : 'unknown'
}

function together(each: readonly { enough: Enough }[]): Enough {
  if (each.length === 0 || each.some(({ enough }) => enough === 'unknown')) return 'unknown'
  return each.some(({ enough }) => enough === 'short') ? 'short' : 'enough'
}

/**
 * The verdict on a trip: every finding of every station.
 *
 * @param rig - its gear
 * @param trip - the trip
 * @param nowIso - the moment to judge at
 * @throws InputError as gasForTrip does
 */
export function judgeTrip(
  { cylinders, equipment, lines, heat }: RigGear,
  trip: TripPlan,
  nowIso: string,
): TripJudgement {
  const balances = gasForTrip(cylinders, trip)
  const aboard = cylinders.filter((cylinder) => cylinder.aboard)
  const untilDay = tripEndDay(trip.startDay, trip.nights)
  const findings = inOrder([
    ...aboard.flatMap((cylinder) => cylinderFindings(cylinder, nowIso, untilDay)),
    ...equipmentFindings(equipment, nowIso, untilDay),
    ...lineFindings(lines, {
      temperatureK: trip.coldestK ?? SIXTY_F_K,
      atmospherePa: standardAtmospherePa(trip.altitudeM),
      untilMonth: untilDay.slice(0, 7),
    }),
    ...notOnLine(
      lines.map(({ gear }) => gear),
      trip,
    ),
    ...shelterFindings({ ...heat, altitudeM: trip.altitudeM, equipment, planned: trip.uses }),
    ...refusedAtPump(balances, nowIso.slice(0, 10)),
    ...runningFindings(balances, trip),
  ])
  const enoughBySupply = balances
    .filter(({ neededKg }) => neededKg > 0)
    .map((balance) => ({ supply: balance.supply, enough: enoughFor(balance) }))
  return { verdict: verdict(findings), enough: together(enoughBySupply), enoughBySupply, findings, balances }
}
