import type { Figure, FigureInput } from '@/core/rules/figure'
import { decant, type Decant, type DecantInput } from './decant'
import { decantBand, type DecantBand } from './decantBand'
import { decantRow, type DecantedBottle, type DecantSupply } from './decantRow'

export interface DecantOutlook {
  expected: Decant
  band: DecantBand
  /** Not chilled: the bottle as warm as the supply. */
  unchilled: Decant
  /** What letting its gas out first would do. */
  vented: Decant
  row: readonly DecantedBottle[]
  figure: Figure
  /** As shares of the limit. */
  unchilledShare: Figure
  ventedShare: Figure
  low: Figure
  high: Figure
}

export interface OutlookInput {
  supply: DecantSupply
  bottle: { temperatureK: number; tareKg: number; waterCapacityKg: number; residualKg: number }
  /** Bottles in a row, all like this one, empty. */
  count: number
}

/**
 * What filling bottles from a cylinder turned upside down comes to: the estimate and its band, chilled and not, what
 * venting would do, and how a row of them goes on.
 *
 * @param input - supply, bottle and how many
 * @throws InputError as decant and decantRow do
 */
export function decantOutlook({ supply, bottle, count }: OutlookInput): DecantOutlook {
  const input: DecantInput = {
    supplyTemperatureK: supply.temperatureK,
    bottleTemperatureK: bottle.temperatureK,
    bottleTareKg: bottle.tareKg,
    bottleWaterCapacityKg: bottle.waterCapacityKg,
    residualKg: bottle.residualKg,
  }
  const expected = decant(input)
  const band = decantBand(input)
  const inputs: FigureInput[] = [
    { label: 'Supply', quantity: { value: supply.temperatureK, role: 'temperature' } },
    { label: 'Bottle', quantity: { value: bottle.temperatureK, role: 'temperature' } },
    { label: 'Empty bottle', quantity: { value: bottle.tareKg, role: 'bottleMass' } },
  ]
  const figure = (basis: 'decant' | 'decant-band', value: number): Figure => ({
    basis,
    quantity: { value, role: 'bottleMass' },
    inputs,
  })
  const share = ({ fractionOfLimit, wallTemperatureK }: Decant): Figure => ({
    basis: 'decant',
    quantity: { value: fractionOfLimit, role: 'share' },
    inputs: [
      ...inputs.slice(0, 1),
      { label: 'Wall cools to', quantity: { value: wallTemperatureK, role: 'temperature' } },
    ],
  })
  const unchilled = decant({ ...input, bottleTemperatureK: supply.temperatureK })
  const vented = decant({ ...input, ventedFirst: true })
  return {
    expected,
    band,
    unchilled,
    vented,
    unchilledShare: share(unchilled),
    ventedShare: share(vented),
    row: decantRow(
      supply,
      Array.from({ length: count }, () => bottle),
    ),
    figure: figure('decant', expected.expectedNetKg),
    low: figure('decant-band', band.lowKg),
    high: figure('decant-band', band.highKg),
  }
}
