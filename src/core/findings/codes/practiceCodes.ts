import { fixFirst, mustFix, note, opens, type StationCodes } from '@/core/findings/findingFacts'

const faults = opens('See the fault', 'practice', 'faults')

/**
 * A fault that somebody found, by the station of its part.
 *
 * One of an appliance that only does not work may be accepted; a vessel, a line or a flame that is wrong may not.
 */
export const recordedFaultCodes = {
  cylinders: { 'cylinder-fault-recorded': mustFix(['rig', 20], faults, 'recorded-fault') },
  hookup: { 'line-fault-recorded': mustFix(['rig', 20], faults, 'recorded-fault') },
  heat: { 'flame-fault-recorded': mustFix(['inside', 20], faults, 'recorded-fault') },
  run: { 'appliance-fault-recorded': fixFirst(['inside', 20], faults, 'recorded-fault') },
} as const satisfies Readonly<Record<string, StationCodes>>

/** What practice itself finds: only that nobody practiced. */
export const practiceCodes = {
  'rehearsal-due': note(['table', 20], opens('Rehearse', 'practice', 'rehearsal'), 'rehearsal-yearly'),
} as const satisfies StationCodes
