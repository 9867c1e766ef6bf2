import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import { openingSchema, roomSchema } from '@/core/heat/room/room'
import { thingSchema } from '@/core/heat/room/thing'

const door = openingSchema.parse({
  id: 'door',
  name: 'Door',
  kind: 'door',
  side: 'right',
  alongM: 4.5,
  bottomM: 0,
  widthM: 0.7,
  heightM: 1.7,
  openM: 0,
})

/** A room of six meters with forty things along its walls, a fifth of them turned, for measuring. */
export const benchRoom = {
  heater: heaterTemplates['portable-radiant'].heater.body,
  room: roomSchema.parse({ lengthM: 6, widthM: 2.2, heightM: 2, openings: [door] }),
  objects: Array.from({ length: 40 }, (_, i) =>
    thingSchema.parse({
      id: `thing-${i}`,
      name: `Thing ${i}`,
      kind: i === 0 ? 'bed' : 'cabinet',
      xM: 0.2 + (i % 20) * 0.15,
      yM: i < 20 ? 0.2 : 2,
      lengthM: 0.15,
      widthM: 0.3,
      turnDeg: i % 5 === 0 ? 10 : 0,
      lowM: 0,
      highM: 0.5,
    }),
  ),
}
