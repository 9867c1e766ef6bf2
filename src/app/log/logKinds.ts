import type { LogName } from '@/services/log/logbook'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Key of a line: two kinds may share an identifier. */
export function logKey({ of, id }: { of: LogName | null; id: string }): string {
  return `${of} ${id}`
}

/** How each kind of line is called. */
export const logTitles: Readonly<Record<LogName, string>> = {
  weighing: 'Weighed',
  reading: 'Gauge or height read',
  fill: 'Filled',
  swap: 'Swapped',
  mark: 'Requalified',
  'look-over': 'Cylinder looked over',
  look: 'Equipment looked at',
  'line-change': 'Line changed',
  'leak-test': 'Soap test',
  soaping: 'Place soaped',
  closing: 'Soap test closed',
  'hold-test': 'Hold test',
  'warm-up': 'Warm-up logged',
  tick: 'Step ticked',
  acceptance: 'Finding accepted',
  lesson: 'Use learned',
  verdict: 'Verdict kept',
  drill: 'Drill played',
  rehearsal: 'Emergencies rehearsed',
  fault: 'Fault',
}

export const logGroups = ['gas', 'condition', 'line', 'heat', 'steps', 'trip', 'practice'] as const

/** Kinds that are looked for together. */
export type LogGroup = (typeof logGroups)[number]

export const groupFacts: Readonly<Record<LogGroup, { name: string; kinds: readonly LogName[] }>> = {
  gas: { name: sharedLabels.gas, kinds: ['weighing', 'reading', 'fill', 'swap'] },
  condition: { name: 'Dates and condition', kinds: ['mark', 'look-over', 'look'] },
  line: { name: 'Line and leaks', kinds: ['line-change', 'leak-test', 'soaping', 'closing', 'hold-test'] },
  heat: { name: 'Heat', kinds: ['warm-up'] },
  steps: { name: 'Steps', kinds: ['tick'] },
  trip: { name: 'Trips and verdicts', kinds: ['acceptance', 'lesson', 'verdict'] },
  practice: { name: 'Practice', kinds: ['drill', 'rehearsal', 'fault'] },
}
