import { decant, SQUEEZE_GAMMA, STEEL_J_KG_K, type DecantInput } from './decant'

export interface DecantBand {
  lowKg: number
  highKg: number
}

/** How far the model's own numbers may be off: a hand's guess of both temperatures, the wall's heat, the squeeze. */
const STRAY = { temperatureK: 2, wallShare: 0.2, gammas: [1.05, 1.2] } as const

/**
 * How far an estimate of decanting may be off with everything as told.
 *
 * A band of the model, not a bound: a cold bottle left on goes on past it.
 *
 * @param input - as for decant
 * @throws InputError as decant does
 */
export function decantBand(input: DecantInput): DecantBand {
  const { wallHeatJKgK = STEEL_J_KG_K, gamma = SQUEEZE_GAMMA } = input
  const outcomes = [-1, 1].flatMap((side) =>
    [...STRAY.gammas, gamma].map((tried) => {
      const bottleTemperatureK = input.bottleTemperatureK + side * STRAY.temperatureK
      return decant({
        ...input,
        gamma: tried,
        wallHeatJKgK: wallHeatJKgK * (1 + side * STRAY.wallShare),
        bottleTemperatureK,
        // A supply told as warm as the bottle is not made the colder one by the band.
        supplyTemperatureK:
          input.supplyTemperatureK >= input.bottleTemperatureK
            ? Math.max(bottleTemperatureK, input.supplyTemperatureK - side * STRAY.temperatureK)
            : input.supplyTemperatureK,
      }).expectedNetKg
    }),
  )
  return { lowKg: Math.min(...outcomes), highKg: Math.max(...outcomes) }
}
