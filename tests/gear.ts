import type { CylinderFitness, CylinderGear } from '@/core/cylinders/cylinderGear'
import type { CylinderKind } from '@/core/cylinders/cylinderKind'
import { type Equipment, equipmentKinds } from '@/core/cylinders/equipment/equipment'
import { inspectionItems, type InspectionAnswers } from '@/core/cylinders/inspection/inspectionItems'
import { findRuleSet } from '@/core/rules/dateRules'
import type { Line } from '@/core/hookup/line/line'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import type { JudgedLine } from '@/core/trip/readiness/lineFindings'
import type { ApplianceUse, TripPlan } from '@/core/run/tripPlan'
import { BTU_PER_HOUR_W, fahrenheit, OUNCE_KG, POUND_KG } from './tradeUnits'

export const NOW = '2026-12-01T18:00:00.000Z'
export const TODAY = '2026-12-01'

/** Every item inspected; all sound but those named. */
export function answers(kind: CylinderKind, bad: readonly string[] = []): InspectionAnswers {
  return Object.fromEntries(inspectionItems(kind).map(({ id }) => [id, bad.includes(id) ? 'bad' : 'sound']))
}

/** In date and inspected the day before; override what a test is about. */
export function fitness(kind: CylinderKind, change: Partial<CylinderFitness> = {}): CylinderFitness {
  return {
    specification: 'DOT-4BA240',
    manufacturedMonth: '2020-03',
    marks: [],
    labelIntervalMonths: null,
    endOfLifeMonth: null,
    overfillStop: 'yes',
    rule: findRuleSet('ten-then-five'),
    lastLook: { answers: answers(kind), lookedAt: '2026-11-30T09:00:00.000Z' },
    retiredBy: null,
    refilledAt: null,
    ...change,
  }
}

/** A 20 lb cylinder with 13.6 lb in it, weighed the day before; override what a test is about. */
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
    lastLevel: null,
    shutUntil: null,
    fitness: fitness(change.kind ?? 'removable'),
    ...change,
  }
}

/** A one-pound bottle with 13.0 oz in it. */
export function bottleGear(change: Partial<CylinderGear> = {}): CylinderGear {
  return cylinderGear({
    id: 'bottle',
    name: 'Bottle 1',
    kind: 'refillable-bottle',
    tareKg: 14.6 * OUNCE_KG,
    waterCapacityKg: 1.107,
    labelNetKg: 16.4 * OUNCE_KG,
    lastWeighing: { grossKg: 27.6 * OUNCE_KG, hangingKg: 0, weighedAt: '2026-11-30T09:42:00.000Z' },
    fitness: fitness(change.kind ?? 'refillable-bottle', { specification: null }),
    ...change,
  })
}

/** A 5 lb CO2 cylinder, full to its limit. */
export function co2Gear(change: Partial<CylinderGear> = {}): CylinderGear {
  return cylinderGear({
    id: 'soda',
    name: 'Soda cylinder',
    kind: 'co2',
    tareKg: 7.6 * POUND_KG,
    waterCapacityKg: 7.35 * POUND_KG,
    lastWeighing: { grossKg: 12.59 * POUND_KG, hangingKg: 0, weighedAt: '2026-11-30T09:42:00.000Z' },
    fitness: fitness('co2', { specification: 'DOT-3AL1800', manufacturedMonth: '2022-09' }),
    ...change,
  })
}

/** A 6 gal fixed tank, read at half of its dial. */
export function tankGear(change: Partial<CylinderGear> = {}): CylinderGear {
  return cylinderGear({
    id: 'tank',
    name: 'Tank',
    kind: 'onboard',
    tareKg: 0,
    waterCapacityKg: 6 * 3.785411784e-3 * 999.016,
    lastWeighing: null,
    lastLevel: { liquidFraction: 0.4, temperatureK: fahrenheit(60), readAt: '2026-11-30T09:42:00.000Z' },
    fitness: fitness('onboard', { specification: null, manufacturedMonth: null }),
    ...change,
  })
}

/** One of each, new and inspected. */
export function soundEquipment(): Equipment[] {
  return equipmentKinds.map((kind) => ({
    id: kind,
    kind,
    name: kind,
    madeMonth: '2024-06',
    replaceByMonth: null,
    lastLook: { sound: true, lookedAt: '2026-11-30T09:42:00.000Z', note: null },
  }))
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
    startDay: '2026-12-04',
    nights: 4,
    reserveShare: 0.2,
    altitudeM: 2410,
    coldestK: fahrenheit(40),
    uses: [applianceUse()],
    ...change,
  }
}

/** A rig of these cylinders with sound equipment, without line or heater; override what a test is about. */
export function rigGear(cylinders: readonly CylinderGear[], change: Partial<RigGear> = {}): RigGear {
  return {
    cylinders,
    equipment: soundEquipment(),
    lines: [],
    heat: { rooms: [], heaters: [], heatless: false, warmth: null },
    battery: null,
    ...change,
  }
}

/** An untested line as the trip verdict takes it. */
export function untestedLine(line: Line, change: Partial<JudgedLine['tightness']> = {}): JudgedLine {
  const tightness = { lastTest: null, lastHold: null, refilledAt: null, fingerprint: '' }
  return {
    gear: { id: 'house', name: 'House line', line },
    tightness: { lineId: 'house', name: 'House line', ...tightness, ...change },
  }
}
