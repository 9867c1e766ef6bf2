import { equipmentFacts, type Equipment } from './equipment'
import { monthsLater } from '@/core/time/monthsLater'

/**
 * Last month in which a thing is to be used.
 *
 * @returns null when neither its own date nor its age is known
 */
export function equipmentEndMonth({ kind, madeMonth, replaceByMonth }: Equipment): string | null {
  if (replaceByMonth !== null) return replaceByMonth
  const { oldMonths } = equipmentFacts[kind]
  return madeMonth === null || oldMonths === null ? null : monthsLater(madeMonth, oldMonths)
}
