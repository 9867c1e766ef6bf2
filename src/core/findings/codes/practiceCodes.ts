import { fixFirst, mustFix, note, opens, type StationCodes } from '@/core/findings/findingFacts'

const repair = opens('See the fault', 'practice', 'faults')

/** A fault that somebody found, by the station of its part. */
export const recordedFaultCodes = {
  cylinders: { 'cylinder-fault-recorded': mustFix(['rig', 20], repair, 'recorded-fault') },
  hookup: { 'line-fault-recorded': mustFix(['rig', 20], repair, 'recorded-fault') },
  heat: { 'flame-fault-recorded': mustFix(['inside', 20], repair, 'recorded-fault') },
  run: { 'appliance-fault-recorded': fixFirst(['inside', 20], repair, 'recorded-fault') },
} as const satisfies Readonly<Record<string, StationCodes>>

export const practiceCodes = {
  'rehearsal-due': note(['table', 20], opens('Rehearse', 'practice', 'rehearsal'), 'rehearsal-yearly'),
} as const satisfies StationCodes
