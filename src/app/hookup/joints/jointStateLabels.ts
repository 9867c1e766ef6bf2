import type { JointState } from '@/core/hookup/line/line'

/** Labels for how a joint was made. */
export const jointStateLabels: Readonly<Record<JointState, string>> = {
  'not-known': 'not known: to be looked at',
  'as-it-should': 'as it should be',
  taped: 'taped',
  bare: 'bare, nothing on the thread',
  'few-turns': 'under two turns, or against the thread',
  'wrong-way': 'turned the wrong way',
  wrenched: 'tightened with a tool',
  'old-washer': 'with its old washer',
  'one-wrench': 'without holding back',
}
