import { boxPoints } from '@/core/math/boxPoints'
import { ceilingM } from '@/core/heat/room/ceilingM'
import type { HeaterBody, Pose } from '@/core/heat/heaters/heater'
import { insideBy } from '@/core/heat/room/insideBy'
import type { Room } from '@/core/heat/room/room'

/** Heights at which a heater is hung: over the floor's draught and dust, within reach. */
const HUNG_AT_M = [0.15, 0.4, 0.65, 0.9]
const TURNS_DEG = [0, 90, 180, 270]

/** Its back lies against a wall of the room. */
function backsOnWall(room: Room, { depthM }: HeaterBody, { xM, yM, turnDeg }: Pose, gridM: number): boolean {
  const behindM = { 0: xM, 90: yM, 180: room.lengthM - xM, 270: room.widthM - yM }[turnDeg] ?? 0
  return behindM - depthM / 2 < gridM
}

/**
 * Every pose a search looks at: all squares of the floor, four ways round; hung only where its back lies on a wall.
 *
 * @param body - the heater
 * @param room - its dimensions
 * @param gridM - side of a square
 */
export function posesOnGrid(body: HeaterBody, room: Room, gridM: number): Pose[] {
  const poses: Pose[] = []
  const { depthM, widthM, heightM, mount } = body
  for (const turnDeg of TURNS_DEG) {
    const isAlong = turnDeg % 180 === 0
    const halfX = (isAlong ? depthM : widthM) / 2
    const halfY = (isAlong ? widthM : depthM) / 2
    // The last square lies against the far wall, however the room divides.
    const columns = Math.floor((room.lengthM - 2 * halfX) / gridM + 1e-9)
    const rows = Math.floor((room.widthM - 2 * halfY) / gridM + 1e-9)
    const xs = Array.from({ length: columns + 1 }, (_, i) => halfX + i * gridM)
    const ys = Array.from({ length: rows + 1 }, (_, i) => halfY + i * gridM)
    const [lastX, lastY] = [room.lengthM - halfX, room.widthM - halfY]
    if (lastX - (xs.at(-1) ?? 0) > 1e-6) xs.push(lastX)
    if (lastY - (ys.at(-1) ?? 0) > 1e-6) ys.push(lastY)
    for (const yM of ys) {
      for (const xM of xs) {
        const standing: Pose = { xM, yM, turnDeg, bottomM: 0 }
        if (room.corner && insideBy(room, boxPoints(standing, depthM, widthM, turnDeg)) < -1e-9) continue
        if (mount !== 'wall') poses.push(standing)
        if (mount === 'floor' || !backsOnWall(room, body, standing, gridM)) continue
        for (const bottomM of HUNG_AT_M) {
          if (bottomM + heightM <= ceilingM(room, yM)) poses.push({ ...standing, bottomM })
        }
      }
    }
  }
  return poses
}
