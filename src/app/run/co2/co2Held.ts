/** A CO2 cylinder for the pages here. */
export interface Co2Held {
  gasKg: number
  waterCapacityKg: number
  tareKg: number
  altitudeM: number
}
