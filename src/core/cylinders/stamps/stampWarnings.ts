import type { Phrase } from '@/core/base/quantity'
import { fromUnit } from '@/core/units/convert'
import { type CylinderKind, kindFacts } from '@/core/cylinders/cylinderKind'
import { typicalSizes } from '@/core/cylinders/typicalSizes'

/** A stamp that is possible but unlikely: the owner is asked, it is not refused. */
export interface StampWarning {
  code: 'tare-over-half' | 'nominal-for-water-capacity' | 'label-over-limit'
  path: 'tareKg' | 'waterCapacityKg' | 'labelNetKg'
  sentence: Phrase
}

interface Stamps {
  kind: CylinderKind
  tareKg: number
  waterCapacityKg: number
  labelNetKg: number | null
}

const pounds = (number: number): number => fromUnit(number, 'mass', 'lb')

/** Steel cylinders for 20 lb of gas and more weigh less than half of the water they hold; smaller ones may weigh more. */
const HALF_FROM_KG = pounds(30)
const MAX_TARE_SMALL = 0.65
const NEAR = 0.02
/** What people call a cylinder by, in pounds of propane. */
const NOMINAL_LB = [5, 10, 20, 30, 40, 100, 420]

/**
 * Stamps that the owner should confirm.
 *
 * @param stamps - as entered
 */
export function stampWarnings({ kind, tareKg, waterCapacityKg, labelNetKg }: Stamps): StampWarning[] {
  const doubts: StampWarning[] = []
  const { small, filledAt } = kindFacts[kind]
  if (filledAt === 'pump') {
    const nominal = NOMINAL_LB.find((lb) => Math.abs(waterCapacityKg / pounds(lb) - 1) < NEAR)
    const size = typicalSizes.find(({ id }) => id === `removable-${nominal}`)
    const mostTare = Math.max(tareKg, waterCapacityKg) >= HALF_FROM_KG ? 0.5 : MAX_TARE_SMALL
    if (nominal !== undefined && size && tareKg > 0.5 * waterCapacityKg) {
      doubts.push({
        code: 'nominal-for-water-capacity',
        path: 'waterCapacityKg',
        sentence: {
          text: '{nominal} is the propane such a cylinder holds. The water capacity, stamped WC, is usually about {usual}.',
          parts: {
            nominal: { value: pounds(nominal), role: 'cylinderMass' },
            usual: { value: size.waterCapacityKg, role: 'cylinderMass' },
          },
        },
      })
    } else if (tareKg > mostTare * waterCapacityKg) {
      doubts.push({
        code: 'tare-over-half',
        path: 'tareKg',
        sentence: {
          text: 'A tare over half of the water capacity is rare on steel. Are TW and WC the right way round?',
        },
      })
    }
  }
  if (small && labelNetKg !== null && labelNetKg > waterCapacityKg * 0.43) {
    doubts.push({
      code: 'label-over-limit',
      path: 'labelNetKg',
      sentence: {
        text: 'The label’s net weight is more than 42 % of the water capacity. Check both; the smaller limit is used.',
      },
    })
  }
  return doubts
}
