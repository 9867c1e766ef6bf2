import { assumed, type QuantitySources } from '@/core/base/provenance'
import type { CylinderKind } from './cylinderKind'

/** What the collar of a common size usually reads. */
export interface TypicalSize {
  id: string
  name: string
  kind: CylinderKind
  waterCapacityKg: number
  tareKg: number
  /** Lightest and heaviest tare of such a vessel, of any material. */
  tareRangeKg: readonly [number, number]
  labelNetKg: number | null
}

const POUND_KG = 0.45359237
const OUNCE_KG = POUND_KG / 16

/** Composite at the light end, steel at the heavy: 9 to 19.5 lb for a 20 lb cylinder of 17.5 lb. [common practice] */
const REMOVABLE_RANGE = [9 / 17.5, 19.5 / 17.5] as const

/** Thin steel, little spread. [from memory] */
const BOTTLE_RANGE = [0.92, 1.08] as const

/** Aluminum at the light end, steel at the heavy. [from memory] */
const CO2_RANGE = [0.9, 1.6] as const

/** Steel alone. [common practice] */
const HUNDRED_POUND_RANGE = [0.85, 1.15] as const

function tareRange(tareKg: number, [light, heavy]: readonly [number, number]): readonly [number, number] {
  return [tareKg * light, tareKg * heavy]
}

function removable(
  nominalLb: number,
  waterCapacityLb: number,
  tareLb: number,
  range: readonly [number, number] = REMOVABLE_RANGE,
): TypicalSize {
  return {
    id: `removable-${nominalLb}`,
    name: `${nominalLb} lb cylinder`,
    kind: 'removable',
    waterCapacityKg: waterCapacityLb * POUND_KG,
    tareKg: tareLb * POUND_KG,
    tareRangeKg: tareRange(tareLb * POUND_KG, range),
    labelNetKg: null,
  }
}

function co2(nominalLb: number, tareLb: number): TypicalSize {
  return {
    id: `co2-${nominalLb}`,
    name: `${nominalLb} lb CO2 cylinder`,
    kind: 'co2',
    waterCapacityKg: (nominalLb / 0.68) * POUND_KG,
    tareKg: tareLb * POUND_KG,
    tareRangeKg: tareRange(tareLb * POUND_KG, CO2_RANGE),
    labelNetKg: null,
  }
}

/** [common practice] The stamp on the collar takes precedence. CO2 tares are for aluminum cylinders. */
export const typicalSizes: readonly TypicalSize[] = [
  removable(5, 11.9, 7),
  removable(10, 23.8, 11),
  removable(20, 47.6, 17.5),
  removable(30, 71.4, 24.5),
  removable(40, 95.2, 29.5),
  removable(100, 238, 70, HUNDRED_POUND_RANGE),
  removable(420, 1000, 270, HUNDRED_POUND_RANGE),
  {
    id: 'bottle-1',
    name: 'One-pound bottle',
    kind: 'bottle',
    waterCapacityKg: 1.107,
    tareKg: 14.6 * OUNCE_KG,
    tareRangeKg: tareRange(14.6 * OUNCE_KG, BOTTLE_RANGE),
    labelNetKg: 16.4 * OUNCE_KG,
  },
  co2(2.5, 4.3),
  co2(5, 7.6),
  co2(10, 14.6),
  co2(20, 25.5),
]

/**
 * How the figures of a size are known when nobody read the collar: all assumed. The water capacity is the least of
 * such a size, so that the fill limit is on the safe side.
 */
export function assumedSources({ tareRangeKg: [lightKg, heavyKg], labelNetKg }: TypicalSize): QuantitySources {
  return {
    tareKg: assumed(lightKg, heavyKg),
    waterCapacityKg: assumed(),
    ...(labelNetKg !== null && { labelNetKg: assumed() }),
  }
}
