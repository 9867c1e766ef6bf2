/** Name of the cookie that keeps the chosen family of units in this browser. */
export const UNITS_COOKIE = 'gold-kettle-units'
