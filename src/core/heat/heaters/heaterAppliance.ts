import { type ApplianceKind, applianceTraits } from '@/core/appliances/applianceKinds'
import type { Heater } from './heater'

/** The kind of appliance that a heater is. */
export function applianceKindOf({ kind, vented }: Pick<Heater, 'kind' | 'vented'>): ApplianceKind {
  if (vented) return 'furnace'
  return kind === 'portable-radiant' ? 'portable-heater' : 'panel-heater'
}

/**
 * Kind of an appliance that is a heater of the rig: what its heater is, where the appliance was entered as something
 * that does not heat, or with its fumes going elsewhere. Whether it may burn while people sleep hangs on both.
 *
 * @param entered - kind of the appliance
 * @param heater - that it is
 */
export function settledKind(entered: ApplianceKind, heater: Pick<Heater, 'kind' | 'vented'>): ApplianceKind {
  const { isHeater, exhaust } = applianceTraits[entered]
  return isHeater && (exhaust === 'outside') === heater.vented ? entered : applianceKindOf(heater)
}
