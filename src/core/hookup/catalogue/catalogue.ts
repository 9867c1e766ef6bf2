import { endParts } from './catalogueEnds'
import { lineParts } from './catalogueLines'
import { sourceParts } from './catalogueSources'
import type { PartType } from './partType'

/** Parts found on portable propane and CO2 gear, in the order of the gas; names say what they are, no make is meant. */
export const catalogue: readonly PartType[] = [...sourceParts, ...lineParts, ...endParts]
