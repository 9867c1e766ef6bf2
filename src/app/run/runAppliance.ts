import type { Supply } from '@/core/cylinders/cylinderKind'

/** An appliance as the Run station knows it. */
export interface RunAppliance {
  id: string
  version: number
  name: string
  inputW: number
  supply: Supply
}

export const supplyWords: Readonly<Record<Supply, string>> = {
  line: 'on the rig’s line',
  bottles: 'on its own bottle',
}
