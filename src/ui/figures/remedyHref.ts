import type { Finding } from '@/core/findings/Finding'
import { stationFacts } from '@/ui/shell/stationFacts'

/** A cylinder has pages of its own; at the other stations the subject is chosen on the page. */
export function remedyHref({ station, subjectId, page, about }: Finding['remedy']): string {
  const { route } = stationFacts[station]
  if (station === 'cylinders') return [route, subjectId, page].filter(Boolean).join('/')
  const place = [route, page].filter(Boolean).join('/')
  if (station === 'fill') return subjectId ? `${place}?cylinder=${subjectId}` : place
  if (station === 'hookup' || station === 'leak-test') {
    const search = new URLSearchParams({ ...(subjectId && { line: subjectId }), ...(about && { about }) })
    return search.size > 0 ? `${place}?${search}` : place
  }
  if (station === 'heat') {
    const isOfRoom = page === undefined || page === 'air'
    const search = new URLSearchParams({
      ...(subjectId && { [isOfRoom ? 'room' : 'heater']: subjectId }),
      ...(about && { about }),
    })
    return search.size > 0 ? `${place}?${search}` : place
  }
  return station === 'run' || station === 'practice' ? place : route
}
