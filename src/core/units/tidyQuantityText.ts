const vulgarFractions: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}

/**
 * Brings a typed quantity into plain characters: one kind of minus, quote and space, fractions written out.
 *
 * @param text - as typed or pasted
 * @returns lower-case text without surrounding spaces
 * @example tidyQuantityText('1½ IN') // '1 1/2 in'
 */
export function tidyQuantityText(text: string): string {
  return text
    .replace(/[¼½¾⅓⅔⅛⅜⅝⅞]/g, (sign) => ` ${vulgarFractions[sign]}`)
    .replace(/[−–—]/g, '-')
    .replace(/[′’‘]/g, "'")
    .replace(/[″“”]|''/g, '"')
    .replace(/º|˚/g, '°')
    .replace(/²/g, '2')
    .replace(/³/g, '3')
    .replace(/(?<=\d)[\u202f\u2009\u00a0](?=\d{3})/g, '')
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase()
}
