import type { Thing } from '@/core/heat/room/thing'
import type { ClearanceCheck } from '@/core/heat/clearance/clearanceCheck'
import type { HeaterBody } from '@/core/heat/heaters/heater'
import type { RoomPlan } from '@/core/heat/room/roomPlan'

/** A placed heater. */
export interface DrawnHeater {
  id: string
  name: string
  body: HeaterBody
  placed: RoomPlan['placed'][number]
}

/** What plan and elevation draw. */
export interface DrawnRoom {
  shelter: RoomPlan
  heater: DrawnHeater | null
  /** Other heaters in the room. */
  others: readonly DrawnHeater[]
  check: ClearanceCheck | null
}

/** What the owner can do on the plan. */
export interface PlanHandlers {
  chosen: string | null
  choose: (id: string | null) => void
  moveTo: (id: string, xM: number, yM: number) => void
  setThing: (id: string, change: Partial<Thing>, field?: string) => void
}

/** Enamel, brass and the states, for what is drawn on a canvas. */
export const drawnColors = {
  paper: '#fffdf6',
  floor: '#f3ead4',
  ink: '#17302b',
  soft: '#3f5650',
  brass: '#b07a1e',
  brassInk: '#7a4e08',
  stop: '#9c2f1f',
  stopWash: 'rgba(156, 47, 31, 0.16)',
  ready: '#23573f',
  readyWash: 'rgba(35, 87, 63, 0.12)',
  thing: '#dccfae',
  cold: '#bfd6cc',
} as const

export const DRAWN_FONT = '"Source Sans 3 Variable", sans-serif'
