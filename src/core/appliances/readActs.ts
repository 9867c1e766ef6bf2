import { acts, type Act } from './acts'

/** What was read out of the owner’s words. */
export interface ActsRead {
  done: readonly { act: Act; count: number }[]
  /** Words nothing here answers to. */
  unknown: readonly string[]
}

const numbers: Readonly<Record<string, number>> = {
  no: 0,
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  half: 0.5,
}
const idle = new Set([
  'and',
  'of',
  'the',
  'day',
  'per',
  'each',
  'every',
  'cup',
  'cups',
  'pot',
  'pots',
  'hot',
  'x',
  '×',
  'times',
])

/** Most of one thing in a day that is believed. */
const MOST = 50

function countOf(word: string): number | null {
  const named = numbers[word]
  if (named !== undefined) return named
  const number = Number(word.replace(/[x×]$/, '').replace(',', '.'))
  return Number.isFinite(number) && word !== '' ? number : null
}

function actOf(word: string): Act | undefined {
  const bare = word.replace(/s$/, '')
  return acts.find(({ words }) => words.includes(word) || words.includes(bare))
}

/**
 * Reads what is cooked and washed in a day: “two coffees, one dinner, two showers”.
 *
 * @param text - as an owner writes it; commas, “and” and a line’s end part the things
 * @returns each thing with its count; words that say nothing here, for the owner to change
 */
export function readActs(text: string): ActsRead {
  const counts = new Map<Act, number>()
  const unknown: string[] = []
  let count: number | null = null
  for (const word of text.toLowerCase().split(/[\s,;+&.]+/u)) {
    if (word === '' || idle.has(word)) continue
    const number = countOf(word)
    if (number !== null) {
      count = number
      if (number > MOST || number < 0) unknown.push(word)
      continue
    }
    const act = actOf(word)
    if (act) counts.set(act, (counts.get(act) ?? 0) + Math.min(MOST, Math.max(0, count ?? 1)))
    else unknown.push(word)
    count = null
  }
  return { done: [...counts].map(([act, times]) => ({ act, count: times })), unknown }
}
