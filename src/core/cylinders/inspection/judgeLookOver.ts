import type { CylinderKind } from '@/core/cylinders/cylinderKind'
import { lookOverItems, type LookAnswers, type LookItem } from './lookOverItems'

export interface LookJudgement {
  /** Found bad, and out of service for it. */
  retiring: readonly LookItem[]
  /** Found bad, to be mended. */
  toMend: readonly LookItem[]
  /** Not looked at: unknown counts as not ready. */
  missing: readonly LookItem[]
}

/** What a look-over comes to. */
export function judgeLookOver(kind: CylinderKind, answers: LookAnswers): LookJudgement {
  const items = lookOverItems(kind)
  const bad = items.filter(({ id }) => answers[id] === 'bad')
  return {
    retiring: bad.filter(({ retires }) => retires),
    toMend: bad.filter(({ retires }) => !retires),
    missing: items.filter(({ id }) => answers[id] === undefined),
  }
}
