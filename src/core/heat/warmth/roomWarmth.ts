import { SENSIBLE_SHARE } from '@/core/heat/air/combustion'
import type { RoomWarmth } from './heatOutlook'
import type { Room } from '@/core/heat/room/room'
import { shapeEstimate } from './shapeEstimate'
import { warmUpFit, type WarmUpFit, type WarmUpInput } from './warmUpFit'

export interface KnownWarmth extends RoomWarmth {
  from: 'log' | 'shape'
  /** Loss through shell and glass for heat that stays in the room, as the air model needs it. */
  fabricWPerK: number
  airCapacityJPerK: number
  fit: WarmUpFit | null
}

/** Leaking air cannot account for more of what was measured than this. */
const MIN_FABRIC_SHARE = 0.25

/**
 * Heat loss and capacity of a room: from its warm-up log if there is one, else from its shape.
 *
 * Loss and capacity are for each watt of gas burned in the room, of which a small share leaves as vapor.
 *
 * @param room - its dimensions
 * @param log - of a warm-up; null for none
 * @throws InputError as shapeEstimate and warmUpFit do
 */
export function roomWarmth(room: Room, log: WarmUpInput | null): KnownWarmth {
  const shape = shapeEstimate(room)
  if (log === null) {
    return {
      from: 'shape',
      lossWPerK: shape.lossWPerK / SENSIBLE_SHARE,
      capacityJPerK: shape.capacityJPerK / SENSIBLE_SHARE,
      fabricWPerK: shape.fabricWPerK,
      airCapacityJPerK: shape.capacityJPerK,
      fit: null,
    }
  }
  const fit = warmUpFit(log)
  const measured = fit.lossWPerK * SENSIBLE_SHARE
  return {
    from: 'log',
    lossWPerK: fit.lossWPerK,
    capacityJPerK: fit.capacityJPerK,
    fabricWPerK: Math.max(MIN_FABRIC_SHARE * measured, measured - shape.leakageWPerK),
    airCapacityJPerK: fit.capacityJPerK * SENSIBLE_SHARE,
    fit,
  }
}
