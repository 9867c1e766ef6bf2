import type { Station } from '@/core/findings/Finding'
import { sharedLabels } from '@/ui/terms/sharedLabels'

export interface StationFacts {
  name: string
  route: string
  /** Whether the station is built. */
  built: boolean
}

/** The stations as the owner meets them, in the order of the gas. */
export const stationFacts: Readonly<Record<Station, StationFacts>> = {
  trip: { name: 'Trip', route: '/', built: true },
  cylinders: { name: 'Cylinders', route: '/cylinders', built: true },
  fill: { name: 'Fill', route: '/fill', built: true },
  hookup: { name: 'Hook-up', route: '/hookup', built: true },
  'leak-test': { name: 'Leak test', route: '/leak-test', built: true },
  heat: { name: 'Heat & air', route: '/heat', built: true },
  run: { name: 'Run', route: '/run', built: true },
  log: { name: sharedLabels.logbook, route: '/log', built: true },
  practice: { name: 'Practice', route: '/practice', built: false },
}
