import { InputError } from '@/core/base/InputError'

/**
 * Reads one number as people write it: `31.4`, `17,5`, `9,000`, `1 1/2`, `3/8`.
 *
 * A comma before exactly three digits parts thousands in US units. With a metric unit it could be either, and
 * a thousandfold mistake is not to be guessed at, so it is refused.
 *
 * @param family - of the unit that follows
 * @param path - field path for errors
 * @throws InputError when ambiguous or when a fraction has nothing below its line
 */
export function readNumber(numberText: string, family: 'us' | 'metric', path: string): number {
  const fraction = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(numberText)
  if (fraction) {
    const [, whole = '0', over = '0', under = '0'] = fraction
    if (Number(under) === 0)
      throw new InputError(path, `${over}/${under} is not a fraction: nothing can be divided by 0.`)
    return Number(whole) + Number(over) / Number(under)
  }
  if (/^[1-9]\d{0,2}(,\d{3})+(\.\d+)?$/.test(numberText)) {
    const oneComma = numberText.indexOf(',') === numberText.lastIndexOf(',')
    if (family === 'metric' && oneComma && !numberText.includes('.')) {
      const joined = numberText.replace(',', '')
      const pointed = numberText.replace(',', '.')
      throw new InputError(path, `“${numberText}” could mean ${joined} or ${pointed}. Write it without the comma.`)
    }
    return Number(numberText.replaceAll(',', ''))
  }
  return Number(numberText.replace(',', '.'))
}
