import type { LineCheck } from '@/core/hookup/checks/checkLine'
import type { MarkState } from '@/ui/figures/StateMark'

/** Most severe finding of each part and joint, without notes. */
export function marksOf({ findings }: LineCheck): Map<string, MarkState> {
  const about = new Map<string, MarkState>()
  for (const { remedy, severity } of findings) {
    const { about: id } = remedy
    if (id === undefined || severity === 'note') continue
    about.set(id, about.get(id) === 'stop' ? 'stop' : severity)
  }
  return about
}
