import { notFound, redirect } from 'next/navigation'
import { judgedTrip, type JudgedTrip } from '@/actions/shared/judgedTrip'
import { loadRigSnapshot } from '@/app/shared/rigSnapshot'
import { database } from '@/records/database'
import { listOffers } from '@/records/repositories/cylinders/offers'
import type { PriceOffer } from '@/core/fill/cost/fillCosts'

/** What every page about a trip is given. */
export interface TripPageData extends JudgedTrip {
  /** It is the one to get ready for. */
  isNext: boolean
  offers: readonly PriceOffer[]
}

/** The trip an address names, with its verdict; one of a rig that is not at hand leads to the rigs. */
export function tripPageData(id: string): TripPageData {
  const { rig, judged: next } = loadRigSnapshot()
  const isNext = next?.row.id === id
  // Judged for the head of the page already: once is enough.
  const judged = isNext ? next : judgedTrip(id)
  if (!judged) notFound()
  if (rig?.id !== judged.rig.id) redirect(`/log/rigs?wanted=${encodeURIComponent(judged.rig.id)}`)
  return { ...judged, isNext, offers: listOffers(database(), judged.rig.id) }
}
