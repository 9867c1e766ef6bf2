import type { Heater } from '@/core/heat/heaters/heater'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import type { StoredHeater } from '@/services/heat/heaters'

/** A heater to compare. */
export interface Candidate {
  id: string
  name: string
  heater: Heater
  price: number | null
  lastsNights: number | null
  /** Common arguments for its kind. */
  school: string
}

const schools: Readonly<Record<Heater['kind'], string>> = {
  'catalytic-panel': 'left on low it warms evenly; the small van’s choice',
  'portable-radiant': 'warms fast, then cycles; its critics say it overshoots, its friends that no van needs more',
  furnace: 'fumes outside, so it may run at night; wants 12 V and a hole in the wall',
  other: 'by its own numbers',
}

const kinds = ['catalytic-panel', 'portable-radiant', 'furnace'] as const

/**
 * The rig's heaters and a common one of each other kind.
 *
 * @param heaters - of the rig
 */
export function candidates(heaters: readonly StoredHeater[]): Candidate[] {
  const own = heaters.map(({ id, name, heater, price, lastsNights }) => ({
    id,
    name,
    heater,
    price,
    lastsNights,
    school: schools[heater.kind],
  }))
  const lacking = kinds.filter((kind) => !heaters.some(({ heater }) => heater.kind === kind))
  const common = lacking.map((kind) => ({
    id: kind,
    name: `${heaterTemplates[kind].name}, as is common`,
    heater: heaterTemplates[kind].heater,
    price: null,
    lastsNights: null,
    school: schools[kind],
  }))
  return [...own, ...common]
}
