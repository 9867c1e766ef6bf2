/** One row: specific gravity at 60 °F from and to, and the most propane in percent of the water capacity by weight. */
export type FillingDensityRow = readonly [fromGravity: number, toGravity: number, percent: number]

/**
 * Maximum permitted filling density of liquefied petroleum gases.
 *
 * @see 49 CFR 173.304a(d)(1) [from memory]
 */
export const fillingDensityRows: readonly FillingDensityRow[] = [
  [0.271, 0.289, 26],
  [0.29, 0.306, 27],
  [0.307, 0.322, 28],
  [0.323, 0.338, 29],
  [0.339, 0.354, 30],
  [0.355, 0.371, 31],
  [0.372, 0.398, 32],
  [0.399, 0.425, 33],
  [0.426, 0.44, 34],
  [0.441, 0.452, 35],
  [0.453, 0.462, 36],
  [0.463, 0.472, 37],
  [0.473, 0.48, 38],
  [0.481, 0.488, 39],
  [0.489, 0.495, 40],
  [0.496, 0.503, 41],
  [0.504, 0.51, 42],
  [0.511, 0.519, 43],
  [0.52, 0.527, 44],
  [0.528, 0.536, 45],
  [0.537, 0.544, 46],
  [0.545, 0.552, 47],
  [0.553, 0.56, 48],
  [0.561, 0.568, 49],
  [0.569, 0.576, 50],
  [0.577, 0.584, 51],
  [0.585, 0.592, 52],
  [0.593, 0.6, 53],
  [0.601, 0.608, 54],
  [0.609, 0.617, 55],
  [0.618, 0.626, 56],
  [0.627, 0.634, 57],
]

/** Commercial propane as sold at the pump: 42 percent. */
export const PROPANE_SPECIFIC_GRAVITY = 0.506

/**
 * Most CO2 in percent of the water capacity by weight.
 *
 * @see 49 CFR 173.304a(a)(2) [from memory]
 */
export const CO2_FILLING_PERCENT = 68
