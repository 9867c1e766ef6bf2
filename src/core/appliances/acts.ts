/** One thing that is cooked or washed, with its gas or its water. [common practice] */
export interface Act {
  id: string
  /** Words an owner may use for it, singular; plurals are known. */
  words: readonly string[]
  /** Hour of the clock at which it is done. */
  atH: number
  /** One burner, for so long. */
  burnS?: number
  /** Hot water at 40 °C. */
  litres?: number
}

const MINUTE_S = 60

/** What one does in a day, in the order of the day. */
export const acts: readonly Act[] = [
  { id: 'coffee', words: ['coffee', 'espresso'], atH: 7.5, burnS: 6 * MINUTE_S },
  { id: 'tea', words: ['tea', 'cocoa', 'kettle'], atH: 16, burnS: 5 * MINUTE_S },
  { id: 'breakfast', words: ['breakfast', 'porridge', 'pancake', 'egg'], atH: 8, burnS: 15 * MINUTE_S },
  { id: 'lunch', words: ['lunch', 'noodle'], atH: 12.5, burnS: 15 * MINUTE_S },
  { id: 'soup', words: ['soup'], atH: 18, burnS: 20 * MINUTE_S },
  { id: 'dinner', words: ['dinner', 'supper', 'meal', 'stew'], atH: 18.5, burnS: 40 * MINUTE_S },
  { id: 'bread', words: ['bread', 'baking', 'pizza', 'roast', 'cake'], atH: 17, burnS: 60 * MINUTE_S },
  { id: 'shower', words: ['shower'], atH: 7, litres: 20 },
  { id: 'dishes', words: ['dish', 'dishe', 'washing-up'], atH: 19.5, litres: 6 },
  { id: 'wash', words: ['wash', 'shave'], atH: 8, litres: 3 },
]
