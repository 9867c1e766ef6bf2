import { assumed, isAssumed, type QuantitySources } from '@/core/base/provenance'
import type { FigureInput } from '@/core/rules/figure'
import { SIXTY_F_K } from '@/core/units/convert'

/** Temperature of a liquid with its source. */
export interface LiquidTemperature {
  temperatureK: number
  sources: QuantitySources
}

/**
 * Temperature of a liquid; one that nobody measured is assumed to be 60 °F, at which the trade states volumes.
 *
 * @param measuredK - null when nobody measured it
 */
export function liquidTemperature(measuredK: number | null): LiquidTemperature {
  return measuredK === null
    ? { temperatureK: SIXTY_F_K, sources: { temperatureK: assumed() } }
    : { temperatureK: measuredK, sources: {} }
}

/** The temperature that somebody measured; null when it was assumed. */
export function measuredTemperatureK({ temperatureK, sources }: Partial<LiquidTemperature>): number | null {
  return temperatureK === undefined || isAssumed(sources, 'temperatureK') ? null : temperatureK
}

/** Temperature of a liquid as an input of a figure, assumed when nobody measured it. */
export function liquidTemperatureInput(measuredK: number | null): FigureInput {
  const { temperatureK, sources } = liquidTemperature(measuredK)
  return { label: 'Liquid', quantity: { value: temperatureK, role: 'temperature' }, source: sources.temperatureK }
}
