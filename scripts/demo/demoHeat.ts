import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import { newThing } from '@/core/heat/room/thing'
import { fromInches, fromUnit } from '@/core/units/convert'
import { roomSchema } from '@/core/heat/room/room'
import type { RoomPlan } from '@/core/heat/room/roomPlan'
import type { Database } from '@/records/databaseType'
import { addHeater } from '@/records/repositories/heat/heaters'
import { addRoom, addWarmUp } from '@/records/repositories/heat/rooms'

const inches = fromInches
const feet = (value: number): number => fromUnit(value, 'length', 'ft')
const btuh = (value: number): number => fromUnit(value, 'power', 'btuh')
const fahrenheit = (value: number): number => fromUnit(value, 'temperature', 'F')

/** The room of the retired mobile library: reading benches, star charts, and curtains too near the panel. */
const saloon: RoomPlan = {
  room: roomSchema.parse({
    shape: 'motorhome',
    lengthM: inches(208),
    widthM: inches(88),
    heightM: inches(82),
    shell: 'insulated',
    glass: 'covered',
    openings: [
      {
        id: 'door',
        name: 'Side door',
        kind: 'door',
        side: 'right',
        alongM: inches(136),
        bottomM: 0,
        widthM: inches(28),
        heightM: inches(72),
        openM: 0,
        glass: false,
      },
      {
        id: 'window-left',
        name: 'Left slider',
        kind: 'window',
        side: 'left',
        alongM: inches(128),
        bottomM: inches(36),
        widthM: inches(24),
        heightM: inches(14),
        openM: inches(0.5),
      },
      {
        id: 'window-right',
        name: 'Right slider',
        kind: 'window',
        side: 'right',
        alongM: inches(48),
        bottomM: inches(36),
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
        alongM: inches(96),
        bottomM: 0,
        widthM: inches(14),
        heightM: inches(14),
        openM: 0,
        glass: false,
      },
    ],
  }),
  things: [
    newThing('bed', 'bed', { xM: inches(38), yM: inches(26) }, { name: 'Bed', widthM: inches(50) }),
    newThing(
      'cabinet',
      'shelves',
      { xM: inches(108), yM: inches(7) },
      { name: 'Chart shelves', lengthM: inches(52), widthM: inches(14), highM: inches(68) },
    ),
    newThing(
      'bench',
      'bench',
      { xM: inches(188), yM: inches(44) },
      { name: 'Reading bench', lengthM: inches(24), widthM: inches(76) },
    ),
    newThing(
      'curtain',
      'curtain',
      { xM: inches(82), yM: inches(69) },
      { name: 'Bed curtain', lengthM: inches(36), turnDeg: 90 },
    ),
    newThing('gas-outlet', 'outlet', { xM: inches(88), yM: inches(85) }, { name: 'Gas outlet' }),
  ],
  placed: [
    {
      heaterId: 'panel-heater',
      pose: { xM: inches(104), yM: inches(88) - inches(3), turnDeg: 270, bottomM: inches(6) },
      use: 'warm-up',
    },
    { heaterId: 'small-radiant', pose: { xM: inches(148), yM: inches(28), turnDeg: 180, bottomM: 0 }, use: 'evening' },
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
        highestM: feet(11_500),
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
