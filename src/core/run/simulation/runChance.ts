/** How one run of many differs from the plan. */
export interface RunChance {
  /** Warmer or colder than the forecast at a moment. */
  offsetK: (timeS: number) => number
  windFactor: number
  /** More or less than the habit, by appliance. */
  factorOf: (applianceId: string) => number
}
