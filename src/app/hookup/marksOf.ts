import type { LineCheck } from '@/core/hookup/checks/checkLine'
import type { MarkState } from '@/ui/figures/StateMark'

/** The worst that is said about each part and joint; notes mark nothing. */
export function marksOf({ findings }: LineCheck): Map<string, MarkState> {
  const about = new Map<string, MarkState>()
  for (const { remedy, severity } of findings) {
    const { about: id } = remedy
    if (id === undefined || severity === 'note') continue
    about.set(id, about.get(id) === 'stop' ? 'stop' : severity)
  }
  return about
}
