/** One cooking or washing activity, with its burning time or hot water. [common practice] */
interface Activity {
  id: string
  /** Words owners use for it, in the singular; plurals are recognized. */
  words: readonly string[]
  /** Hour of the clock at which it is done. */
  atH: number
  /** Burning time of one burner. */
  burnS?: number
  /** Hot water at 40 °C. */
  liters?: number
}

const MINUTE_S = 60

/** Daily activities, in the order of the day. */
export const activities: readonly Activity[] = [
  { id: 'coffee', words: ['coffee', 'espresso'], atH: 7.5, burnS: 6 * MINUTE_S },
  { id: 'tea', words: ['tea', 'cocoa', 'kettle'], atH: 16, burnS: 5 * MINUTE_S },
  { id: 'breakfast', words: ['breakfast', 'porridge', 'pancake', 'egg'], atH: 8, burnS: 15 * MINUTE_S },
  { id: 'lunch', words: ['lunch', 'noodle'], atH: 12.5, burnS: 15 * MINUTE_S },
  { id: 'soup', words: ['soup'], atH: 18, burnS: 20 * MINUTE_S },
  { id: 'dinner', words: ['dinner', 'supper', 'meal', 'stew'], atH: 18.5, burnS: 40 * MINUTE_S },
  { id: 'bread', words: ['bread', 'baking', 'pizza', 'roast', 'cake'], atH: 17, burnS: 60 * MINUTE_S },
  { id: 'shower', words: ['shower'], atH: 7, liters: 20 },
  { id: 'dishes', words: ['dish', 'dishe', 'washing-up'], atH: 19.5, liters: 6 },
  { id: 'wash', words: ['wash', 'shave'], atH: 8, liters: 3 },
]

/** Activities read from the owner’s text. */
interface ActivitiesRead {
  done: readonly { act: Activity; count: number }[]
  /** Words that match no activity. */
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

/** Also read as one. */
const articles = new Set(['a', 'an'])

/** Largest count per day that is accepted. */
const MAX = 50

function countOf(word: string): number | null {
  const named = numbers[word]
  if (named !== undefined) return named
  const number = Number(word.replace(/[x×]$/, '').replace(',', '.'))
  return Number.isFinite(number) && word !== '' ? number : null
}

function findActivity(word: string): Activity | undefined {
  const bare = word.replace(/s$/, '')
  return activities.find(({ words }) => words.includes(word) || words.includes(bare))
}

/**
 * Reads daily activities from text: “two coffees, one dinner, two showers”.
 *
 * @param text - as an owner writes it; commas, “and” and a line’s end part the things
 * @returns each activity with its count, and the words that were not recognized
 */
export function readActivities(text: string): ActivitiesRead {
  const counts = new Map<Activity, number>()
  const unknown: string[] = []
  let count: number | null = null
  let counted = ''
  // A point or comma between digits belongs to a number.
  for (const word of text.toLowerCase().split(/[\s;+&]+|(?<!\d)[,.]+|[,.]+(?!\d)/u)) {
    if (word === '' || idle.has(word)) continue
    const number = countOf(word)
    if (number !== null) {
      // The article of “half a coffee” counts nothing.
      if (count !== null && articles.has(word)) continue
      // A number of nothing, such as the first of “2 40”, is told.
      if (count !== null) unknown.push(counted)
      count = number
      counted = word
      if (number > MAX || number < 0) unknown.push(word)
      continue
    }
    const act = findActivity(word)
    if (act) counts.set(act, (counts.get(act) ?? 0) + Math.min(MAX, Math.max(0, count ?? 1)))
    else unknown.push(word)
    count = null
  }
  if (count !== null) unknown.push(counted)
  return { done: [...counts].map(([act, times]) => ({ act, count: times })), unknown }
}
