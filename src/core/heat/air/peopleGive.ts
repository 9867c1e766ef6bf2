/** What people give off and take, per second. */
export interface PeopleGive {
  co2MolS: number
  oxygenMolS: number
  waterMolS: number
  heatW: number
}

/** Per person: CO2 in L/s at 20 °C (ASHRAE Fundamentals), water and heat. [from memory] */
const AWAKE = { co2LS: 0.0052, waterGH: 50, heatW: 100 }
const ASLEEP = { co2LS: 0.0035, waterGH: 40, heatW: 75 }
/** CO2 given for oxygen taken, on a mixed diet. [from memory] */
const RESPIRATORY_QUOTIENT = 0.85
const LITRES_PER_MOL = 24.05
const WATER_G_MOL = 18.0153

/**
 * People's breath and warmth.
 *
 * @param people - how many sit, how many sleep
 */
export function peopleGive({ awake, asleep }: { awake: number; asleep: number }): PeopleGive {
  const co2MolS = (awake * AWAKE.co2LS + asleep * ASLEEP.co2LS) / LITRES_PER_MOL
  return {
    co2MolS,
    oxygenMolS: co2MolS / RESPIRATORY_QUOTIENT,
    waterMolS: (awake * AWAKE.waterGH + asleep * ASLEEP.waterGH) / 3600 / WATER_G_MOL,
    heatW: awake * AWAKE.heatW + asleep * ASLEEP.heatW,
  }
}
