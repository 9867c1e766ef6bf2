import { endOfDay, parseISO, startOfDay } from 'date-fns'
import { isDay } from '@/core/time/day'
import { logNames, type LogFilter } from '@/services/log/logbook'
import { groupFacts, logGroups, logTitles, type LogGroup } from './logKinds'

/** Filter of the logbook in the address. */
export interface LogSearch {
  group: LogGroup | ''
  text: string
  from: string
  to: string
  page: number
}

type WorkerJob = Readonly<Record<string, string | string[] | undefined>>

const LONGEST = 100
const BEGINNING = '0000'
const END = '9999'

/** Reads the filter from the address; invalid values are ignored. */
export function readLogSearch(asked: WorkerJob): LogSearch {
  const one = (name: string): string => {
    const value = asked[name]
    return typeof value === 'string' ? value.slice(0, LONGEST) : ''
  }
  const page = Number(one('page'))
  return {
    group: logGroups.find((group) => group === one('kind')) ?? '',
    text: one('search').trim(),
    from: isDay(one('from')) ? one('from') : '',
    to: isDay(one('to')) ? one('to') : '',
    page: Number.isInteger(page) && page >= 1 && page < 100_000 ? page : 1,
  }
}

/** Filter for the repository; its days begin at midnight where the owner is. */
export function filterOf({ group, text, from, to }: LogSearch): LogFilter {
  const sought = text.toLowerCase()
  return {
    names: group === '' ? [] : groupFacts[group].kinds,
    search: text,
    searchedNames: text === '' ? [] : logNames.filter((name) => logTitles[name].toLowerCase().includes(sought)),
    fromIso: from === '' ? BEGINNING : startOfDay(parseISO(from)).toISOString(),
    toIso: to === '' ? END : endOfDay(parseISO(to)).toISOString(),
  }
}
