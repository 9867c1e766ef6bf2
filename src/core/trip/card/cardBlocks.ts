import type { Phrase, Quantity } from '@/core/base/quantity'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { kindFacts, supplyLabels } from '@/core/cylinders/cylinderKind'
import { vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import { gearLimitKg, stopWeightKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { gaugePressurePa } from '@/core/fluids/atmosphere'
import { saturation } from '@/core/fluids/saturation'
import type { HeaterGear } from '@/core/heat/room/roomPlan'
import { lineGraphOrNull } from '@/core/hookup/line/lineGraph'
import { leakSheet } from '@/core/leak-test/sheet/leakSheet'
import { runSummary } from '@/core/run/analysis/runSummary'
import type { TripPlan } from '@/core/run/tripPlan'
import { coldestOfTripK } from '@/core/run/weather/forecastOfTrip'
import { formatMonth } from '@/core/time/months'
import type { TripJudgment } from '@/core/trip/readiness/judgeTrip'
import type { JudgedLine } from '@/core/trip/readiness/lineFindings'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import { openingsToKeep } from './openingsToKeep'
import { fromUnit, SIXTY_F_K } from '@/core/units/convert'

/** One block of the card. */
export interface CardBlock {
  title: string
  lines: readonly Phrase[]
  /** Shown in smaller type: the basis. */
  isSmall?: boolean
}

function lineOf(cylinder: CylinderGear, onDay: string): Phrase {
  const { small } = kindFacts[cylinder.kind]
  const role = small ? ('bottleMass' as const) : ('cylinderMass' as const)
  const held = gearContents(cylinder)
  const { dueMonth, status } = gearRequalification(cylinder, onDay)
  const parts: Record<string, NonNullable<Phrase['parts']>[string]> = { name: cylinder.name }
  const said = ['{name}:']
  if (held === null) said.push('not weighed;')
  else {
    said.push('{net} aboard;')
    parts.net = { value: held.netKg, role }
  }
  // What bars filling stands in the place of the weight to stop at.
  const [worst] = vesselFitness(cylinder, onDay).fill.reasons
  if (status === 'not-refillable') return { text: `${said.join(' ')} never refill.`, parts }
  if (worst?.answer === 'no') {
    return {
      text: `${said.join(' ')} DO NOT FILL. ${worst.sentence.text}`,
      parts: { ...worst.sentence.parts, ...parts },
    }
  }
  if (kindFacts[cylinder.kind].isFixed) said.push('fill to 80 % by its gauge')
  else {
    const stopKg = stopWeightKg(cylinder, gearLimitKg(cylinder))
    if (stopKg === null) said.push('its tare was not read: no stop weight, by the bleeder only')
    else {
      said.push('stop filling at {stop} on the scale')
      parts.stop = { value: stopKg, role, rounded: 'down' }
    }
  }
  if (dueMonth !== null) {
    said.push('; fill until {month}')
    parts.month = formatMonth(dueMonth)
  }
  return { text: `${said.join(' ').replaceAll(' ;', ';')}.`, parts }
}

/** The cylinders that come along, each with its stop weight and its last month. */
export function cardCylinders(cylinders: readonly CylinderGear[], onDay: string): CardBlock {
  const lines = cylinders.filter(({ aboard }) => aboard).map((cylinder) => lineOf(cylinder, onDay))
  return { title: 'Cylinders', lines: lines.length > 0 ? lines : [{ text: 'None entered.' }] }
}

const LINE_SET_PA = fromUnit(11, 'gaugePressure', 'inWC')

const LOCK_UP_PA = fromUnit(14, 'gaugePressure', 'inWC')

/** How long the gas lasts, and what the gauges should show. */
export function cardGas({ altitudeM }: TripPlan, { balances, run, input, trip }: TripJudgment): CardBlock {
  const coldestK = coldestOfTripK(trip)
  const pressureAt = (temperatureK: number): number =>
    gaugePressurePa(saturation('propane', temperatureK).pressurePa, altitudeM)
  const used = balances.filter(({ neededKg }) => neededKg > 0)
  return {
    title: 'Gas and pressures',
    lines: [
      ...used.map(({ supply, aboardKg, neededKg, leftKg }): Phrase => ({
        text: `${supplyLabels[supply]}: {aboard} aboard, the trip burns {needed}; {left} ${leftKg < 0 ? 'missing' : 'over the reserve'}.`,
        parts: {
          aboard: { value: aboardKg, role: 'cylinderMass' },
          needed: { value: neededKg, role: 'cylinderMass', rounded: 'up' },
          left: { value: Math.abs(leftKg), role: 'cylinderMass' },
        },
      })),
      runSummary(run, input).sentence,
      {
        text: 'In a cylinder with liquid left: {cold} at {coldT}, {mild} at {mildT}; it tells the temperature, not the contents.',
        parts: {
          cold: { value: pressureAt(coldestK), role: 'cylinderPressure' },
          coldT: { value: coldestK, role: 'temperature' },
          mild: { value: pressureAt(SIXTY_F_K), role: 'cylinderPressure' },
          mildT: { value: SIXTY_F_K, role: 'temperature' },
        },
      },
      {
        text: 'After the regulator: about {set} flowing, {lock} at most when all is shut.',
        parts: { set: { value: LINE_SET_PA, role: 'linePressure' }, lock: { value: LOCK_UP_PA, role: 'linePressure' } },
      },
    ],
  }
}

function clearancesOf({ name, heater }: HeaterGear): Phrase {
  const { frontM, sidesM, rearM, topM } = heater.body.clearances
  const length = (value: number): Quantity => ({ value, role: 'length', rounded: 'up' })
  return {
    text: `{name}: front {front}, sides {sides}, back {back}, above {above}${heater.clearancesFrom === 'manual' ? '' : ' (common figures: its manual comes first)'}; ${heater.vented ? 'fumes go outside' : 'never lit asleep'}.`,
    parts: { name, front: length(frontM), sides: length(sidesM), back: length(rearM), above: length(topM) },
  }
}

/** Distances, openings and alarms of what heats the rig. */
export function cardHeat({ heat, equipment }: RigGear, trip: TripPlan): CardBlock[] {
  const alarms = equipment.filter(({ kind }) => kind.endsWith('-alarm') || kind === 'extinguisher')
  const openings = heat.rooms.flatMap((room) => openingsToKeep(room, heat.heaters, trip))
  return [
    ...(heat.heaters.length > 0 ? [{ title: 'Keep clear', lines: heat.heaters.map(clearancesOf) }] : []),
    ...(openings.length > 0 ? [{ title: 'Keep open', lines: openings }] : []),
    {
      title: 'Alarms and extinguisher',
      lines:
        alarms.length > 0
          ? [{ text: 'Test: {names}.', parts: { names: alarms.map(({ name }) => name).join(', ') } }]
          : [{ text: 'None entered. A CO alarm belongs to every heater.' }],
    },
  ]
}

/** The joints of each line to soap, upstream first; the leak sheet has every other place. */
export function cardJoints(lines: readonly JudgedLine[]): CardBlock[] {
  return lines.flatMap(({ gear }): CardBlock[] => {
    const graph = lineGraphOrNull(gear.line)
    const joints = graph ? leakSheet(graph).filter(({ kind }) => kind === 'joint') : []
    if (joints.length === 0) return []
    return [
      {
        title: `To soap: ${gear.name}`,
        isSmall: true,
        lines: [
          {
            text: '{joints}. And every valve stem, by the leak sheet.',
            parts: { joints: joints.map(({ name }, i) => `${i + 1} ${name}`).join(' · ') },
          },
        ],
      },
    ]
  })
}
