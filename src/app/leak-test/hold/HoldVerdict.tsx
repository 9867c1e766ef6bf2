import type { HoldOutcome } from '@/core/leak-test/hold/holdOutcome'
import { StateMark } from '@/ui/figures/StateMark'

const words: Readonly<Record<HoldOutcome, { mark: 'ready' | 'fix-first' | 'stop'; title: string; says: string }>> = {
  held: {
    mark: 'ready',
    title: 'Held',
    says: 'No fall. It tells nothing of the side at cylinder pressure: that is soaped, or held with its own gauge.',
  },
  fell: {
    mark: 'stop',
    title: 'Fell: it leaks',
    says: 'Any fall fails, whatever the temperature did. Find it branch by branch below and with soap, repair it, hold it again.',
  },
  rose: {
    mark: 'fix-first',
    title: 'Rose: no good test',
    says: 'Warmth does that: 1 °C lifts it by 1.4 in WC and can hide a leak. Or the valve does not shut. Repeat it in the shade.',
  },
  warmed: {
    mark: 'fix-first',
    title: 'It warmed up: no good test',
    says: 'The warmth should have lifted it, and it did not: a leak may be hidden. Repeat it at a steady temperature.',
  },
  high: {
    mark: 'fix-first',
    title: 'Begun too high',
    says: 'At lock-up gas from before the regulator makes up for a leak and hides it. Burn the line down to 8 in WC, shut everything, hold again.',
  },
  short: {
    mark: 'fix-first',
    title: 'Held too short',
    says: 'Three minutes at least: a slow leak needs them to show.',
  },
}

/** What a hold test came to. */
export function HoldVerdict({ outcome }: { outcome: HoldOutcome }) {
  const { mark, title, says } = words[outcome]
  return (
    <div className={`verdict ${mark === 'fix-first' ? '' : mark}`} role="status">
      <StateMark state={mark} size={44} />
      <div>
        <strong>{title}</strong>
        <p>{says}</p>
      </div>
    </div>
  )
}
