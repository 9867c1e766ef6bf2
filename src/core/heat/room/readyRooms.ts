import { fromInches } from '@/core/units/convert'
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
  bottomM = fromInches(36),
): OpeningInput => ({
  id,
  name,
  kind: 'window',
  side,
  alongM,
  bottomM,
  widthM: fromInches(24),
  heightM: fromInches(14),
  openM: 0,
})
const door = (side: 'left' | 'right' | 'back', alongM: number, heightM: number): OpeningInput => ({
  id: 'door',
  name: 'Door',
  kind: 'door',
  side,
  alongM,
  bottomM: 0,
  widthM: fromInches(26),
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
  widthM: fromInches(14),
  heightM: fromInches(14),
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
      lengthM: fromInches(144),
      widthM: fromInches(70),
      heightM: fromInches(74),
      shell: 'lined',
      openings: [
        door('right', fromInches(108), fromInches(64)),
        slide('window-left', 'Left window', 'left', fromInches(88)),
        slide('window-right', 'Right window', 'right', fromInches(40)),
        roofVent(fromInches(80)),
      ],
    },
    [
      newThing('bed', 'bed', { xM: fromInches(38), yM: fromInches(24) }),
      newThing('cabinet', 'cabinet', { xM: fromInches(104), yM: fromInches(9) }, { lengthM: fromInches(48) }),
    ],
  ),
  ready(
    'trailer',
    'Trailer',
    'bed at the back, dinette in front',
    {
      lengthM: fromInches(200),
      widthM: fromInches(84),
      heightM: fromInches(78),
      shell: 'insulated',
      openings: [
        door('right', fromInches(136), fromInches(70)),
        slide('window-left', 'Left window', 'left', fromInches(144)),
        slide('window-back', 'Back window', 'back', fromInches(42)),
        roofVent(fromInches(104)),
      ],
    },
    [
      newThing('bed', 'bed', { xM: fromInches(38), yM: fromInches(28) }, { widthM: fromInches(56) }),
      newThing(
        'bench',
        'bench',
        { xM: fromInches(188), yM: fromInches(42) },
        { lengthM: fromInches(22), widthM: fromInches(72) },
      ),
      newThing('cabinet', 'cabinet', { xM: fromInches(104), yM: fromInches(9) }, { lengthM: fromInches(48) }),
    ],
  ),
  ready(
    'truck-cap',
    'Truck cap',
    'low, on the bed of a pick-up',
    {
      lengthM: fromInches(80),
      widthM: fromInches(60),
      heightM: fromInches(48),
      shell: 'bare',
      openings: [
        {
          ...door('back', fromInches(30), fromInches(24)),
          widthM: fromInches(48),
          bottomM: fromInches(20),
          name: 'Tailgate',
        },
        slide('window-left', 'Left slider', 'left', fromInches(40), fromInches(28)),
        slide('window-right', 'Right slider', 'right', fromInches(40), fromInches(28)),
      ],
    },
    [
      newThing(
        'bed',
        'bed',
        { xM: fromInches(40), yM: fromInches(16) },
        { widthM: fromInches(28), highM: fromInches(10) },
      ),
      newThing(
        'other',
        'wheel-left',
        { xM: fromInches(40), yM: fromInches(56) },
        {
          name: 'Wheel well',
          lengthM: fromInches(36),
          widthM: fromInches(8),
          highM: fromInches(9),
          combustible: false,
        },
      ),
    ],
  ),
  ready(
    'motorhome',
    'Motorhome',
    'a wet room walled off at the back',
    {
      lengthM: fromInches(240),
      widthM: fromInches(90),
      heightM: fromInches(80),
      shell: 'insulated',
      glass: 'double',
      corner: { lengthM: fromInches(40), widthM: fromInches(36) },
      openings: [
        door('right', fromInches(136), fromInches(72)),
        slide('window-left', 'Left window', 'left', fromInches(136)),
        slide('window-right', 'Right window', 'right', fromInches(184)),
        roofVent(fromInches(120)),
      ],
    },
    [
      newThing('bed', 'bed', { xM: fromInches(38), yM: fromInches(26) }, { widthM: fromInches(52) }),
      newThing(
        'cabinet',
        'kitchen',
        { xM: fromInches(88), yM: fromInches(80) },
        { name: 'Kitchen', lengthM: fromInches(56) },
      ),
      newThing(
        'bench',
        'dinette',
        { xM: fromInches(180), yM: fromInches(16) },
        { name: 'Dinette', lengthM: fromInches(64), widthM: fromInches(32) },
      ),
    ],
  ),
  ready(
    'tent-annex',
    'Tent annex',
    'a sloping canvas room beside the rig',
    {
      lengthM: fromInches(120),
      widthM: fromInches(96),
      heightM: fromInches(88),
      lowHeightM: fromInches(64),
      shell: 'canvas',
      openings: [
        { ...door('right', fromInches(60), fromInches(60)), widthM: fromInches(40) },
        { ...slide('flap', 'Mesh flap', 'back', fromInches(48), fromInches(24)), condition: 'screened', glass: false },
      ],
    },
    [
      newThing(
        'bed',
        'cot',
        { xM: fromInches(40), yM: fromInches(20) },
        { name: 'Cot', widthM: fromInches(30), highM: fromInches(18) },
      ),
    ],
  ),
]
