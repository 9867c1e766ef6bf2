import type { Room } from '@/core/heat/room/room'
import type { RoomWarmth } from './heatOutlook'
import { shapeEstimate, glassFacts } from './shapeEstimate'

/** What a change of the room would save of its loss. */
export interface WarmthSaving {
  id: 'curtain' | 'cover-glass'
  lossWPerK: number
  capacityJPerK: number
  savedWPerK: number
}

const coveredAs = {
  single: 'covered',
  covered: 'covered',
  double: 'double-covered',
  'double-covered': 'double-covered',
} as const

/**
 * What closing a curtain across the room, or covering its windows, would save.
 *
 * The loss that was measured or estimated is split as the shape splits it; a curtain leaves the part of the room in
 * front of it, and lets a third of that part's loss through. [common practice]
 *
 * @param room - its dimensions and glass
 * @param warmth - its loss as it is
 * @param heatedShare - share of the room's length that stays heated behind a curtain
 */
export function warmthSavings(room: Room, warmth: RoomWarmth, heatedShare: number): WarmthSaving[] {
  const shape = shapeEstimate(room)
  const share = Math.min(1, Math.max(0.1, heatedShare))
  const glassShare = (glassFacts[room.glass].lossWPerM2K * shape.glassAreaM2) / shape.lossWPerK
  const glassFactor = glassFacts[coveredAs[room.glass]].lossWPerM2K / glassFacts[room.glass].lossWPerM2K
  const keptByCurtain = share + (1 - share) / 3
  const saving = (id: WarmthSaving['id'], kept: number, capacity: number): WarmthSaving => ({
    id,
    lossWPerK: warmth.lossWPerK * kept,
    capacityJPerK: warmth.capacityJPerK * capacity,
    savedWPerK: warmth.lossWPerK * (1 - kept),
  })
  return [saving('curtain', keptByCurtain, share), saving('cover-glass', 1 - glassShare * (1 - glassFactor), 1)]
}
