import { supplyWords } from '@/core/cylinders/cylinderKind'
import type { Phrase } from '@/core/base/quantity'
import { gaugePressurePa } from '@/core/fluids/gaugePressurePa'
import { saturation } from '@/core/fluids/saturation'
import { coldestOfTripK } from '@/core/run/weather/coldestOfTripK'
import { runHead } from '@/core/run/analysis/runHead'
import type { TripPlan } from '@/core/run/tripPlan'
import { fromUnit } from '@/core/units/fromUnit'
import { SIXTY_F_K } from '@/core/units/referenceTemperatures'
import type { TripJudgement } from '@/core/trip/readiness/judgeTrip'
import type { CardBlock } from './cardBlock'

const LINE_SET_PA = fromUnit(11, 'gaugePressure', 'inWC')
const LOCK_UP_PA = fromUnit(14, 'gaugePressure', 'inWC')

/** How long the gas lasts, and what the gauges should show. */
export function cardGas({ altitudeM }: TripPlan, { balances, run, input, trip }: TripJudgement): CardBlock {
  const coldestK = coldestOfTripK(trip)
  const pressureAt = (temperatureK: number): number =>
    gaugePressurePa(saturation('propane', temperatureK).pressurePa, altitudeM)
  const used = balances.filter(({ neededKg }) => neededKg > 0)
  return {
    title: 'Gas and pressures',
    lines: [
      ...used.map(({ supply, aboardKg, neededKg, leftKg }): Phrase => ({
        text: `${supplyWords[supply]}: {aboard} aboard, the trip burns {needed}; {left} ${leftKg < 0 ? 'missing' : 'over the reserve'}.`,
        parts: {
          aboard: { value: aboardKg, role: 'cylinderMass' },
          needed: { value: neededKg, role: 'cylinderMass' },
          left: { value: Math.abs(leftKg), role: 'cylinderMass' },
        },
      })),
      runHead(run, input).sentence,
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
