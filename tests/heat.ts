import type { Equipment } from '@/core/cylinders/equipment/equipment'
import type { Heater, HeaterBody, Pose } from '@/core/heat/heaters/heater'
import { thingSchema, type Thing } from '@/core/heat/room/thing'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import { openingSchema, roomSchema, type Opening, type Room, type RoomInput } from '@/core/heat/room/room'
import type { HeaterGear, RoomPlan, RoomGear } from '@/core/heat/room/roomPlan'
import { soundEquipment } from './gear'
import { inches } from './tradeUnits'

/** A room of 6 by 4 by 2 m with noncombustible linings, so that only its contents count. */
export function bareRoom(change: Partial<RoomInput> = {}): Room {
  return roomSchema.parse({ lengthM: 6, widthM: 4, heightM: 2, liningsBurn: false, ...change })
}

/** A combustible box of 0.4 m on the floor; override what a test is about. */
export function thing(change: Partial<Thing> = {}): Thing {
  return thingSchema.parse({
    id: 'box',
    name: 'Box',
    kind: 'other',
    xM: 4,
    yM: 2,
    lengthM: 0.4,
    widthM: 0.4,
    lowM: 0,
    highM: 0.4,
    ...change,
  })
}

/** A heater with round sizes: 0.2 deep, 0.4 wide, 0.5 high; front 1, sides 0.3, rear 0.1, top 0.6 m. */
export function body(change: Partial<HeaterBody> = {}): HeaterBody {
  return {
    widthM: 0.4,
    depthM: 0.2,
    heightM: 0.5,
    clearances: { frontM: 1, sidesM: 0.3, rearM: 0.1, topM: 0.6 },
    cylinderM: 0.9,
    mount: 'floor',
    ...change,
  }
}

/** In the middle of the bare room, facing the front. */
export function pose(change: Partial<Pose> = {}): Pose {
  return { xM: 2, yM: 2, turnDeg: 0, bottomM: 0, ...change }
}

/** A window of 24 by 14 in on the left, shut. */
export function window(change: Partial<Opening> = {}): Opening {
  return openingSchema.parse({
    id: 'window',
    name: 'Window',
    kind: 'window',
    side: 'left',
    alongM: 2,
    bottomM: 0.9,
    widthM: inches(24),
    heightM: inches(14),
    openM: 0,
    ...change,
  })
}

export function door(change: Partial<Opening> = {}): Opening {
  return window({
    id: 'door',
    name: 'Door',
    kind: 'door',
    side: 'right',
    alongM: 4,
    bottomM: 0,
    widthM: 0.7,
    heightM: 1.7,
    glass: false,
    ...change,
  })
}

export const panel: Heater = { ...heaterTemplates['catalytic-panel'].heater, clearancesFrom: 'manual', highestM: 3500 }
export const radiant: Heater = { ...heaterTemplates['portable-radiant'].heater, clearancesFrom: 'manual' }

export function heaterGear(change: Partial<Heater> = {}, id = 'panel'): HeaterGear {
  return { id, name: 'Panel heater', applianceId: 'panel', heater: { ...panel, ...change } }
}

/** A well-placed panel in a room with bed, door and two sufficient openings; override what a test is about. */
export function roomGear(change: Partial<RoomPlan> = {}): RoomGear {
  const room = bareRoom({
    openings: [
      door(),
      window({ openM: inches(3) }),
      window({ id: 'other', name: 'Other window', side: 'right', alongM: 1, bottomM: 0.2, openM: inches(3) }),
    ],
  })
  return {
    id: 'saloon',
    name: 'Saloon',
    shelter: {
      room,
      things: [thing({ id: 'bed', name: 'Bed', kind: 'bed', xM: 1, yM: 1, lengthM: 1.9, widthM: 1.2, highM: 0.5 })],
      placed: [{ heaterId: 'panel', pose: pose({ xM: 5.5, yM: 1, turnDeg: 180 }), use: 'warm-up' }],
      ...change,
    },
  }
}

/** Alarms and the rest, all sound. */
export function alarms(): Equipment[] {
  return soundEquipment()
}
