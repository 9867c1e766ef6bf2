/** Ways to fill a vessel, in the order of the pages. */
export const fillModes = ['pump', 'by-weight', 'onboard', 'bottles', 'co2'] as const

export type FillMode = (typeof fillModes)[number]

/**
 * Rules for filling one-pound bottles from a larger cylinder.
 *
 * - `never`: bought or filled by an attendant
 * - `home`: any bottle, for use at home, to three quarters, never carried
 * - `refillable`: only bottles marked refillable
 */
export const bottleFillRules = ['never', 'home', 'refillable'] as const

export type BottleFillRule = (typeof bottleFillRules)[number]

/** Limit of the `home` rule: three quarters of the net weight. [common practice] */
export const HOME_SHARE = 0.75

export const DEFAULT_BOTTLE_FILL_RULE: BottleFillRule = 'refillable'
