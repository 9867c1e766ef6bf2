import type { Station } from '@/core/findings/Finding'
import { sharedLabels } from '@/ui/terms/sharedLabels'

export interface StationFacts {
  name: string
  route: string
}

/** The stations as the owner meets them, in the order of the gas. */
export const stationFacts: Readonly<Record<Station, StationFacts>> = {
  trip: { name: 'Trip', route: '/' },
  cylinders: { name: 'Cylinders', route: '/cylinders' },
  fill: { name: 'Fill', route: '/fill' },
  hookup: { name: 'Hook-up', route: '/hookup' },
  'leak-test': { name: 'Leak test', route: '/leak-test' },
  heat: { name: 'Heat & air', route: '/heat' },
  run: { name: 'Run', route: '/run' },
  log: { name: sharedLabels.logbook, route: '/log' },
  practice: { name: 'Practice', route: '/practice' },
}
