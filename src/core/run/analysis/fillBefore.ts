import { type CylinderGear, isTareKnown } from '@/core/cylinders/cylinderGear'
import { kindFacts, type Supply } from '@/core/cylinders/cylinderKind'
import { vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import { gearLimitKg, stopWeightKg } from '@/core/cylinders/limits/fillLimitByWeight'
import type { SupplyBalance } from './gasForTrip'

/** Cylinders that a filling station would fill; never a non-refillable bottle. */
export function fillableIds(cylinders: readonly CylinderGear[], onDay: string): string[] {
  return cylinders
    .filter(
      (cylinder) =>
        kindFacts[cylinder.kind].isRefillable &&
        kindFacts[cylinder.kind].gas === 'propane' &&
        vesselFitness(cylinder, onDay).fill.answer !== 'no',
    )
    .map(({ id }) => id)
}

/** One cylinder to be filled before leaving. */
interface FillErrand {
  cylinderId: string
  name: string
  /** Gas to add; null where nobody knows what is in it: it is weighed first. */
  addKg: number | null
  /** Contents after it. */
  toKg: number
  /** Stop weight without attachments; null for a fixed tank, and where nobody read the tare. */
  stopKg: number | null
  /** An attendant fills it by its bleeder, since there is no weight to stop at. */
  isByBleeder: boolean
  cost: number | null
}

export interface FillPlan {
  supply: Supply
  /** Need plus reserve minus contents aboard; 0 when there is enough. */
  shortKg: number
  errands: readonly FillErrand[]
  /** New one-pound bottles, when filling is not enough. */
  bottles: number
  bottlesCost: number | null
  /** Still missing after all that. */
  stillShortKg: number
  cost: number | null
}

/** What gas costs the owner; null where no price is entered. */
export interface GasPrices {
  perKg: number | null
  perBottle: number | null
}

const BOTTLE_KG = 0.465

function errandOf(
  { cylinder, usableKg }: SupplyBalance['cylinders'][number],
  wantKg: number,
  { perKg }: GasPrices,
): FillErrand {
  const addKg = usableKg === null ? null : Math.min(wantKg, gearLimitKg(cylinder) - usableKg)
  const toKg = usableKg === null || addKg === null ? Math.min(wantKg, gearLimitKg(cylinder)) : usableKg + addKg
  return {
    cylinderId: cylinder.id,
    name: cylinder.name,
    addKg,
    toKg,
    stopKg: stopWeightKg(cylinder, toKg),
    isByBleeder: !isTareKnown(cylinder),
    cost: perKg === null || addKg === null ? null : addKg * perKg,
  }
}

/**
 * Fills before leaving that cover trip and reserve: the cylinders with the most room first, then
 * those that nobody weighed, then new bottles.
 *
 * @param balance - of one supply
 * @param fillable - see fillableIds
 * @param prices - of the owner
 */
export function fillBefore(balance: SupplyBalance, fillable: readonly string[], prices: GasPrices): FillPlan {
  const shortKg = Math.max(0, -balance.leftKg)
  let leftKg = shortKg
  const errands: FillErrand[] = []
  const roomKg = ({ cylinder, usableKg }: SupplyBalance['cylinders'][number]) => gearLimitKg(cylinder) - (usableKg ?? 0)
  const roomy = balance.cylinders
    .filter(({ cylinder, barred }) => barred === null && fillable.includes(cylinder.id))
    .sort((a, b) => Number(a.usableKg === null) - Number(b.usableKg === null) || roomKg(b) - roomKg(a))
  for (const held of roomy) {
    // Less than a twentieth of a kilogram is no errand.
    if (leftKg < 0.01 || roomKg(held) < 0.05) continue
    const errand = errandOf(held, leftKg, prices)
    errands.push(errand)
    // The balance counts what nobody weighed as nothing, so all of it covers what is missing.
    leftKg -= errand.addKg ?? errand.toKg
  }
  const bottles = balance.supply === 'bottles' && leftKg > 0.005 ? Math.ceil(leftKg / BOTTLE_KG) : 0
  const bottlesCost = prices.perBottle === null ? null : bottles * prices.perBottle
  const costs = [...errands.map(({ cost }) => cost), ...(bottles > 0 ? [bottlesCost] : [])]
  return {
    supply: balance.supply,
    shortKg,
    errands,
    bottles,
    bottlesCost,
    stillShortKg: Math.max(0, leftKg - bottles * BOTTLE_KG),
    cost: costs.some((cost) => cost === null) ? null : costs.reduce<number>((sum, cost) => sum + (cost ?? 0), 0),
  }
}
