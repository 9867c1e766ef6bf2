import type { Figure } from '@/core/rules/figure'
import type { AirThreshold, RoomAir } from './roomAir'

export interface AirSummary {
  /** The most severe mark that is crossed; null when none is. */
  worst: { mark: AirThreshold; atS: number } | null
  figures: readonly { label: string; figure: Figure }[]
}

/** Most severe first: what kills, what harms, what is a nuisance. */
const gravest = ['danger', 'fifteen-minutes', 'cut-off', 'oxygen-low', 'eight-hours', 'stuffy', 'wet-glass']

/**
 * A night's air in a sentence and four numbers.
 *
 * @param air - from roomAir
 */
export function airSummary({ series, firstCrossings }: RoomAir): AirSummary {
  const crossed = firstCrossings
    .flatMap(({ mark, atS }) => (atS === null ? [] : [{ mark, atS }]))
    .toSorted((a, b) => gravest.indexOf(a.mark.id) - gravest.indexOf(b.mark.id))
  const figure = (label: string, value: number, role: 'concentration' | 'oxygen' | 'temperature' | 'share') => ({
    label,
    figure: {
      basis: role === 'concentration' || role === 'oxygen' ? 'air-marks' : 'air-model',
      quantity: { value, role },
      inputs: [],
    } as const,
  })
  return {
    worst: crossed[0] ?? null,
    figures: [
      figure('most CO2', Math.max(...series.map(({ co2Ppm }) => co2Ppm)), 'concentration'),
      figure('least oxygen', Math.min(...series.map(({ o2Fraction }) => o2Fraction)), 'oxygen'),
      figure('coldest', Math.min(...series.map(({ temperatureK }) => temperatureK)), 'temperature'),
      figure('dampest', Math.max(...series.map(({ relativeHumidity }) => relativeHumidity)), 'share'),
    ],
  }
}
