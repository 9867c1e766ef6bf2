import { notFound, redirect } from 'next/navigation'
import { judgedTrip, type JudgedTrip } from '@/services/trips/judgedTrip'
import { loadRigSnapshot } from '@/app/shared/pageData'
import type { PriceOffer } from '@/core/fill/cost/fillCosts'
import { pricesOf } from '@/services/fill/prices'

/** What every page about a trip is given. */
export interface TripPageData extends JudgedTrip {
  /** The next trip. */
  isNext: boolean
  offers: readonly PriceOffer[]
}

/** The trip in the address with its verdict; a trip of another rig leads to the rigs. */
export function tripPageData(id: string): TripPageData {
  const { rig, judged: next } = loadRigSnapshot()
  const isNext = next?.row.id === id
  // Already judged for the header of the page.
  const judged = isNext ? next : judgedTrip(id, new Date())
  if (!judged) notFound()
  if (rig?.id !== judged.rig.id) redirect(`/log/rigs?wanted=${encodeURIComponent(judged.rig.id)}`)
  return { ...judged, isNext, offers: pricesOf(judged.rig.id) }
}
