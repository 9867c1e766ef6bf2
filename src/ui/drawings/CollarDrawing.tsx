import type { StampMeaning, StampPart } from '@/core/cylinders/stamps/stampReading'
import { PhraseText } from '@/ui/figures/Amount'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const meaningLabels: Readonly<Record<StampMeaning, string>> = {
  tare: 'TW',
  'water-capacity': 'WC',
  net: 'net',
  specification: 'kind',
  manufactured: 'made',
  mark: 'mark',
  requalifier: 'requalifier',
  pressure: 'pressure',
  valve: 'valve',
  gas: 'gas',
  serial: 'serial',
  unread: 'not understood',
}

/**
 * The collar as it was typed, piece by piece in its order, each with what it was read as; what was not understood is
 * marked and stays.
 */
export function CollarDrawing({ parts }: { parts: readonly StampPart[] }) {
  return (
    <div className="collar" role="group" aria-label={sharedLabels.theCollarAsRead}>
      <svg viewBox="0 0 600 34" preserveAspectRatio="none" aria-hidden="true">
        <path d="M4 34V22Q4 6 30 6H570Q596 6 596 22V34" fill="none" stroke="#17302b" strokeWidth="5" />
      </svg>
      <ul>
        {parts.map(({ text, meaning, reads, issue }, i) => (
          <li key={`${i} ${text}`} className={meaning === 'unread' ? 'unread' : ''}>
            <span className="stamped">{text}</span>
            <span className="means">{meaningLabels[meaning]}</span>
            <span className="reads">{issue ?? <PhraseText phrase={reads} />}</span>
          </li>
        ))}
        {parts.length === 0 && <li className="hint">Nothing typed yet.</li>}
      </ul>
    </div>
  )
}
