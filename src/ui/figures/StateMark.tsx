import type { Severity } from '@/core/findings/Finding'
import type { Verdict } from '@/core/findings/verdict'

export type MarkState = Verdict | Severity | 'empty' | 'none'

/** Labels of the states. */
export const stateLabels: Readonly<Record<MarkState, string>> = {
  ready: 'ready',
  'your-call': 'your call',
  'fix-first': 'fix first',
  stop: 'stop',
  note: 'note',
  empty: 'nothing entered',
  none: '',
}

/** The shape of a state, drawn around the origin; for use inside an svg. */
export function MarkShape({ state }: { state: MarkState }) {
  switch (state) {
    case 'ready':
      return <circle r="9" fill="#23573f" stroke="#fffdf6" strokeWidth="2" />
    case 'your-call':
      return (
        <>
          <circle r="8.5" fill="#fffdf6" stroke="#7a4c00" strokeWidth="4" />
          <path d="M0 -4.5V1.5M0 4.6v.1" stroke="#7a4c00" strokeWidth="3" strokeLinecap="round" />
        </>
      )
    case 'fix-first':
      return (
        <>
          <path d="M0 -11 11 0 0 11 -11 0Z" fill="#fffdf6" stroke="#17302b" strokeWidth="2" />
          <path d="M0 -11 11 0H-11Z" fill="#17302b" />
        </>
      )
    case 'stop':
      return (
        <>
          <path d="M-4.5 -11h9l6.5 6.5v9L4.5 11h-9L-11 4.5v-9Z" fill="#9c2f1f" stroke="#fffdf6" strokeWidth="2" />
          <path d="M-6.5 0h13" stroke="#fffdf6" strokeWidth="4" />
        </>
      )
    case 'note':
      return <path d="M-7 -9H7V9H-7ZM-3.5 -4h7M-3.5 0h7M-3.5 4h4" fill="#fffdf6" stroke="#3f5650" strokeWidth="2" />
    case 'empty':
      return <circle r="8" fill="none" stroke="#fffdf6" strokeWidth="2" strokeDasharray="4 3" />
    case 'none':
      return null
  }
}

/** Only the shape; the word is in the text beside it. */
export function StateMark({ state, size = 28 }: { state: MarkState; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="-14 -14 28 28" aria-hidden="true">
      <MarkShape state={state} />
    </svg>
  )
}
