import type { LearnedUse } from '@/core/run/learnedUse'
import { Amount } from '@/ui/figures/Amount'

/** Beside hours or a habit to which something learned was applied. */
interface TaughtTextProps {
  /** Null or absent where the hours count as entered. */
  taught: LearnedUse | null | undefined
}

/** How much of the hours counts, by which trip, and how to undo it; new hours count as entered. */
export function TaughtText({ taught }: TaughtTextProps) {
  if (!taught) return null
  return (
    <p className="hint mb-0">
      Counted at <Amount quantity={{ value: taught.factor, role: 'share' }} />, as the weigh-ins of {taught.from} taught
      {taught.isShared && ' for all on the same cylinders together'}. Other hours count as you enter them. To undo it,
      take it back on that trip’s page “On the way”.
    </p>
  )
}
