import type { DrivingState } from './ownDrivingRule'
import type { Provenance } from '@/core/rules/basis/basisEntry'

/** Rules for gas while driving, by region. */
export interface DrivingRule {
  id: string
  place: string
  /** Gas on while driving. */
  on: DrivingState
  words: string
  source: string
  provenance: Provenance
}

/** Rules by region. Local law and posted signs take precedence: look them up before each trip. */
export const drivingRules: readonly DrivingRule[] = [
  {
    id: 'us',
    place: 'United States',
    on: 'allowed',
    words:
      'Most states let a fridge run on the road. Many tunnels and some bridges ask for valves shut, and some for no gas at all.',
    source: 'State traffic codes and toll authorities’ rules',
    provenance: 'from memory',
  },
  {
    id: 'canada',
    place: 'Canada',
    on: 'allowed',
    words: 'Left to the driver on the road; provinces and ferries want cylinder valves shut aboard.',
    source: 'Provincial codes, ferry operators’ conditions',
    provenance: 'from memory',
  },
  {
    id: 'europe',
    place: 'Europe',
    on: 'with-device',
    words: 'Heating on the road only with a crash sensor or excess-flow device built in; else valves shut.',
    source: 'UN R122; EN 1949',
    provenance: 'from memory',
  },
  {
    id: 'australia',
    place: 'Australia',
    on: 'forbidden',
    words: 'Appliances off and cylinder valves shut while moving.',
    source: 'State rules on caravans; AS/NZS 5601.2',
    provenance: 'from memory',
  },
  {
    id: 'elsewhere',
    place: 'Anywhere else, or not known',
    on: 'forbidden',
    words: 'Not known here: shut it, which is nowhere wrong.',
    source: 'Common practice',
    provenance: 'common practice',
  },
]

/** Places where every flame and valve is off in any country. */
export const alwaysOff = [
  {
    id: 'fuel',
    place: 'Fuel stops',
    words: 'Before you roll in: valves shut, pilots out, fridge and water heater off.',
  },
  { id: 'tunnel', place: 'Tunnels', words: 'Valves shut before the entrance; some send you another way round.' },
  {
    id: 'ferry',
    place: 'Ferries',
    words: 'Valves shut and plugged, and the crew told; some take a limited number of cylinders.',
  },
] as const
