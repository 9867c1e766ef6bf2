/**
 * Uniform random numbers that are the same for the same seed.
 *
 * @param seed - any integer
 * @returns numbers from 0 up to 1
 * @see mulberry32, a 32-bit generator in the public domain [from memory]
 */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), state | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296
  }
}

/** One of several, each as likely. */
export function pick<Value>(random: () => number, values: readonly [Value, ...Value[]]): Value {
  return values[Math.floor(random() * values.length)] ?? values[0]
}

/** A number between two others. */
export const between = (random: () => number, low: number, high: number): number => low + (high - low) * random()
