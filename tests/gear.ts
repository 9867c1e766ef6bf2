import type { CylinderGear } from '@/core/cylinders/gear'
import type { ApplianceUse, TripPlan } from '@/core/running/tripPlan'
import { BTU_PER_HOUR_W, fahrenheit, OUNCE_KG, POUND_KG } from './tradeUnits'

export const NOW = '2026-12-01T18:00:00.000Z'

/** A 20 lb cylinder with 13.6 lb aboard, weighed the day before; change what a test is about. */
export function cylinderGear(change: Partial<CylinderGear> = {}): CylinderGear {
  return {
    id: 'left',
    name: 'Left cylinder',
    kind: 'removable',
    tareKg: 17.8 * POUND_KG,
    waterCapacityKg: 47.6 * POUND_KG,
    labelNetKg: null,
    aboard: true,
    lastWeighing: { grossKg: 31.4 * POUND_KG, hangingKg: 0, weighedAt: '2026-11-30T09:42:00.000Z' },
    ...change,
  }
}

/** A one-pound bottle with 13.0 oz aboard. */
export function bottleGear(change: Partial<CylinderGear> = {}): CylinderGear {
  return cylinderGear({
    id: 'bottle',
    name: 'Bottle 1',
    kind: 'refillable-bottle',
    tareKg: 14.6 * OUNCE_KG,
    waterCapacityKg: 1.107,
    labelNetKg: 16.4 * OUNCE_KG,
    lastWeighing: { grossKg: 27.6 * OUNCE_KG, hangingKg: 0, weighedAt: '2026-11-30T09:42:00.000Z' },
    ...change,
  })
}

export function applianceUse(change: Partial<ApplianceUse> = {}): ApplianceUse {
  return {
    id: 'heater',
    name: 'Panel heater',
    inputW: 3000 * BTU_PER_HOUR_W,
    supply: 'line',
    burnPerDayS: 8 * 3600,
    ...change,
  }
}

export function tripPlan(change: Partial<TripPlan> = {}): TripPlan {
  return {
    id: 'trip',
    name: 'Larkspur Saddle',
    nights: 4,
    reserveShare: 0.2,
    altitudeM: 2410,
    coldestK: fahrenheit(40),
    uses: [applianceUse()],
    ...change,
  }
}
