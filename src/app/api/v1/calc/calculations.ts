import { contents, contentsSchema } from '@/core/cylinders/contents/contents'
import type { z } from '@/core/base/zod'
import { cylinderState, cylinderStateSchema } from '@/core/fluids/cylinderState'
import { saturationSchema, saturation } from '@/core/fluids/saturation'
import { clearanceCheck, clearanceCheckSchema } from '@/core/heat/clearance/clearanceCheck'
import { placements, placementsSchema } from '@/core/heat/clearance/placements'
import { roomAir } from '@/core/heat/air/roomAir'
import { warmUpFit, warmUpFitSchema } from '@/core/heat/warmth/warmUpFit'
import { runTrip } from '@/core/run/simulation/runTrip'
import { runtimeS, runtimeSchema } from '@/core/appliances/runtime'
import { tripRunSchema } from '@/core/run/simulation/tripRun'
import { tripRunWarnings } from '@/core/run/simulation/tripRunIssues'
import { requalificationOfStamps, requalificationSchema } from '@/core/cylinders/dates/requalificationOfStamps'
import { decant, decantSchema } from '@/core/fill/decanting/decant'
import { fillLimit, fillLimitSchema } from '@/core/cylinders/limits/fillLimit'
import { hookupCheck, hookupCheckSchema } from '@/core/hookup/checks/hookupCheck'
import { pressureDrop, pressureDropSchema } from '@/core/hookup/flow/pressureDrop'
import { holdTest, holdTestSchema } from '@/core/leak-test/hold/holdOutcome'
import { roomAirSchema } from '@/core/heat/air/roomAirInput'
import { carbonationGaugePa, carbonationSchema } from '@/core/co2/carbonation'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { diagnoseRig, diagnoseSchema } from '@/core/practice/diagnosis/diagnoseRig'
import { simulate, simulateSchema } from '@/core/practice/simulate'
import { readinessSchema } from '@/core/trip/readiness/rigSchema'
import { vaporization, vaporizationSchema } from '@/core/vaporization/vaporization'

/** A calculation of core as an HTTP route. */
export interface Calculation {
  summary: string
  schema: z.ZodType
  /** Bytes that are read at most. */
  longestBody: number
  run: (input: unknown) => object
}

const MAX_BODY_BYTES = 64 * 1024
/** A line with its cylinders and its room. */
const PRACTICE_BODY_BYTES = 512 * 1024

function calculation<Schema extends z.ZodType>(
  summary: string,
  schema: Schema,
  run: (input: z.output<Schema>) => object,
  longestBody = MAX_BODY_BYTES,
): Calculation {
  return { summary, schema, longestBody, run: (input) => run(schema.parse(input)) }
}

const vaporizationCalculation = calculation('Draw that a cylinder can keep up', vaporizationSchema, vaporization)

/** Every calculation by name. None of them touches the records. */
export const calculations: Readonly<Record<string, Calculation>> = {
  saturation: calculation(
    'Pressure, densities and latent heat where liquid and vapor stand together',
    saturationSchema,
    ({ fluid, temperatureK }) => saturation(fluid, temperatureK),
  ),
  'fluid-state': calculation(
    'Phase, pressure and liquid level of a closed cylinder',
    cylinderStateSchema,
    ({ fluid, massKg, volumeM3, temperatureK }) => cylinderState(fluid, massKg, volumeM3, temperatureK),
  ),
  'fill-limit': calculation(
    'Most gas a cylinder may hold, the weight to stop at, and how high the liquid then stands',
    fillLimitSchema,
    fillLimit,
  ),
  contents: calculation('What is in a cylinder, by weight', contentsSchema, contents),
  requalification: calculation(
    'Until when a cylinder may be filled, from its collar as stamped',
    requalificationSchema,
    requalificationOfStamps,
  ),
  decant: calculation('Where the hiss stops when a bottle is filled from a cylinder', decantSchema, decant),
  'hookup-check': calculation(
    'Joints of a line, its pressure zones, the pressures as it burns, and its findings',
    hookupCheckSchema,
    hookupCheck,
  ),
  'pressure-drop': calculation('Pressure lost in a straight run of propane', pressureDropSchema, pressureDrop),
  'leak-rate': calculation('What a fall of pressure in a shut line means', holdTestSchema, holdTest),
  'clearance-check': calculation(
    'A heater where it stands, against everything it must keep away from',
    clearanceCheckSchema,
    clearanceCheck,
  ),
  placements: calculation('Places for a heater in a room, best first', placementsSchema, (input) => placements(input)),
  'room-air': calculation('Air and warmth of a room over some hours', roomAirSchema, (input) => roomAir(input)),
  'warm-up-fit': calculation('Loss and heat capacity of a room from its warm-up log', warmUpFitSchema, warmUpFit),
  runtime: calculation('How long propane lasts at a constant draw', runtimeSchema, ({ massKg, inputW }) => ({
    durationS: runtimeS(massKg, inputW),
  })),
  vaporization: vaporizationCalculation,
  // Spelling of versions before 0.7, for programs that use it.
  vaporisation: vaporizationCalculation,
  'trip-plan': calculation(
    'A trip hour by hour: what burns, what the cold cylinders can give, and where it falls short',
    tripRunSchema,
    (input) => {
      const { cylinders, ...run } = runTrip(input)
      const hottestRoomK = run.series.reduce<number | null>(
        (most, { roomK }) => (roomK === null ? most : Math.max(most ?? 0, roomK)),
        null,
      )
      return {
        ...run,
        warnings: tripRunWarnings(input, hottestRoomK),
        cylinders,
        stranded: cylinders.map(({ id, strandedKg }) => ({ id, strandedKg })),
      }
    },
  ),
  carbonation: calculation(
    'Gauge pressure at which a drink keeps so much CO2',
    carbonationSchema,
    ({ temperatureK, volumes, altitudeM }) => ({
      gaugePressurePa: carbonationGaugePa(temperatureK, volumes, altitudeM),
    }),
  ),
  diagnose: calculation(
    'Faults of a rig ranked by what its owner sees, and the check that tells most for its effort',
    diagnoseSchema,
    (input) => diagnoseRig(input),
    PRACTICE_BODY_BYTES,
  ),
  simulate: calculation(
    'A rig with faults after some actions: pressures, flames, smells, alarms, air, time and gas',
    simulateSchema,
    simulate,
    PRACTICE_BODY_BYTES,
  ),
  readiness: calculation(
    'The verdict on a trip: every finding of every station, gravest first, and whether the gas lasts',
    readinessSchema,
    ({ rig, trip, now }) => {
      const { verdict, enough, enoughBySupply, findings, balances } = judgeTrip(rig, trip, now)
      const supplies = balances.map(({ supply, aboardKg, neededKg, reserveKg, leftKg, allWeighed }) => ({
        supply,
        aboardKg,
        neededKg,
        reserveKg,
        leftKg,
        allWeighed,
      }))
      return { verdict, enough, enoughBySupply, findings, supplies }
    },
    // A whole rig, with its lines and their leak tests.
    1024 * 1024,
  ),
}
