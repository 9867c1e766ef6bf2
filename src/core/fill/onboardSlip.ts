import { FIXED_TANK_FULL, gaugeLevel, type FullMark } from '@/core/cylinders/contents/liquidLevel'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import type { Quantity } from '@/core/base/quantity'
import type { FigureInput, Slip, SlipLine } from '@/core/rules/figure'

export interface OnboardFill {
  waterCapacityKg: number
  /** Share of the dial. */
  shown: number
  fullMark: FullMark
  /** Calibration of this gauge; null to use the dial as it is. */
  learnedM3: number | null
  /** Money for a cubic meter; null when unknown. */
  pricePerM3: number | null
}

const fullMarkLabels: Readonly<Record<FullMark, string>> = {
  usable: 'its full is 80 % of the inside',
  eighths: 'its eighths are of 80 % of the inside',
  whole: 'it shows the whole inside',
}

/**
 * Worked sum from the gauge of a fixed tank to gallons and cost; it says which meaning of the dial was used.
 *
 * @param input - tank, gauge and price
 * @throws InputError as gaugeLevel and waterCapacityVolumeM3 do
 * @example a 6 gal tank at half: 2.4 gal when full means 80 %, 1.8 when it means the whole inside
 */
export function onboardSlip({ waterCapacityKg, shown, fullMark, learnedM3, pricePerM3 }: OnboardFill): Slip {
  const insideM3 = waterCapacityVolumeM3(waterCapacityKg)
  const fullM3 = insideM3 * FIXED_TANK_FULL
  const dialM3 = gaugeLevel(shown, fullMark) * insideM3
  const nowM3 = learnedM3 ?? dialM3
  const takesM3 = Math.max(0, fullM3 - nowM3)

  const volume = (value: number): Quantity => ({ value, role: 'liquidVolume' })
  const inside: FigureInput = { label: 'Water capacity', quantity: volume(insideM3) }
  const dial: FigureInput = { label: 'Gauge', quantity: { value: shown, role: 'share' } }
  const lines: SlipLine[] = [
    { sign: '', label: 'Inside', figure: { basis: 'tank-volume', quantity: volume(insideM3), inputs: [] } },
    {
      sign: '×',
      label: 'Full at',
      figure: { basis: 'fixed-tank-full', quantity: { value: FIXED_TANK_FULL, role: 'share' }, inputs: [] },
    },
    {
      sign: '=',
      label: 'Most it may hold',
      figure: { basis: 'fixed-tank-full', quantity: volume(fullM3), inputs: [inside] },
    },
    {
      sign: '−',
      label: learnedM3 === null ? `In it: ${fullMarkLabels[fullMark]}` : 'In it, as learned from fills',
      figure: {
        basis: learnedM3 === null ? 'gauge-level' : 'learned-gauge',
        quantity: volume(nowM3),
        inputs: [dial, inside],
      },
    },
  ]
  const takes: FigureInput = { label: 'Takes', quantity: volume(takesM3) }
  const further: SlipLine[] = []
  if (pricePerM3 !== null) {
    const price: FigureInput = { label: 'Price', quantity: { value: pricePerM3, role: 'pricePerVolume' } }
    further.push(
      { sign: '×', label: 'Price', figure: { basis: 'fill-price', quantity: price.quantity, inputs: [] } },
      {
        sign: '=',
        label: 'To pay',
        figure: { basis: 'to-pay', quantity: { value: takesM3 * pricePerM3, role: 'money' }, inputs: [takes, price] },
      },
    )
  }
  return {
    lines,
    result: { label: 'Takes', figure: { basis: 'room-volume', quantity: volume(takesM3), inputs: [] } },
    further,
  }
}
