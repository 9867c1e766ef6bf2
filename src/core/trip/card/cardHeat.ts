import type { Phrase } from '@/core/base/quantity'
import { InputError } from '@/core/base/InputError'
import { burningOf } from '@/core/heat/ventilation/burningOf'
import { placedHeaters } from '@/core/heat/clearance/placedHeaters'
import type { HeaterGear, ShelterGear } from '@/core/heat/room/roomPlan'
import { ventilationOf } from '@/core/heat/ventilation/ventilationOf'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import type { CardBlock } from './cardBlock'

function clearancesOf({ name, heater }: HeaterGear): Phrase {
  const { frontM, sidesM, rearM, topM } = heater.body.clearances
  const length = (value: number) => ({ value, role: 'length' as const })
  return {
    text: `{name}: front {front}, sides {sides}, back {back}, above {above}${heater.clearancesFrom === 'manual' ? '' : ' (common figures: its manual comes first)'}; ${heater.vented ? 'fumes go outside' : 'never lit asleep'}.`,
    parts: { name, front: length(frontM), sides: length(sidesM), back: length(rearM), above: length(topM) },
  }
}

function openingsOf(gear: ShelterGear, heaters: readonly HeaterGear[]): Phrase[] {
  try {
    const burning = burningOf(placedHeaters(gear, heaters))
    if (burning.length === 0) return []
    const { check } = ventilationOf(gear.shelter.room, burning)
    const names = check.openings.filter(({ areaM2 }) => areaM2 > 0).map(({ opening }) => opening.name)
    return [
      {
        text: `{room}: ${names.length > 0 ? 'open {names}' : 'nothing stands open'}, {open} counted of {needed} wanted${check.isEnough ? '' : ': open more'}.`,
        parts: {
          room: gear.name,
          names: names.join(', '),
          open: { value: check.countedM2, role: 'area' },
          needed: { value: check.neededM2, role: 'area' },
        },
      },
    ]
  } catch (error) {
    // A room that cannot be judged is reported at its own station.
    if (error instanceof InputError) return []
    throw error
  }
}

/** Distances, openings and alarms of what heats the rig. */
export function cardHeat({ heat, equipment }: RigGear): CardBlock[] {
  const alarms = equipment.filter(({ kind }) => kind.endsWith('-alarm') || kind === 'extinguisher')
  const openings = heat.rooms.flatMap((room) => openingsOf(room, heat.heaters))
  return [
    ...(heat.heaters.length > 0 ? [{ title: 'Keep clear', lines: heat.heaters.map(clearancesOf) }] : []),
    ...(openings.length > 0 ? [{ title: 'Keep open', lines: openings }] : []),
    {
      title: 'Alarms and extinguisher',
      lines:
        alarms.length > 0
          ? [{ text: 'Test: {names}.', parts: { names: alarms.map(({ name }) => name).join(', ') } }]
          : [{ text: 'None entered. A CO alarm belongs to every heater.' }],
    },
  ]
}
