import { cookies } from 'next/headers'
import type { UnitSystem } from '@/core/units/displayRoles'
import { UNITS_COOKIE } from '@/ui/state/unitsCookie'

/** The family of units the reader chose in this browser. */
export async function chosenUnits(): Promise<UnitSystem> {
  return (await cookies()).get(UNITS_COOKIE)?.value === 'metric' ? 'metric' : 'us'
}
