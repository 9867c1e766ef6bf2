import {
  rigShellFacts,
  rigShellKinds,
  rigShellSchema,
  SHELL_ESTIMATE_RANGE,
  shellWarmth,
} from '@/core/heat/warmth/rigShell'
import { readyRooms } from '@/core/heat/room/readyRooms'
import { roomWarmth } from '@/core/heat/warmth/roomWarmth'

test.each(rigShellKinds)('%s: its usual size is accepted, and a longer one loses more', (kind) => {
  const { usualLengthM } = rigShellFacts[kind]
  const shell = rigShellSchema.parse({ kind, lengthM: usualLengthM })
  const usual = shellWarmth(shell)
  expect(usual.from).toBe('kind')
  // Common practice: 20 W/K for a small insulated box to 400 for canvas.
  expect(usual.lossWPerK).toBeGreaterThan(20)
  expect(usual.lossWPerK).toBeLessThan(400)
  expect(shellWarmth({ kind, lengthM: usualLengthM + 1 }).lossWPerK).toBeGreaterThan(usual.lossWPerK)
})

test('a van estimated by its kind agrees with the same van drawn, within the range of the estimate', () => {
  const [van] = readyRooms
  if (!van) throw new Error('no room')
  const drawn = roomWarmth(van.shelter.room, null).lossWPerK
  const estimate = shellWarmth({ kind: 'van', lengthM: van.shelter.room.lengthM }).lossWPerK
  expect(drawn / estimate).toBeGreaterThan(SHELL_ESTIMATE_RANGE.lowest)
  expect(drawn / estimate).toBeLessThan(SHELL_ESTIMATE_RANGE.highest)
})

test('a length that no camper has is refused', () => {
  expect(rigShellSchema.safeParse({ kind: 'van', lengthM: 1 }).success).toBe(false)
  expect(rigShellSchema.safeParse({ kind: 'van', lengthM: 40 }).success).toBe(false)
})
