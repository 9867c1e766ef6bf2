import { cylinderCodes } from './codes/cylinderCodes'
import { fillCodes } from './codes/fillCodes'
import { heatCodes } from './codes/heatCodes'
import { hookupCodes } from './codes/hookupCodes'
import { leakTestCodes } from './codes/leakTestCodes'
import { runCodes } from './codes/runCodes'
import type { Finding } from './Finding'
import type { FindingFacts, StationCodes } from './findingFacts'

/** Every finding code there is, by station. */
export const findingCodes = {
  cylinders: cylinderCodes,
  fill: fillCodes,
  hookup: hookupCodes,
  'leak-test': leakTestCodes,
  heat: heatCodes,
  run: runCodes,
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
