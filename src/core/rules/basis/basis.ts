import { co2Basis } from './co2Basis'
import { cylinderBasis } from './cylinderBasis'
import { fillBasis } from './fillBasis'
import { heatBasis } from './heatBasis'
import { hookupBasis } from './hookupBasis'
import { runBasis } from './runBasis'
import { tripBasis } from './tripBasis'

/** Every figure a screen can show has an entry here; docs/models.md has the equations in full. */
export const basis = {
  ...cylinderBasis,
  ...fillBasis,
  ...hookupBasis,
  ...heatBasis,
  ...runBasis,
  ...co2Basis,
  ...tripBasis,
} as const

export type BasisId = keyof typeof basis
