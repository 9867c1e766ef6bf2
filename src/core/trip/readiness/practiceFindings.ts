import { makeFinding } from '@/core/findings/makeFinding'
import type { Finding } from '@/core/findings/Finding'

/** A fault that was found on the rig and is not repaired. */
export interface RecordedFault {
  id: string
  /** What it is, such as "Flow limiter tripped". */
  label: string
  /** Station that its part belongs to. */
  station: 'cylinders' | 'hookup' | 'heat' | 'run'
  /** The part as it was called. */
  partName: string
  foundAt: string
}

const codeOf = {
  cylinders: 'cylinder-fault-recorded',
  hookup: 'line-fault-recorded',
  heat: 'flame-fault-recorded',
  run: 'appliance-fault-recorded',
} as const

function faultFinding({ id, label, station, partName }: RecordedFault): Finding {
  const words = {
    text: '{fault}: {part}.',
    reason: 'This fault was found and is not repaired yet. Enter the repair when it is done.',
    parts: { fault: label, part: partName },
    about: id,
  }
  switch (station) {
    case 'cylinders':
      return makeFinding('cylinders', codeOf.cylinders, words)
    case 'hookup':
      return makeFinding('hookup', codeOf.hookup, words)
    case 'heat':
      return makeFinding('heat', codeOf.heat, words)
    case 'run':
      return makeFinding('run', codeOf.run, words)
  }
}

const YEAR_MS = 365 * 86_400_000

/**
 * Faults that are recorded and open, and a note when nobody rehearsed the emergencies within a year.
 *
 * @param facts - absent where nothing of the kind is known
 * @param nowIso - time to judge at
 */
export function practiceFindings(
  { recordedFaults = [], rehearsedAt }: { recordedFaults?: readonly RecordedFault[]; rehearsedAt?: string | null },
  nowIso: string,
): Finding[] {
  const isDue =
    rehearsedAt === null || (rehearsedAt !== undefined && Date.parse(nowIso) - Date.parse(rehearsedAt) > YEAR_MS)
  return [
    ...recordedFaults.map(faultFinding),
    ...(isDue
      ? [
          makeFinding('practice', 'rehearsal-due', {
            text: 'Nobody has rehearsed the emergencies this season.',
            reason: 'Who has walked the steps once does them in the dark. It takes 20 minutes with everybody aboard.',
          }),
        ]
      : []),
  ]
}
