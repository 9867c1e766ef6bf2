import type { DisplayRole, Quantity } from '@/core/base/quantity'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import type { BasisId } from '@/core/rules/basis/basis'
import type { FigureInput, Slip, SlipLine } from '@/core/rules/figure'
import type { LeakRate, LeakRateInput } from './leakRate'

/** What the loss is measured against. */
export interface LossStakes {
  /** Gas in the cylinder behind it; null when unknown. */
  aboardKg: number | null
  /** Money for a kg; null when unknown. */
  pricePerKg: number | null
}

/**
 * A hold test as a worked sum: first reading less last, what leaks, and what that means.
 *
 * @param input - of the test
 * @param rate - from leakRate
 * @param stakes - cylinder and price
 */
export function holdSlip(input: LeakRateInput, rate: LeakRate, { aboardKg, pricePerKg }: LossStakes): Slip {
  const small = Math.max(input.startGaugePa, input.endGaugePa) < 10_000
  const role: DisplayRole = small ? 'linePressure' : 'cylinderPressure'
  const line = (
    sign: SlipLine['sign'],
    label: string,
    basis: BasisId,
    quantity: Quantity,
    inputs: FigureInput[] = [],
  ): SlipLine => ({
    sign,
    label,
    figure: { basis, quantity, inputs },
  })
  const fall = input.startGaugePa - input.endGaugePa
  const volume: FigureInput = {
    label: 'Inside of the line',
    quantity: { value: input.lineVolumeM3, role: 'lineVolume' },
  }
  const time: FigureInput = { label: 'Time', quantity: { value: input.durationS, role: 'minutes' } }
  const massInputs: FigureInput[] = [
    volume,
    time,
    { label: 'Line at the start', quantity: { value: input.startK, role: 'temperature' } },
    { label: 'Line at the end', quantity: { value: input.endK, role: 'temperature' } },
  ]
  const { massRateKgS, kgToLfl, kgToLflBottomFifth, volumeRateM3S, powerW } = rate
  const leaks = massRateKgS > 0
  return {
    lines: [
      line('', 'At the start', 'u-tube', { value: input.startGaugePa, role }),
      line('−', 'At the end', 'u-tube', { value: input.endGaugePa, role }),
      line('=', fall < 0 ? 'Rise' : 'Fall', 'u-tube', { value: Math.abs(fall), role }),
      line('', 'Inside of the line', 'line-volume', volume.quantity),
      line('', 'Time', 'leak-rate', time.quantity),
    ],
    result: {
      label: 'Leaks',
      figure: { basis: 'leak-rate', quantity: { value: massRateKgS, role: 'massFlow' }, inputs: massInputs },
    },
    further: [
      ...(leaks
        ? [
            line('', 'As gas', 'leak-rate', { value: volumeRateM3S, role: 'gasFlow' }),
            ...(powerW > 0
              ? [
                  line('', 'As heat', 'leak-rate', { value: powerW, role: 'power' }, [
                    { label: 'Heating value', quantity: { value: heatingValueJPerKg(), role: 'heatingValue' } },
                  ]),
                ]
              : []),
            ...(pricePerKg === null
              ? []
              : [
                  line('', 'Money', 'leak-rate', { value: massRateKgS * pricePerKg, role: 'pricePerWeek' }, [
                    { label: 'Price', quantity: { value: pricePerKg, role: 'pricePerMass' } },
                  ]),
                ]),
            ...(aboardKg === null
              ? []
              : [
                  line('', 'Empty after', 'leak-rate', { value: aboardKg / massRateKgS, role: 'days' }, [
                    { label: 'Aboard', quantity: { value: aboardKg, role: 'cylinderMass' } },
                  ]),
                ]),
          ]
        : []),
      ...(kgToLfl === null || kgToLflBottomFifth === null
        ? []
        : [
            line('', 'The space burns from', 'flammable-at', { value: kgToLfl, role: 'bottleMass' }),
            line('', 'Its bottom fifth from', 'flammable-at', { value: kgToLflBottomFifth, role: 'bottleMass' }),
          ]),
    ],
  }
}
