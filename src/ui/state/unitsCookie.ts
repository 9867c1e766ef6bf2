/** Cookie with the chosen unit system. */
export const UNITS_COOKIE = 'gold-kettle-units'
