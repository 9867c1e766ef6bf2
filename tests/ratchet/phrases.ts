import { shownTexts } from './shownTexts'

/** Phrases of an earlier wording that screens should lose. Matched in text of TSX and in string literals. */
const phrases = [
  /what is to be said/i,
  /\bis to be [a-z]+ed\b/,
  /\breckon/i,
  /\bnobody knows\b/i,
  /\bat hand\b/i,
  /\bstands? (on|at|in)\b/,
  /\btold\b/,
  /\bwants? (a|an|to|turning|entering)\b/,
  /\btaken? in\b/i,
  /\bput(s|ting)? (it |this \w+ )?away\b/i,
  /\bmend(ed|s)?\b/i,
  /\bmore than nothing\b/,
  /\bless than nothing\b/,
  /\bvapour\b|\bcolour|\blitre|\btyre|\bgrey\b/i,
  /\bwould take it\b/,
  /\bleave it\b/i,
  /\btorch\b/i,
]

/** Forbidden phrases in the texts that a file may show. */
export function forbiddenPhrases(file: string): string[] {
  return shownTexts(file).flatMap((text) =>
    phrases.filter((phrase) => phrase.test(text)).map(() => `${file}: ${text.trim().slice(0, 80)}`),
  )
}

const MOST_WORDS = 20

/** Markup and style sheets are no sentences. */
const isMarkup = (text: string): boolean => /<\w|\{[\w-]+:/.test(text)

/** Sentences of more than 20 words that a file may show. */
export function longSentences(file: string): string[] {
  return shownTexts(file)
    .filter((text) => !isMarkup(text))
    .flatMap((text) => text.split(/(?<=[.?!:])\s+/))
    .filter((sentence) => sentence.split(/\s+/).filter((word) => /\w/.test(word)).length > MOST_WORDS)
    .map((sentence) => `${file}: ${sentence.trim().slice(0, 80)}`)
}
