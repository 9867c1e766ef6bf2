import type { BurnSpan } from './burnSpans'

/**
 * Gas burnt between two moments, a span that reaches over them counted by its share of time.
 *
 * @param spans - from burnSpans
 * @param fromMs - milliseconds since 1970
 * @param toMs - later than `fromMs`
 */
export function burntBetween(spans: readonly BurnSpan[], fromMs: number, toMs: number): number {
  return spans.reduce((sum, span) => {
    const sharedMs = Math.min(toMs, span.toMs) - Math.max(fromMs, span.fromMs)
    const lengthMs = span.toMs - span.fromMs
    if (lengthMs <= 0) return sum + (span.toMs > fromMs && span.toMs <= toMs ? span.kg : 0)
    return sharedMs > 0 ? sum + (span.kg * sharedMs) / lengthMs : sum
  }, 0)
}
