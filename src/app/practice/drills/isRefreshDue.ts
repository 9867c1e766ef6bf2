import type { StoredDrill } from '@/services/practice/practice'

/** Half a year: a drill played last season is played again before the next. [common practice] */
const FRESH_MS = 182 * 86_400_000

/** Whether a drill should be played again: its last good end is long ago, or it last ended badly. */
export function isRefreshDue(runs: readonly Pick<StoredDrill, 'result' | 'finishedAt'>[], nowIso: string): boolean {
  const [last] = runs
  const good = runs.find(({ result }) => result === 'good')
  if (!last) return false
  return last.result === 'bad' || !good || Date.parse(nowIso) - Date.parse(good.finishedAt) > FRESH_MS
}
