import { requireRoom } from '@/core/heat/room/requireRoom'
import type { GlassClass, ShellClass, Room } from '@/core/heat/room/room'
import { ceilingM, roomOutline, roomVolumeM3 } from '@/core/heat/room/roomGeometry'

interface ShellFacts {
  name: string
  /** Loss through a square meter, air to air. */
  lossWPerM2K: number
  /** Heat its inner layers take up with the air. */
  capacityJPerM2K: number
  /** Air changes per hour with everything closed. */
  leakagePerH: number
}

/** Rough classes. [common practice] A warm-up log of the rig itself is worth more than any of them. */
export const shellFacts: Readonly<Record<ShellClass, ShellFacts>> = {
  canvas: { name: 'canvas', lossWPerM2K: 6, capacityJPerM2K: 1500, leakagePerH: 4 },
  bare: { name: 'bare metal or glass fibre', lossWPerM2K: 5, capacityJPerM2K: 8000, leakagePerH: 1.5 },
  lined: { name: 'lined, hardly insulated', lossWPerM2K: 2.5, capacityJPerM2K: 9000, leakagePerH: 1 },
  insulated: { name: 'insulated, 1 to 2 in', lossWPerM2K: 1.2, capacityJPerM2K: 9000, leakagePerH: 0.6 },
  'well-insulated': { name: 'well insulated, over 2 in', lossWPerM2K: 0.7, capacityJPerM2K: 9000, leakagePerH: 0.4 },
}

/** Loss through glass, air to air. [common practice] */
export const glassFacts: Readonly<Record<GlassClass, { name: string; lossWPerM2K: number }>> = {
  single: { name: 'single panes', lossWPerM2K: 5.7 },
  covered: { name: 'single, covered at night', lossWPerM2K: 3 },
  double: { name: 'double panes', lossWPerM2K: 2.8 },
  'double-covered': { name: 'double, covered at night', lossWPerM2K: 1.9 },
}

/** A room's warmth from its dimensions, without any measuring. */
interface ShapeEstimate {
  shellAreaM2: number
  glassAreaM2: number
  volumeM3: number
  /** Through shell and glass. */
  fabricWPerK: number
  /** By air leakage with everything closed. */
  leakageWPerK: number
  /** Both. */
  lossWPerK: number
  capacityJPerK: number
}

/** Air, per volume and kelvin, near the ground. */
const AIR_J_M3K = 1206

/** Bedding, stores and gear, per volume of room. [common practice] */
const GEAR_J_M3K = 6000

/**
 * Loss and heat capacity of a room from its shape and classes of shell and glass.
 *
 * @param room - its dimensions, shell and openings
 * @throws InputError for an impossible room
 * @see docs/models.md, "Warmth of the room"
 */
export function shapeEstimate(room: Room): ShapeEstimate {
  requireRoom(room)
  const outline = roomOutline(room)
  const wallsM2 = outline.reduce((sum, from, i) => {
    const to = outline[(i + 1) % outline.length] ?? from
    const meanM = (ceilingM(room, from.yM) + ceilingM(room, to.yM)) / 2
    return sum + Math.hypot(to.xM - from.xM, to.yM - from.yM) * meanM
  }, 0)
  const floorM2 = room.lengthM * room.widthM - (room.corner ? room.corner.lengthM * room.corner.widthM : 0)
  const slope = Math.hypot(1, (room.heightM - ceilingM(room, room.widthM)) / room.widthM)
  const shellAreaM2 = wallsM2 + floorM2 + floorM2 * slope
  const glassAreaM2 = room.openings
    .filter(({ glass }) => glass)
    .reduce((sum, { widthM, heightM }) => sum + widthM * heightM, 0)
  const volumeM3 = roomVolumeM3(room)
  const shell = shellFacts[room.shell]
  const fabricWPerK =
    Math.max(0, shellAreaM2 - glassAreaM2) * shell.lossWPerM2K + glassAreaM2 * glassFacts[room.glass].lossWPerM2K
  const leakageWPerK = (shell.leakagePerH / 3600) * volumeM3 * AIR_J_M3K
  return {
    shellAreaM2,
    glassAreaM2,
    volumeM3,
    fabricWPerK,
    leakageWPerK,
    lossWPerK: fabricWPerK + leakageWPerK,
    capacityJPerK: volumeM3 * (AIR_J_M3K + GEAR_J_M3K) + shellAreaM2 * shell.capacityJPerM2K,
  }
}
