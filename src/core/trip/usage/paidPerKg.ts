/** A fill with what it put in and what it cost. */
export interface PaidFill {
  addedKg: number
  paid: number
}

/**
 * Money for each kilogram that was put in.
 *
 * @param fills - with what they put in and cost
 * @returns null without one
 */
export function paidPerKg(fills: readonly PaidFill[]): number | null {
  const addedKg = fills.reduce((sum, fill) => sum + fill.addedKg, 0)
  return addedKg > 0 ? fills.reduce((sum, { paid }) => sum + paid, 0) / addedKg : null
}
