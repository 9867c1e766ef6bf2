import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import { newThing } from '@/core/heat/room/thing'
import { fromUnit } from '@/core/units/convert'
import { roomSchema } from '@/core/heat/room/room'
import type { RoomPlan } from '@/core/heat/room/roomPlan'
import type { Database } from '@/records/databaseType'
import { addHeater } from '@/records/repositories/heat/heaters'
import { addRoom, addWarmUp } from '@/records/repositories/heat/rooms'

const inches = (value: number): number => fromUnit(value, 'length', 'in')
const btuh = (value: number): number => fromUnit(value, 'power', 'btuh')
const fahrenheit = (value: number): number => fromUnit(value, 'temperature', 'F')

/** The room of the retired mobile library: reading benches, star charts, and curtains too near the panel. */
const saloon: RoomPlan = {
  room: roomSchema.parse({
    shape: 'motorhome',
    lengthM: 5.2,
    widthM: 2.2,
    heightM: 2.05,
    shell: 'insulated',
    glass: 'covered',
    openings: [
      {
        id: 'door',
        name: 'Side door',
        kind: 'door',
        side: 'right',
        alongM: 3.4,
        bottomM: 0,
        widthM: 0.7,
        heightM: 1.8,
        openM: 0,
        glass: false,
      },
      {
        id: 'window-left',
        name: 'Left slider',
        kind: 'window',
        side: 'left',
        alongM: 3.2,
        bottomM: 0.9,
        widthM: inches(24),
        heightM: inches(14),
        openM: inches(0.5),
      },
      {
        id: 'window-right',
        name: 'Right slider',
        kind: 'window',
        side: 'right',
        alongM: 1.2,
        bottomM: 0.9,
        widthM: inches(24),
        heightM: inches(14),
        openM: inches(0.5),
        condition: 'screened',
      },
      {
        id: 'hatch',
        name: 'Observing hatch',
        kind: 'roof-vent',
        side: 'roof',
        alongM: 2.4,
        bottomM: 0,
        widthM: inches(14),
        heightM: inches(14),
        openM: 0,
        glass: false,
      },
    ],
  }),
  things: [
    newThing('bed', 'bed', { xM: 0.95, yM: 0.65 }, { name: 'Bed', widthM: 1.25 }),
    newThing(
      'cabinet',
      'shelves',
      { xM: 2.7, yM: 0.18 },
      { name: 'Chart shelves', lengthM: 1.3, widthM: 0.36, highM: 1.7 },
    ),
    newThing('bench', 'bench', { xM: 4.7, yM: 1.1 }, { name: 'Reading bench', lengthM: 0.6, widthM: 1.9 }),
    newThing('curtain', 'curtain', { xM: 2.05, yM: 1.72 }, { name: 'Bed curtain', lengthM: 0.9, turnDeg: 90 }),
    newThing('gas-outlet', 'outlet', { xM: 2.2, yM: 2.12 }, { name: 'Gas outlet' }),
  ],
  placed: [
    {
      heaterId: 'panel-heater',
      pose: { xM: 2.6, yM: 2.2 - inches(3), turnDeg: 270, bottomM: inches(6) },
      use: 'warm-up',
    },
    { heaterId: 'small-radiant', pose: { xM: 3.7, yM: 0.7, turnDeg: 180, bottomM: 0 }, use: 'evening' },
  ],
}

/**
 * The heaters and the room of the demo rig: a curtain within the panel's clearances, a radiant above its maximum altitude.
 *
 * @param records - with the rig and its appliances
 * @param ago - the time a number of days before now
 */
export function loadDemoHeat(records: Database, rigId: string, ago: (days: number) => string): void {
  const panel = heaterTemplates['catalytic-panel'].heater
  const radiant = heaterTemplates['portable-radiant'].heater
  addHeater(
    records,
    rigId,
    {
      name: 'Panel heater',
      applianceId: 'panel',
      heater: {
        ...panel,
        clearancesFrom: 'manual',
        certified: 'yes',
        openAreaM2: fromUnit(24, 'area', 'in2'),
        highestM: 3500,
      },
      price: 240,
      lastsNights: 600,
    },
    'panel-heater',
  )
  addHeater(
    records,
    rigId,
    {
      name: 'Small radiant',
      applianceId: 'radiant',
      heater: { ...radiant, highestM: fromUnit(7000, 'length', 'ft') },
      price: 90,
      lastsNights: 150,
    },
    'small-radiant',
  )
  addRoom(records, rigId, { name: 'Saloon', shelter: saloon }, 'saloon')
  const readings = [
    [0, 31],
    [15, 44],
    [30, 52],
    [45, 57],
    [60, 61],
    [80, 64.5],
  ] as const
  addWarmUp(records, {
    roomId: 'saloon',
    loggedAt: ago(25),
    settingKnown: true,
    log: {
      outsideK: fahrenheit(24),
      inputW: btuh(9000),
      readings: readings.map(([minutes, degrees]) => ({ timeS: minutes * 60, temperatureK: fahrenheit(degrees) })),
      settings: [],
    },
  })
}
