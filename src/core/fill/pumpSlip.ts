import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import { liquidTemperature, liquidTemperatureInput } from '@/core/cylinders/contents/liquidTemperature'
import { saturation } from '@/core/fluids/saturation'
import { SIXTY_F_K } from '@/core/units/convert'
import type { Figure, FigureInput, Slip, SlipLine } from '@/core/rules/figure'
import type { Quantity } from '@/core/base/quantity'
import { fillLimit } from '@/core/cylinders/limits/fillLimit'

export interface PumpFill {
  slip: Slip
  /** Liquid level at which to stop. */
  volumeLimitFraction: number
}

/**
 * Worked sum of the volume a pump meters until the liquid reaches the stop level.
 *
 * Gallons are as sold, at 60 °F; the level is at the liquid's own temperature.
 *
 * @param cylinder - stamps
 * @param aboardKg - what is in it; null when unknown
 * @param measuredK - temperature of the liquid from the pump; null when nobody measured it
 * @throws InputError as fillLimit does
 */
export function pumpSlip(
  cylinder: Pick<CylinderGear, 'kind' | 'waterCapacityKg' | 'labelNetKg'>,
  aboardKg: number | null,
  measuredK: number | null,
): PumpFill {
  const { waterCapacityKg } = cylinder
  const { temperatureK: liquidTemperatureK } = liquidTemperature(measuredK)
  const volumeM3 = waterCapacityVolumeM3(waterCapacityKg)
  const { volumeLimitFraction } = fillLimit({ gas: 'propane', waterCapacityKg, liquidTemperatureK })
  const level = volumeLimitFraction ?? 0
  const { liquidDensityKgM3, vapourDensityKgM3 } = saturation('propane', liquidTemperatureK)
  const atLevelKg = level * volumeM3 * liquidDensityKgM3 + (1 - level) * volumeM3 * vapourDensityKgM3
  const mayHoldKg = Math.min(atLevelKg, gearLimitKg(cylinder))
  const roomKg = Math.max(0, mayHoldKg - (aboardKg ?? 0))
  const soldM3 = roomKg / saturation('propane', SIXTY_F_K).liquidDensityKgM3

  const mass = (value: number): Quantity => ({ value, role: 'cylinderMass' })
  const volume = (value: number): Quantity => ({ value, role: 'liquidVolume' })
  const temperature = liquidTemperatureInput(measuredK)
  const water: FigureInput = { label: 'Water capacity', quantity: mass(waterCapacityKg) }
  const room: Figure = { basis: 'room-for', quantity: mass(roomKg), inputs: [] }
  const lines: SlipLine[] = [
    {
      sign: '',
      label: 'Temperature of the liquid',
      figure: { basis: 'volume-limit', quantity: temperature.quantity, source: temperature.source, inputs: [] },
    },
    {
      sign: '',
      label: 'Stop by level',
      figure: { basis: 'volume-limit', quantity: { value: level, role: 'share' }, inputs: [water, temperature] },
    },
    {
      sign: '',
      label: 'That holds',
      figure: { basis: 'volume-limit', quantity: mass(mayHoldKg), inputs: [water, temperature] },
    },
  ]
  if (aboardKg !== null) {
    lines.push({
      sign: '−',
      label: 'Aboard now',
      figure: { basis: 'net-by-weight', quantity: mass(aboardKg), inputs: [] },
    })
  }
  lines.push({ sign: '=', label: 'Room for', figure: room })
  return {
    slip: {
      lines,
      result: {
        label: aboardKg === null ? 'At most' : 'Takes about',
        figure: {
          basis: 'room-volume',
          quantity: volume(soldM3),
          inputs: [{ label: 'Room for', quantity: mass(roomKg) }],
        },
      },
      further: [],
    },
    volumeLimitFraction: level,
  }
}
