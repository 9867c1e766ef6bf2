import { z } from '@/core/base/zod'
import type { Zone } from '@/core/hookup/catalogue/zone'
import { SEA_LEVEL_PA } from '@/core/fluids/atmosphere'
import { criticalPoint } from '@/core/fluids/criticalPoint'
import { saturation } from '@/core/fluids/saturation'
import { fromUnit } from '@/core/units/convert'

export const flames = ['steady', 'weak', 'none'] as const

/** What was seen of the pressure at one place, before or after the soap. */
export const pressureProofSchema = z.discriminatedUnion('means', [
  z.strictObject({
    means: z.literal('gauge'),
    gaugePa: z.number().min(-20_000).max(20_000_000),
    /** Of the cylinder; a gauge at a cylinder is judged by it. */
    lineK: z.number().min(230).max(340).nullable(),
  }),
  z.strictObject({
    /** One burner on high for two minutes, five with long hoses, on this cylinder alone. */
    means: z.literal('burner'),
    flame: z.enum(flames),
  }),
])

export type PressureProof = z.output<typeof pressureProofSchema>

export interface ProofOutcome {
  proved: boolean
  /** What it means, and what is done where it does not prove anything. */
  says: string
}

const inWC = (number: number): number => fromUnit(number, 'gaugePressure', 'inWC')
const psi = (number: number): number => fromUnit(number, 'gaugePressure', 'psi')

/** Locked up after two-stage regulation. [common practice] */
const LOW_PA = [inWC(11), inWC(14)] as const
/** A dial at a cylinder in sun or shade is this near to the vapor pressure, by share or at least by so much. [common practice] */
const UNDER_VAPOR = { share: 0.2, leastPa: psi(6) }
const OVER_VAPOR = { share: 0.4, leastPa: psi(10) }
/** What CO2 has at least above its critical temperature, where it has no vapor pressure. [common practice] */
const LEAST_HOT_CO2_PA = psi(900)
/** What a CO2 regulator is set to at least to soap behind it. [common practice] */
const LEAST_CO2_LOW_PA = psi(2)

const proved = (says: string): ProofOutcome => ({ proved: true, says })
const notProved = (says: string): ProofOutcome => ({ proved: false, says: `Not tested. ${says}` })

const OPEN_SLOWLY = 'Everything off, shut the cylinder, wait two minutes, open it slowly and read again.'

function vaporGaugePa(zone: Zone, lineK: number): number | null {
  const fluid = zone === 'cylinder' ? 'propane' : 'co2'
  return lineK < criticalPoint(fluid).temperatureK ? saturation(fluid, lineK).pressurePa - SEA_LEVEL_PA : null
}

const margin = (vaporPa: number, { share, leastPa }: typeof UNDER_VAPOR): number => Math.max(share * vaporPa, leastPa)

function gaugeOutcome(zone: Zone, gaugePa: number, lineK: number | null): ProofOutcome {
  if (zone === 'low') {
    if (gaugePa > LOW_PA[1]) {
      return notProved('Over 14 in WC the regulator does not lock up: shut the cylinder, it is replaced.')
    }
    return gaugePa >= LOW_PA[0] ? proved('The low side is at its pressure.') : notProved(OPEN_SLOWLY)
  }
  if (zone === 'co2-low') {
    return gaugePa >= LEAST_CO2_LOW_PA
      ? proved('The hose is under pressure.')
      : notProved('Set the regulator, then read.')
  }
  if (lineK === null) return notProved('The gauge is judged by the temperature of the cylinder: enter it.')
  const vaporPa = vaporGaugePa(zone, lineK)
  const leastPa = vaporPa === null ? LEAST_HOT_CO2_PA : vaporPa - margin(vaporPa, UNDER_VAPOR)
  if (gaugePa < leastPa)
    return notProved(`Under the vapor pressure of the day: is it open, and not empty? ${OPEN_SLOWLY}`)
  if (vaporPa !== null && gaugePa > vaporPa + margin(vaporPa, OVER_VAPOR)) {
    return notProved('Far over the vapor pressure: the gauge is wrong, or the cylinder is overfilled or hot.')
  }
  return proved('The cylinder’s side is at its pressure.')
}

const flameOutcomes: Readonly<Record<(typeof flames)[number], ProofOutcome>> = {
  steady: proved('Its gas reached a burner.'),
  weak: notProved(`A weak flame: a flow limiter may have shut. ${OPEN_SLOWLY}`),
  none: notProved('No steady flame, no pressure: nothing soaped on this cylinder counts.'),
}

/**
 * Whether what was seen proves the pressure of a place.
 *
 * @param zone - of the place
 * @param proof - what was seen
 */
export function proofOutcome(zone: Zone, proof: PressureProof): ProofOutcome {
  return proof.means === 'burner' ? flameOutcomes[proof.flame] : gaugeOutcome(zone, proof.gaugePa, proof.lineK)
}
