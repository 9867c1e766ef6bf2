import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import type { Heater } from '@/core/heat/heaters/heater'
import type { Room } from '@/core/heat/room/room'
import { roomAirSchema, type RoomAirInput } from '@/core/heat/air/roomAirInput'
import type { KnownWarmth } from '@/core/heat/warmth/roomWarmth'

export const heaterModes = ['off', 'low', 'high', 'thermostat'] as const

export type HeaterMode = (typeof heaterModes)[number]

/** A night as it is entered; all in SI. */
export interface Night {
  heaterId: string | null
  mode: HeaterMode
  /** It is turned off after this; null: it burns on. */
  untilS: number | null
  thermostatK: number
  asleep: number
  awake: number
  outsideK: number
  outsideHumidity: number
  startK: number
  hoursS: number
  windMS: number
}

/**
 * Input of the air model for a night.
 *
 * @param night - as entered
 * @param room - with its present openings
 * @param heater - that burns; null for none
 * @param warmth - of the room
 * @param altitudeM - of the place
 */
export function nightInput(
  night: Night,
  room: Room,
  heater: Heater | null,
  warmth: KnownWarmth,
  altitudeM: number,
): RoomAirInput {
  const { mode, untilS, thermostatK, asleep, awake, outsideK, outsideHumidity, startK, hoursS, windMS } = night
  const inputs: Readonly<Record<HeaterMode, number>> = {
    off: 0,
    low: heater?.lowW ?? 0,
    high: heater?.highW ?? 0,
    thermostat: heater?.highW ?? 0,
  }
  return roomAirSchema.parse({
    room,
    windMS,
    heaterW: inputs[mode],
    ...(mode === 'thermostat' && { thermostatK }),
    ...(untilS !== null && { heaterUntilS: untilS }),
    vented: heater?.vented ?? false,
    oxygenCutOff: heater?.oxygenCutOff === 'yes',
    catalytic: heater?.kind === 'catalytic-panel',
    people: { asleep, awake },
    outside: {
      temperatureK: outsideK,
      relativeHumidity: outsideHumidity,
      pressurePa: standardAtmospherePa(altitudeM),
    },
    startK,
    fabricWPerK: warmth.fabricWPerK,
    capacityJPerK: warmth.airCapacityJPerK,
    durationS: hoursS,
  })
}
