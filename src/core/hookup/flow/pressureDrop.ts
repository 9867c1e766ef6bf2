import { SEA_LEVEL_PA } from '@/core/fluids/atmosphere'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { fromUnit } from '@/core/units/convert'

export const pressureDropSchema = z.strictObject({
  /** Heat burned at the far end. */
  flowW: z.number(),
  insideDiameterM: z.number(),
  lengthM: z.number(),
  inletGaugePa: z.number(),
  atmospherePa: z.number().default(SEA_LEVEL_PA),
})

export type PressureDropInput = z.input<typeof pressureDropSchema>

export interface PressureDrop {
  /** What is lost on the way; all of the inlet where it does not carry. */
  dropPa: number
  /** Which of the two equations held. */
  regime: 'low' | 'high'
  /** Whether the part can pass the flow at all. */
  carries: boolean
}

const INCH_M = fromUnit(1, 'length', 'in')
const FOOT_M = fromUnit(1, 'length', 'ft')
const IN_WC_PA = fromUnit(1, 'gaugePressure', 'inWC')
const PSI_PA = fromUnit(1, 'gaugePressure', 'psi')
const BTUH_W = fromUnit(1, 'power', 'btuh')
/** Gross, of a cubic foot of propane as NFPA 54 sizes with. [from memory] */
const BTU_PER_FT3 = 2516
const CR = 1.2462
const Y = 0.991
const HIGH_FROM_PA = 1.5 * PSI_PA
const MAX_W = 1e7

/**
 * Pressure drop of a straight run, by the sizing equations for propane.
 *
 * Q = (D·19.17·(ΔH/(Cr·L))^0.206)^(1/0.381) at low pressure; Q = (D·18.93·((P1²−P2²)·Y/(Cr·L))^0.206)^(1/0.381) from
 * 1.5 psi on; both turned round for the drop. At altitude the low one grows as the gas grows thinner. Fittings are not counted: add their length where there are many.
 *
 * @param input - flow in W, sizes in m, pressures in Pa
 * @throws InputError at the invalid field
 * @see NFPA 54, equations for low and for high pressure [from memory]
 */
export function pressureDrop(input: PressureDropInput): PressureDrop {
  const { flowW, insideDiameterM, lengthM, inletGaugePa, atmospherePa = SEA_LEVEL_PA } = input
  if (!(flowW >= 0 && flowW <= MAX_W)) throw new InputError('flowW', 'The flow lies between nothing and 10 MW.')
  if (!(insideDiameterM > 0 && insideDiameterM <= 0.5)) {
    throw new InputError('insideDiameterM', 'The bore must be more than zero and under half a meter.')
  }
  if (!(lengthM > 0 && lengthM <= 1000)) {
    throw new InputError('lengthM', 'The length must be more than zero and under a kilometer.')
  }
  if (!(inletGaugePa > 0 && inletGaugePa <= 2e7)) {
    throw new InputError('inletGaugePa', 'The pressure before the run must be above the air’s and under 200 bar.')
  }
  if (!(atmospherePa > 1e4 && atmospherePa < 1.2e5)) {
    throw new InputError('atmospherePa', 'The air’s pressure lies between 100 and 1200 mbar.')
  }
  const regime = inletGaugePa >= HIGH_FROM_PA ? 'high' : 'low'
  if (flowW === 0) return { dropPa: 0, regime, carries: true }

  const flowFt3H = flowW / BTUH_W / BTU_PER_FT3
  const resistance = CR * (lengthM / FOOT_M)
  const through = (constant: number): number =>
    (flowFt3H ** 0.381 / (constant * (insideDiameterM / INCH_M))) ** (1 / 0.206) * resistance
  if (regime === 'low') {
    // The equation is for sea level: thinner gas moves faster for the same heat, and loses more, as 1/ρ.
    const thinness = (SEA_LEVEL_PA + inletGaugePa) / (atmospherePa + inletGaugePa)
    const dropPa = through(19.17) * IN_WC_PA * thinness
    return { dropPa: Math.min(dropPa, inletGaugePa), regime, carries: dropPa < inletGaugePa }
  }
  const inletPsia = (inletGaugePa + atmospherePa) / PSI_PA
  const left = inletPsia ** 2 - through(18.93) / Y
  const carries = left > (atmospherePa / PSI_PA) ** 2
  const dropPa = carries ? (inletPsia - Math.sqrt(left)) * PSI_PA : inletGaugePa
  return { dropPa, regime, carries }
}
