import type { Finding, Station } from '@/core/findings/Finding'

/** Where the day's work is done, in the order of the day: what is bought or filled comes back to the rig. */
export const errandPlaces = ['table', 'scale', 'shop', 'requalifier', 'pump', 'rig', 'inside', 'line'] as const

export type ErrandPlace = (typeof errandPlaces)[number]

export const errandPlaceLabels: Readonly<Record<ErrandPlace, string>> = {
  table: 'At the table',
  scale: 'At the scale',
  shop: 'To buy',
  requalifier: 'At the dealer’s',
  pump: 'At the pump',
  rig: 'Round the rig',
  inside: 'Inside',
  line: 'Along the line, with soap',
}

export interface ErrandFacts {
  place: ErrandPlace
  /** Usual time for it. [common practice] */
  minutes: number
}

const at = (place: ErrandPlace, minutes: number): ErrandFacts => ({ place, minutes })

/** What is not done where its station's usual work is. */
const byCode: Readonly<Record<string, ErrandFacts>> = {
  'cylinder-not-weighed': at('scale', 5),
  'weighing-old': at('scale', 5),
  'cylinder-overfilled': at('requalifier', 30),
  'cylinder-retired': at('requalifier', 30),
  'date-overdue': at('requalifier', 60),
  'date-due-in-trip': at('requalifier', 60),
  'date-unknown': at('rig', 5),
  'look-over-found': at('requalifier', 30),
  'refilled-non-refillable': at('table', 2),
  'equipment-old': at('shop', 30),
  'equipment-not-entered': at('shop', 30),
  'no-co-alarm': at('shop', 30),
  'equipment-date-unknown': at('rig', 5),
  'refused-at-pump': at('table', 5),
  'part-old': at('shop', 40),
  'hose-bad': at('shop', 40),
  'filter-missing': at('shop', 30),
  'branch-without-valve': at('shop', 40),
  'no-line-drawn': at('table', 20),
  'line-unfinished': at('table', 10),
  'appliance-not-on-line': at('table', 5),
  'heaters-not-entered': at('table', 5),
  'clearances-not-from-manual': at('table', 5),
  'altitude-limit-not-known': at('table', 5),
  'heater-above-altitude': at('table', 10),
  'heater-not-placed': at('table', 5),
  'heater-hours-beyond-use': at('table', 5),
  'gas-not-enough': at('pump', 20),
  'no-gas': at('pump', 20),
  'leak-test-missing': at('line', 20),
  'leak-test-unfinished': at('line', 20),
  'line-changed-since-test': at('line', 20),
  'refilled-since-test': at('line', 10),
  'hold-fell': at('line', 30),
}

const byStation: Readonly<Record<Station, ErrandFacts>> = {
  trip: at('table', 5),
  cylinders: at('rig', 5),
  fill: at('pump', 20),
  hookup: at('rig', 15),
  'leak-test': at('line', 20),
  heat: at('inside', 10),
  run: at('table', 10),
  log: at('table', 5),
  practice: at('table', 5),
}

/** Where a finding is fixed, and how long that usually takes. */
export function errandFacts({ code, station }: Pick<Finding, 'code' | 'station'>): ErrandFacts {
  return byCode[code] ?? byStation[station]
}
