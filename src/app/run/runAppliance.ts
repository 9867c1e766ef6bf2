import type { QuantitySources } from '@/core/base/provenance'
import type { Supply } from '@/core/cylinders/cylinderKind'
import type { ApplianceKind } from '@/core/appliances/applianceKinds'

/** An appliance as the Run station knows it. */
export interface RunAppliance {
  id: string
  version: number
  name: string
  inputW: number
  supply: Supply
  kind: ApplianceKind
  pilotW: number
  currentA: number
  needsBattery: boolean
  cylinderId: string | null
  /** With all burners at full; null when nobody read it. */
  ratedInputW: number | null
  /** How its numbers are known. */
  sources: QuantitySources
}

export const supplyOptionLabels: Readonly<Record<Supply, string>> = {
  line: 'on the rig’s line',
  bottles: 'on its own bottle',
}
