/** A fridge burns so much at 4 °C around it, and all the time at 38 °C. [common practice] */
const FRIDGE = { leastShare: 0.2, leastK: 277.15, fullK: 311.15 }

/** Share of the time that a fridge burns in such air. */
export function fridgeDuty(airK: number): number {
  const { leastShare, leastK, fullK } = FRIDGE
  return Math.min(1, Math.max(leastShare, leastShare + ((1 - leastShare) * (airK - leastK)) / (fullK - leastK)))
}
