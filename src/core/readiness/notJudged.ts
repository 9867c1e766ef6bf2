import type { Finding, Station } from '@/core/findings/Finding'

interface Gap {
  code: string
  station: Station
  what: string
  why: string
}

/** What a trip rests on that this version cannot judge. Each entry goes when its station is built. */
const gaps: readonly Gap[] = [
  {
    code: 'heat-not-judged',
    station: 'heat',
    what: 'Clearances, air and alarms are not judged yet.',
    why: 'A heater uses up the air and sets fire to what is near. Its manual has the numbers; a working CO alarm comes first.',
  },
]

/** One finding for each thing a trip rests on that nobody has judged: unknown counts as not ready. */
export function notJudged(): Finding[] {
  return gaps.map(({ code, station, what, why }) => ({
    code,
    station,
    severity: 'fix-first',
    sentence: { text: what },
    reason: { text: why },
    remedy: { label: 'What to do by hand', station },
    basis: [],
  }))
}
