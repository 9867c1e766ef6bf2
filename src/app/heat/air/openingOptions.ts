import type { OpeningCondition, OpeningKind, RoomSide } from '@/core/heat/room/room'

export const sideOptions: readonly (readonly [RoomSide, string])[] = [
  ['left', 'left wall'],
  ['right', 'right wall'],
  ['back', 'back wall'],
  ['front', 'front wall'],
  ['roof', 'roof'],
  ['floor', 'floor'],
]

export const kindOptions: readonly (readonly [OpeningKind, string])[] = [
  ['window', 'window'],
  ['roof-vent', 'roof vent'],
  ['floor-vent', 'floor vent'],
  ['door', 'door'],
]

export const conditionOptions: readonly (readonly [OpeningCondition, string])[] = [
  ['clear', 'clear'],
  ['screened', 'screened'],
  ['iced', 'iced'],
  ['blocked', 'taped or blocked'],
]
