import { newThing } from './thing'
import { roomSchema, type RoomInput, type RoomShape } from './room'
import type { RoomPlan } from './roomPlan'

export interface ReadyRoom {
  shape: RoomShape
  name: string
  words: string
  shelter: RoomPlan
}

type OpeningInput = NonNullable<RoomInput['openings']>[number]

const slide = (
  id: string,
  name: string,
  side: 'left' | 'right' | 'back' | 'front',
  alongM: number,
  bottomM = 0.9,
): OpeningInput => ({
  id,
  name,
  kind: 'window',
  side,
  alongM,
  bottomM,
  widthM: 0.61,
  heightM: 0.35,
  openM: 0,
})
const door = (side: 'left' | 'right' | 'back', alongM: number, heightM: number): OpeningInput => ({
  id: 'door',
  name: 'Door',
  kind: 'door',
  side,
  alongM,
  bottomM: 0,
  widthM: 0.65,
  heightM,
  openM: 0,
  glass: false,
})
const roofVent = (alongM: number): OpeningInput => ({
  id: 'roof-vent',
  name: 'Roof vent',
  kind: 'roof-vent',
  side: 'roof',
  alongM,
  bottomM: 0,
  widthM: 0.35,
  heightM: 0.35,
  openM: 0,
  glass: false,
})

function ready(
  shape: RoomShape,
  name: string,
  words: string,
  room: Omit<RoomInput, 'shape'>,
  things: RoomPlan['things'],
): ReadyRoom {
  return { shape, name, words, shelter: { room: roomSchema.parse({ shape, ...room }), things, placed: [] } }
}

/** Starting rooms; every dimension should be replaced by the rig's own. */
export const readyRooms: readonly ReadyRoom[] = [
  ready(
    'van',
    'Van',
    'one space, bed across or along the back',
    {
      lengthM: 3.6,
      widthM: 1.75,
      heightM: 1.85,
      shell: 'lined',
      openings: [
        door('right', 2.7, 1.6),
        slide('window-left', 'Left window', 'left', 2.2),
        slide('window-right', 'Right window', 'right', 1),
        roofVent(2),
      ],
    },
    [
      newThing('bed', 'bed', { xM: 0.95, yM: 0.6 }),
      newThing('cabinet', 'cabinet', { xM: 2.6, yM: 0.225 }, { lengthM: 1.2 }),
    ],
  ),
  ready(
    'trailer',
    'Trailer',
    'bed at the back, dinette in front',
    {
      lengthM: 5,
      widthM: 2.1,
      heightM: 1.95,
      shell: 'insulated',
      openings: [
        door('right', 3.4, 1.75),
        slide('window-left', 'Left window', 'left', 3.6),
        slide('window-back', 'Back window', 'back', 1.05),
        roofVent(2.6),
      ],
    },
    [
      newThing('bed', 'bed', { xM: 0.95, yM: 0.7 }, { widthM: 1.4 }),
      newThing('bench', 'bench', { xM: 4.7, yM: 1.05 }, { lengthM: 0.55, widthM: 1.8 }),
      newThing('cabinet', 'cabinet', { xM: 2.6, yM: 0.225 }, { lengthM: 1.2 }),
    ],
  ),
  ready(
    'truck-cap',
    'Truck cap',
    'low, on the bed of a pick-up',
    {
      lengthM: 2,
      widthM: 1.5,
      heightM: 1.2,
      shell: 'bare',
      openings: [
        { ...door('back', 0.75, 0.6), widthM: 1.2, bottomM: 0.5, name: 'Tailgate' },
        slide('window-left', 'Left slider', 'left', 1, 0.7),
        slide('window-right', 'Right slider', 'right', 1, 0.7),
      ],
    },
    [
      newThing('bed', 'bed', { xM: 1, yM: 0.4 }, { widthM: 0.7, highM: 0.25 }),
      newThing(
        'other',
        'wheel-left',
        { xM: 1, yM: 1.4 },
        { name: 'Wheel well', lengthM: 0.9, widthM: 0.2, highM: 0.22, combustible: false },
      ),
    ],
  ),
  ready(
    'motorhome',
    'Motorhome',
    'a wet room walled off at the back',
    {
      lengthM: 6,
      widthM: 2.25,
      heightM: 2,
      shell: 'insulated',
      glass: 'double',
      corner: { lengthM: 1, widthM: 0.9 },
      openings: [
        door('right', 3.4, 1.8),
        slide('window-left', 'Left window', 'left', 3.4),
        slide('window-right', 'Right window', 'right', 4.6),
        roofVent(3),
      ],
    },
    [
      newThing('bed', 'bed', { xM: 0.95, yM: 0.65 }, { widthM: 1.3 }),
      newThing('cabinet', 'kitchen', { xM: 2.2, yM: 2.0 }, { name: 'Kitchen', lengthM: 1.4 }),
      newThing('bench', 'dinette', { xM: 4.5, yM: 0.4 }, { name: 'Dinette', lengthM: 1.6, widthM: 0.8 }),
    ],
  ),
  ready(
    'tent-annex',
    'Tent annex',
    'a sloping canvas room beside the rig',
    {
      lengthM: 3,
      widthM: 2.4,
      heightM: 2.2,
      lowHeightM: 1.6,
      shell: 'canvas',
      openings: [
        { ...door('right', 1.5, 1.5), widthM: 1 },
        { ...slide('flap', 'Mesh flap', 'back', 1.2, 0.6), condition: 'screened', glass: false },
      ],
    },
    [newThing('bed', 'cot', { xM: 1, yM: 0.5 }, { name: 'Cot', widthM: 0.75, highM: 0.45 })],
  ),
]
