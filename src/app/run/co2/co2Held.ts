/** A CO2 cylinder as the benches here use it. */
export interface Co2Held {
  gasKg: number
  waterCapacityKg: number
  tareKg: number
  altitudeM: number
}
