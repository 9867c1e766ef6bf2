import type { DisplayRole } from '@/core/base/quantity'
import type { Figure, FigureInput } from '@/core/rules/figure'
import { fromUnit, HOT_CAR_K } from '@/core/units/convert'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { readSpecification } from '@/core/cylinders/stamps/readSpecification'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { heatCurve, type HeatCurve } from './heatCurve'
import { reliefPressurePa, type ReliefSetting } from './reliefPressure'
import { stateFigures } from './stateFigures'

export interface HeatFigures {
  curve: HeatCurve
  relief: ReliefSetting
  /** For CO2: 5/4 of the service pressure. */
  fiveQuarters: Figure | null
  hot: Figure
  liquidFull: Figure | null
  reliefSetting: Figure
  reliefAt: Figure | null
}

const FIVE_QUARTERS = 1.25
const USUAL_CO2_SERVICE_PA = fromUnit(1800, 'gaugePressure', 'psi')

/**
 * The curve of a cylinder from a cold night to a hot car, with the lines that matter on it.
 *
 * @param cylinder - stamps
 * @param netKg - what is in it, greater than 0
 * @param altitudeM - of the place
 * @param plateReliefPa - setting of the relief valve from the plate; null for the usual one
 * @throws InputError as heatCurve does
 */
export function heatFigures(
  cylinder: CylinderGear,
  netKg: number,
  altitudeM: number,
  plateReliefPa: number | null,
): HeatFigures {
  const { kind, waterCapacityKg, fitness } = cylinder
  const { gas, small } = kindFacts[kind]
  const role: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const usual = reliefPressurePa(cylinder, fitness.specification)
  const relief: ReliefSetting = plateReliefPa === null ? usual : { ...usual, gaugePa: plateReliefPa, from: 'stamp' }
  const curve = heatCurve({ gas, netKg, waterCapacityKg, altitudeM, reliefGaugePa: relief.gaugePa })
  const hot = stateFigures({ gas, small, netKg, waterCapacityKg, temperatureK: HOT_CAR_K, altitudeM })
  const inputs: FigureInput[] = [
    { label: 'Gas aboard', quantity: { value: netKg, role } },
    { label: 'Water capacity', quantity: { value: waterCapacityKg, role } },
  ]
  const setting: FigureInput = {
    label: 'Relief setting',
    quantity: { value: relief.gaugePa, role: 'cylinderPressure' },
  }
  const stamped = fitness.specification === null ? null : readSpecification(fitness.specification)?.servicePressurePa
  const servicePa = stamped ?? USUAL_CO2_SERVICE_PA
  return {
    curve,
    relief,
    fiveQuarters:
      gas === 'co2'
        ? {
            basis: 'five-quarters',
            quantity: { value: servicePa * FIVE_QUARTERS, role: 'cylinderPressure' },
            inputs: [{ label: 'Service pressure', quantity: { value: servicePa, role: 'cylinderPressure' } }],
          }
        : null,
    hot: hot.pressure,
    liquidFull: hot.liquidFull,
    reliefSetting: { basis: 'relief-setting', quantity: setting.quantity, inputs: [] },
    reliefAt:
      curve.reliefAtK === null
        ? null
        : {
            basis: 'relief-temperature',
            quantity: { value: curve.reliefAtK, role: 'temperature' },
            inputs: [...inputs, setting],
          },
  }
}
