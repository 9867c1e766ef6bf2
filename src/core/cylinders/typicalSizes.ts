import type { CylinderKind } from './cylinderKind'

/** What the collar of a common size usually reads. */
export interface TypicalSize {
  id: string
  name: string
  kind: CylinderKind
  waterCapacityKg: number
  tareKg: number
  labelNetKg: number | null
}

const POUND_KG = 0.45359237
const OUNCE_KG = POUND_KG / 16

function removable(nominalLb: number, waterCapacityLb: number, tareLb: number): TypicalSize {
  return {
    id: `removable-${nominalLb}`,
    name: `${nominalLb} lb cylinder`,
    kind: 'removable',
    waterCapacityKg: waterCapacityLb * POUND_KG,
    tareKg: tareLb * POUND_KG,
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
  removable(100, 238, 70),
  removable(420, 1000, 270),
  {
    id: 'bottle-1',
    name: 'One-pound bottle',
    kind: 'bottle',
    waterCapacityKg: 1.107,
    tareKg: 14.6 * OUNCE_KG,
    labelNetKg: 16.4 * OUNCE_KG,
  },
  co2(2.5, 4.3),
  co2(5, 7.6),
  co2(10, 14.6),
  co2(20, 25.5),
]
