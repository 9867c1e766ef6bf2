import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import type { Figure } from '@/core/rules/figure'
import { fromUnit } from '@/core/units/convert'
import type { Heater } from './heater'

const FOOT_M = fromUnit(1, 'length', 'ft')

/** Common practice for heaters with an oxygen cut-off. */
const CUT_OFF_LIMIT_M = 7000 * FOOT_M

/** NFPA 54: derated from here on. [from memory] */
export const DERATED_FROM_M = 2000 * FOOT_M

const SHARE_PER_M = 0.04 / (1000 * FOOT_M)

interface HeaterAltitude {
  /** Highest place it may be used; null when unknown. */
  limitM: number | null
  from: 'manual' | 'common' | null
  isAbove: boolean
  /** Share of its input by the rule for orifices. */
  deratedShare: number
  pressurePa: number
}

/**
 * A heater at a place's altitude.
 *
 * @param heater - with its limit
 * @param altitudeM - of the place
 */
export function heaterAltitude(
  { highestM, oxygenCutOff, vented }: Pick<Heater, 'highestM' | 'oxygenCutOff' | 'vented'>,
  altitudeM: number,
): HeaterAltitude {
  // A heater with unknown cut-off is treated as having one.
  const common = !vented && oxygenCutOff !== 'no' ? CUT_OFF_LIMIT_M : null
  const limitM = highestM ?? common
  return {
    limitM,
    from: highestM !== null ? 'manual' : common !== null ? 'common' : null,
    isAbove: limitM !== null && altitudeM > limitM,
    deratedShare: altitudeM > DERATED_FROM_M ? Math.max(0, 1 - SHARE_PER_M * altitudeM) : 1,
    pressurePa: standardAtmospherePa(altitudeM),
  }
}

/**
 * A heater at a height, as figures.
 *
 * @param heater - its limit and inputs
 * @param altitudeM - of the place
 */
export function altitudeFigures(heater: Heater, altitudeM: number): { label: string; figure: Figure }[] {
  const { limitM, deratedShare, pressurePa } = heaterAltitude(heater, altitudeM)
  const here = { label: 'Height', quantity: { value: altitudeM, role: 'altitude' } } as const
  return [
    { label: 'the place', figure: { basis: 'atmosphere', quantity: here.quantity, inputs: [] } },
    ...(limitM === null
      ? []
      : [
          {
            label: 'may be used up to',
            figure: {
              basis: 'altitude-limit',
              quantity: { value: limitM, role: 'altitude' },
              inputs: [here],
            } satisfies Figure,
          },
        ]),
    {
      label: 'input by the rule for orifices',
      figure: {
        basis: 'derating',
        quantity: { value: heater.highW * deratedShare, role: 'power' },
        inputs: [{ label: 'On its plate', quantity: { value: heater.highW, role: 'power' } }, here],
      },
    },
    {
      label: 'air presses with',
      figure: { basis: 'atmosphere', quantity: { value: pressurePa, role: 'absolutePressure' }, inputs: [here] },
    },
  ]
}
