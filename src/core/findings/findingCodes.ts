import { cylinderCodes } from './codes/cylinderCodes'
import { fillCodes } from './codes/fillCodes'
import { heatCodes } from './codes/heatCodes'
import { hookupCodes } from './codes/hookupCodes'
import { leakTestCodes } from './codes/leakTestCodes'
import { practiceCodes, recordedFaultCodes } from './codes/practiceCodes'
import { runCodes } from './codes/runCodes'
import type { Finding } from './Finding'
import type { FindingFacts, StationCodes } from './findingFacts'

/** Every finding code there is, by station. */
export const findingCodes = {
  cylinders: { ...cylinderCodes, ...recordedFaultCodes.cylinders },
  fill: fillCodes,
  hookup: { ...hookupCodes, ...recordedFaultCodes.hookup },
  'leak-test': leakTestCodes,
  heat: { ...heatCodes, ...recordedFaultCodes.heat },
  run: { ...runCodes, ...recordedFaultCodes.run },
  practice: practiceCodes,
} as const

/** Stations that have findings of their own. */
export type FindingStation = keyof typeof findingCodes

/** Codes of a station. */
export type FindingCode<Of extends FindingStation> = keyof (typeof findingCodes)[Of] & string

const byStation: Readonly<Record<string, StationCodes>> = findingCodes

/** Facts of a finding's code; undefined for one of an older version, in a stored verdict. */
export function findingFacts({ station, code }: Pick<Finding, 'station' | 'code'>): FindingFacts | undefined {
  return byStation[station]?.[code]
}
