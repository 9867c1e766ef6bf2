/** The ways a vessel is filled; one bench mode each, in the order they stand on the station. */
export const fillModes = ['pump', 'by-weight', 'onboard', 'bottles', 'co2'] as const

export type FillMode = (typeof fillModes)[number]

/**
 * Schools of filling one-pound bottles from a larger cylinder.
 *
 * - `never`: bought or filled by an attendant
 * - `home`: any bottle, for use at home, to three quarters, never carried
 * - `refillable`: only bottles marked refillable
 */
export const bottleFillRules = ['never', 'home', 'refillable'] as const

export type BottleFillRule = (typeof bottleFillRules)[number]

/** The home school's mark: three quarters of the net weight; common practice. */
export const HOME_SHARE = 0.75

export const DEFAULT_BOTTLE_FILL_RULE: BottleFillRule = 'refillable'
