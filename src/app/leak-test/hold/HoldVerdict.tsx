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
  cooled: {
    mark: 'fix-first',
    title: 'It cooled down: no good test',
    says: 'The cold should have lowered it, and it did not: gas may come after. Repeat it at a steady temperature, gas off meanwhile.',
  },
  high: {
    mark: 'fix-first',
    title: 'Begun too high: no test',
    says: 'Gas from before the regulator, or liquid that boils, makes up for a leak and hides it. Burn the line down into the range above, shut everything, hold again.',
  },
  low: {
    mark: 'fix-first',
    title: 'Begun too low: no test',
    says: 'So little pressure shows no leak. Open the gas, shut it, burn the line down into the range above, and hold again.',
  },
  cold: {
    mark: 'fix-first',
    title: 'Too cold: no test',
    says: 'Below 20 °F the gauge tells nothing on this side. Soap it, with a soap for the cold of the day.',
  },
  short: {
    mark: 'fix-first',
    title: 'Held too short: no test',
    says: 'Three minutes on a water column or a gauge of single psi, 15 minutes on a dial: a slow leak needs them to show.',
  },
  long: {
    mark: 'fix-first',
    title: 'Held too long: no test',
    says: 'Over an hour the gas that is caught condenses and boils with the weather, by 1.5 psi for each °F. It never counts overnight.',
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
