/** A night to begin from, until the owner says otherwise. */
export const MILD_K = 278.15
export const COSY_K = 291.15
export const NIGHT_S = 10 * 3600
