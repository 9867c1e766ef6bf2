import type { UnitSystem } from '@/core/units/displayRoles'
import type { TypedQuantity } from '@/ui/fields/typedQuantity'

/** Texts as typed into quantity fields, in US units unless told. */
export function typed<Key extends string>(
  texts: Readonly<Record<Key, string>>,
  system: UnitSystem = 'us',
): Record<Key, TypedQuantity> {
  const fields = Object.entries<string>(texts).map(([key, text]) => [key, { text, system }])
  return Object.fromEntries(fields) as Record<Key, TypedQuantity>
}
