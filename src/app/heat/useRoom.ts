'use client'

import { useMemo } from 'react'
import { saveRoomAction } from '@/actions/heat'
import { useDocumentDraft } from '@/ui/state/useDocumentDraft'
import type { ClearanceCheck } from '@/core/heat/clearance/clearanceCheck'
import type { Pose } from '@/core/heat/heaters/heater'
import { checkPlacedHeater } from '@/core/heat/clearance/placedFindings'
import type { Thing } from '@/core/heat/room/thing'
import type { Opening, Room } from '@/core/heat/room/room'
import type { RoomPlan } from '@/core/heat/room/roomPlan'
import type { StoredHeater } from '@/services/heat/heaters'
import type { HeatPageData } from './heatPageData'

export type RoomEditor = ReturnType<typeof useRoom>

/**
 * The room being edited: draw, undo, redo, save.
 *
 * @param data - of the page
 * @param begin - a new room to begin from, where none is saved
 */
export function useRoom(data: HeatPageData, begin: { name: string; shelter: RoomPlan }) {
  const { chosen, rigId } = data
  const { name, shelter } = chosen ?? begin
  const drawing = useDocumentDraft<RoomPlan>({
    slot: `room ${chosen?.id ?? `new ${begin.name}`}`,
    id: chosen?.id ?? null,
    saved: { version: chosen?.version ?? 0, name, value: shelter },
    send: ({ value, ...entry }) => saveRoomAction({ ...entry, rigId, shelter: value }),
  })
  const now = drawing.value
  const put = (change: Partial<RoomPlan>, field?: string): void => drawing.put({ ...now, ...change }, field)
  return {
    ...drawing,
    shelter: now,
    setRoom: (change: Partial<Room>, field?: string): void => put({ room: { ...now.room, ...change } }, field),
    setOpening: (id: string, change: Partial<Opening>, field?: string): void => {
      const openings = now.room.openings.map((one) => (one.id === id ? { ...one, ...change } : one))
      put({ room: { ...now.room, openings } }, field)
    },
    addOpening: (opening: Opening): void => put({ room: { ...now.room, openings: [...now.room.openings, opening] } }),
    dropOpening: (id: string): void =>
      put({ room: { ...now.room, openings: now.room.openings.filter((one) => one.id !== id) } }),
    setThing: (id: string, change: Partial<Thing>, field?: string): void =>
      put({ things: now.things.map((one) => (one.id === id ? { ...one, ...change } : one)) }, field),
    addThing: (thing: Thing): void => put({ things: [...now.things, thing] }),
    dropThing: (id: string): void => put({ things: now.things.filter((one) => one.id !== id) }),
    setPlaced: (heaterId: string, change: Partial<RoomPlan['placed'][number]>, field?: string): void => {
      const before = now.placed.find((one) => one.heaterId === heaterId)
      const pose: Pose = { xM: now.room.lengthM / 2, yM: now.room.widthM / 2, turnDeg: 0, bottomM: 0 }
      const next = { heaterId, pose, use: 'warm-up' as const, ...before, ...change }
      const placed = before ? now.placed.map((one) => (one.heaterId === heaterId ? next : one)) : [...now.placed, next]
      put({ placed }, field)
    },
    dropPlaced: (heaterId: string): void => put({ placed: now.placed.filter((one) => one.heaterId !== heaterId) }),
  }
}

/** Clearances of a heater in its room, updated on each change; a sentence when they cannot be computed. */
export function useClearances(
  shelter: RoomPlan,
  heater: StoredHeater | undefined,
): { check: ClearanceCheck | null; refused: string | null; placed: RoomPlan['placed'][number] | undefined } {
  return useMemo(() => {
    const placed = shelter.placed.find(({ heaterId }) => heaterId === heater?.id)
    if (!heater || !placed) return { check: null, refused: null, placed }
    const check = checkPlacedHeater({ gear: { id: '', name: '', shelter }, heater, placed })
    return typeof check === 'string' ? { check: null, refused: check, placed } : { check, refused: null, placed }
  }, [shelter, heater])
}
