import { COMPOSITE_WORDS } from './readSpecification'

/** What a pattern found on the collar. */
export type StampToken =
  | { type: 'specification'; text: string }
  | { type: 'weight'; of: 'tare' | 'water-capacity' | 'net'; number: string; unit: string }
  | { type: 'water-gallons'; number: string }
  | { type: 'pressure'; number: string }
  | { type: 'serial' }
  | { type: 'valve' }
  | { type: 'gas'; gas: 'propane' | 'co2' }
  | { type: 'non-refillable' }
  | { type: 'fixed' }
  | {
      type: 'date'
      month: string
      year: string
      requalifier: string | null
      letter: string | null
      label: 'made' | 'mark' | null
    }
  | { type: 'letter'; letter: string }
  | { type: 'maybe-date'; month: string; year: string }
  | { type: 'requalifier'; number: string }
  | { type: 'unread' }

export interface PlacedToken {
  token: StampToken
  from: number
  to: number
}

const CLAIMED = '\u0001'
const UNIT = String.raw`(?:(LBS?|#|KGS?|OZ|G|LITERS?|LITRES?|L)(?![A-Z])\.?)?`
const NUMBER = String.raw`(\d+(?:[.,]\d+)?)(?![\d.,]*\d)`
// The same weight in the other units, as Canadian collars carry it.
const AGAIN = String.raw`(?:\s*[/(]\s*\d+(?:[.,]\d+)?\s*(?:LBS?|KGS?)\b\.?\)?)?`
const LABEL = String.raw`(T\s?\.?\s?W(?![A-Z])\.?T?\.?|TARE(?:\s*W(?:EIGH)?T\.?)?(?![A-Z])|T\.?(?=\s*[:=]?\s*\d)|W\s?\.?\s?C(?![A-Z])\.?|WATER\s?CAP(?:ACITY)?(?![A-Z])\.?|NET(?:\s*W(?:EIGH)?T\.?)?(?![A-Z]))`

const SPACED_DATE = /^\s*(?:0[1-9]|1[0-2])\s+(?:[A-Z]\d{3,6}\s+)?(?:\d{4}|\d{2})(?![\d.,]*\d)/

function labelled(label: string): 'tare' | 'water-capacity' | 'net' {
  if (label.startsWith('T')) return 'tare'
  return label.startsWith('W') ? 'water-capacity' : 'net'
}

/** Same length as the text, so that positions match. */
function plain(text: string): string {
  return (
    text
      .replace(/[a-z]/g, (letter) => letter.toUpperCase())
      .replace(/[–—−]/g, '-')
      // Around a requalifier's number some stamps have bullets, squares or brackets.
      .replace(/[•●◦∙■□▪▫◼◻▢⬛⬜[\]]/g, ' ')
      .replace(/\s/g, ' ')
  )
}

/** Some collars print the number before its letters: then the last letters have no number after them. */
function numbersComeFirst(text: string): boolean {
  const labels = [...text.matchAll(new RegExp(String.raw`(?<![A-Z])${LABEL}`, 'g'))]
  const first = labels[0]
  const last = labels.at(-1)
  if (!first || !last) return false
  const before = new RegExp(String.raw`(?<![-/\d])${NUMBER}\s*${UNIT}\s*$`).test(text.slice(0, first.index))
  const after = text.slice(last.index + last[0].length)
  const behind =
    new RegExp(String.raw`^\s*[:=]?\s*${NUMBER}(?![-/])\s*${UNIT}(?![A-Z])`).test(after) && !SPACED_DATE.test(after)
  return before && !behind
}

type Claim = [pattern: RegExp, read: (match: RegExpExecArray) => StampToken | null]

const isMonth = (digits: string): boolean => Number(digits) >= 1 && Number(digits) <= 12

function readDate(match: RegExpExecArray): StampToken | null {
  const [, label, lead, month = '', separator = '', requalifier, , year = '', letter] = match
  const marked = requalifier !== undefined
  // A dash or slash marks a date even with a wrong month; a space or point only when the result is a valid date.
  const sure = marked || /[-/]/.test(separator)
  if (!sure && !(isMonth(month) && (separator.includes('.') || month.length === 2))) return null
  return {
    type: 'date',
    month,
    year,
    requalifier: requalifier ?? null,
    letter: letter ?? lead ?? null,
    label: label === undefined ? null : /^R/.test(label) ? 'mark' : 'made',
  }
}

const monthNames = ['JAN', 'FEB', 'MAR', 'APR', 'MAY', 'JUN', 'JUL', 'AUG', 'SEP', 'OCT', 'NOV', 'DEC']
const MONTH_NAME = String.raw`(?:JAN(?:UARY)?|FEB(?:RUARY)?|MAR(?:CH)?|APR(?:IL)?|MAY|JUNE?|JULY?|AUG(?:UST)?|SEPT?(?:EMBER)?|OCT(?:OBER)?|NOV(?:EMBER)?|DEC(?:EMBER)?)\.?`

function readNamedDate(match: RegExpExecArray): StampToken {
  const [, label, name, year, yearFirst, nameBehind] = match
  const month = monthNames.indexOf((name ?? nameBehind ?? '').slice(0, 3)) + 1
  return {
    type: 'date',
    month: String(month),
    year: year ?? yearFirst ?? '',
    requalifier: null,
    letter: null,
    label: label === undefined ? null : /^R/.test(label) ? 'mark' : 'made',
  }
}

const MADE = String.raw`(?:(MFG|MFD|MFR|DOM|MADE|BORN|RETEST(?:ED)?|REQ(?:UAL)?)\s*[.:]?\s*)?`
const SEPARATOR = String.raw`(\s*[-/.]\s*|\s+)`

const claims = (reversed: boolean): Claim[] => [
  [
    /(?<![A-Z0-9])(?:(?:DOT|TC|CTC|ICC)[\s-]*)(?:[34](?:AL|AA|BA|BW|B|E|A)M?[\s-]?\d{2,4}(?:ET)?|39M?(?:[\s-]*NRC(?![A-Z]))?(?:[\s-]*(?:\d{3}\/\d{3}|\d{2,3}(?![-/.\d]|\s+\d)))?M?|2[PQ]\d?|(?:SP|SU|E)[\s-]*\d{4,5})(?![A-Z0-9])/g,
    ([text]) => ({ type: 'specification', text }),
  ],
  [/(?<![A-Z0-9/.-])39M?[\s-]*NRC(?![A-Z0-9])/g, ([text]) => ({ type: 'specification', text })],
  [
    new RegExp(String.raw`(?<![A-Z0-9])(?:${COMPOSITE_WORDS})(?![A-Z0-9])`, 'g'),
    ([text]) => ({ type: 'specification', text }),
  ],
  // An authority or a standard with something behind it is a specification, understood or not.
  [
    /(?<![A-Z0-9])(?:(?:DOT|TC|CTC|ICC)[\s-]*(?=[A-Z]*\d)[A-Z0-9]+|(?:ISO|EN|UN)[\s-]*\d{4,5}(?:-\d)?)[A-Z0-9/-]*/g,
    ([text]) => ({ type: 'specification', text }),
  ],
  [
    /(?<![A-Z0-9-])[34](?:AL|AA|BA|BW|B|E|A)M?\d{2,4}(?:ET)?(?![A-Z0-9])/g,
    ([text]) => ({ type: 'specification', text }),
  ],
  [
    new RegExp(
      String.raw`(?<![A-Z0-9.])(?:(?:W\.?\s?G|WATER\s?GAL(?:LON)?S?)\b\.?\s*[:=]?\s*${NUMBER}|(?:W\.?\s?C\.?|WATER\s?CAP(?:ACITY)?)\s*[:=]?\s*${NUMBER}\s*(?:U\.?\s?S\.?\s*)?GAL(?:LON)?S?\b\.?|${NUMBER}\s*(?:U\.?S\.?\s*)?(?:W\.?\s?G\b\.?|WATER\s?GAL(?:LON)?S?\b|GAL(?:LON)?S?\s+(?:W\.?C\b\.?|WATER)))`,
      'g',
    ),
    ([, behind, labeled, before]) => ({ type: 'water-gallons', number: behind ?? labeled ?? before ?? '' }),
  ],
  reversed
    ? [
        new RegExp(String.raw`(?<![-/A-Z\d.])${NUMBER}\s*${UNIT}\s*${LABEL}`, 'g'),
        ([, number = '', unit = '', label = '']) => ({ type: 'weight', of: labelled(label), number, unit }),
      ]
    : [
        new RegExp(String.raw`(?<![A-Z])${LABEL}\s*[:=]?\s*${NUMBER}(?![-/]\d)\s*${UNIT}${AGAIN}`, 'g'),
        ([, label = '', number = '', unit = '']) => ({ type: 'weight', of: labelled(label), number, unit }),
      ],
  [
    /(?<![A-Z0-9])(?:S\/N|SN|SER(?:IAL)?(?:\s?NO)?|NO)\b\s*[.:#]?\s*[A-Z]{0,3}\d[A-Z0-9]{2,}/g,
    () => ({ type: 'serial' }),
  ],
  [
    /(?<![A-Z0-9])(?:(?:MAWP|SERVICE PRESSURE|SP|WP)\s*[:=]?\s*)?(\d{2,4})\s*PSI[G]?\b/g,
    ([, number = '']) => ({ type: 'pressure', number }),
  ],
  [/(?<![A-Z0-9])OPD(?![A-Z0-9])/g, () => ({ type: 'valve' })],
  [/(?<![A-Z0-9])(?:LP-?GAS|LPG|PROPANE|C3H8)(?![A-Z0-9])/g, () => ({ type: 'gas', gas: 'propane' })],
  [/(?<![A-Z0-9])(?:CO2|CARBON DIOXIDE)(?![A-Z0-9])/g, () => ({ type: 'gas', gas: 'co2' })],
  [/(?<![A-Z0-9])(?:NON[- ]?REFILLABLE|NRC|DO NOT REFILL)(?![A-Z0-9])/g, () => ({ type: 'non-refillable' })],
  [/(?<![A-Z0-9])ASME(?![A-Z0-9])/g, () => ({ type: 'fixed' })],
  [
    new RegExp(
      String.raw`(?<![A-Z0-9./-])${MADE}([ES](?=\d))?(\d{1,2})${SEPARATOR}(?:([A-Z]\d{3,6})${SEPARATOR})?(\d{4}|\d{2})([ES])?(?![A-Z0-9]|[./-]\d)`,
      'g',
    ),
    readDate,
  ],
  [
    /(?<![A-Z0-9./-])((?:19|20)\d\d)[-/.](\d{1,2})([ES])?(?![A-Z0-9]|[./-]\d)/g,
    ([, year = '', month = '', letter]) => ({
      type: 'date',
      month,
      year,
      requalifier: null,
      letter: letter ?? null,
      label: null,
    }),
  ],
  [
    new RegExp(
      String.raw`(?<![A-Z0-9./-])${MADE}(?:(${MONTH_NAME})[\s.,/-]*(\d{4}|\d{2})|((?:19|20)\d\d)[\s.,/-]*(${MONTH_NAME}))(?![A-Z0-9]|[./-]\d)`,
      'g',
    ),
    readNamedDate,
  ],
  [
    /(?<![A-Z0-9])(?:EXTERNAL|VISUAL|EXT\.?\s?VIS)(?:LY)?(?:[\s-]+(?:VISUAL|INSPECT(?:ED|ION)|INSP))?(?![A-Z0-9])\.?/g,
    () => ({ type: 'letter', letter: 'E' }),
  ],
  [/(?<![A-Z0-9])PROOF(?:[\s-]+(?:PRESSURE|TEST(?:ED)?))?(?![A-Z0-9])/g, () => ({ type: 'letter', letter: 'S' })],
  [/(?<![A-Z0-9])([ES])(?![A-Z0-9])/g, ([, letter = '']) => ({ type: 'letter', letter })],
  // 0320 and 4 05 may be a month and a year, or a number of the maker.
  [
    /(?<![A-Z0-9./-])(?:(0[1-9]|1[0-2])(\d\d)|([1-9])\s+(\d\d))(?![A-Z0-9]|[./-]\d)/g,
    ([, month, year, loneMonth, looseYear]) => ({
      type: 'maybe-date',
      month: month ?? loneMonth ?? '',
      year: year ?? looseYear ?? '',
    }),
  ],
  [/(?<![A-Z0-9])([A-Z]\d{3}|V\d{6})(?![A-Z0-9])/g, ([, number = '']) => ({ type: 'requalifier', number })],
  [
    new RegExp(String.raw`[^\s${CLAIMED},;|·]+`, 'g'),
    ([text]) => (/[\p{L}\p{N}]/u.test(text) ? { type: 'unread' } : null),
  ],
]

/**
 * Splits a collar into tokens. Text that matches no pattern becomes `unread`; nothing is dropped.
 *
 * @param text - as typed
 * @returns in the order of the text
 */
export function stampTokens(text: string): PlacedToken[] {
  let rest = plain(text)
  const found: PlacedToken[] = []
  for (const [pattern, read] of claims(numbersComeFirst(rest))) {
    for (const match of rest.matchAll(pattern)) {
      const token = read(match as RegExpExecArray)
      if (!token) continue
      const from = match.index
      const to = from + match[0].length
      found.push({ token, from, to })
      rest = rest.slice(0, from) + CLAIMED.repeat(to - from) + rest.slice(to)
    }
  }
  return found.toSorted((a, b) => a.from - b.from)
}
