import { kindFacts } from '@/core/cylinders/cylinderKind'
import { vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import type { Finding } from '@/core/findings/Finding'
import { makeFinding } from '@/core/findings/makeFinding'
import type { SupplyBalance } from '@/core/run/analysis/gasForTrip'

/**
 * Where gas is short, the cylinders that no pump would fill: to be known before the drive.
 *
 * @param balances - from gasForTrip
 * @param onDay - `2026-11-24`
 */
export function refusedAtPump(balances: readonly SupplyBalance[], onDay: string): Finding[] {
  return balances
    .filter(({ leftKg, neededKg }) => neededKg > 0 && leftKg < 0)
    .flatMap(({ cylinders }) => cylinders)
    .filter(({ cylinder }) => kindFacts[cylinder.kind].isRefillable)
    .flatMap(({ cylinder }): Finding[] => {
      const [worst] = vesselFitness(cylinder, onDay).fill.reasons
      if (worst?.answer !== 'no') return []
      return [
        makeFinding('fill', 'refused-at-pump', {
          text: '{name} has to be full, and no pump would take it.',
          parts: { name: cylinder.name },
          reason: worst.sentence.text,
          reasonParts: worst.sentence.parts ?? null,
          subjectId: cylinder.id,
          basis: [worst.basis],
        }),
      ]
    })
}
