import { tripPlan } from '@tests/gear'
import { withClockChanges } from '@/records/repositories/trips/clockChanges'
import { runSettingsSchema } from '@/core/run/runSettings'

/** Hours between two local times of this machine. */
const changesOf = (startDay: string, nights: number) =>
  withClockChanges(tripPlan({ startDay, nights, settings: runSettingsSchema.parse({ startH: 15 }) })).settings
    ?.clockChanges ?? []

test('a year has as many clock changes as this machine’s zone, and they cancel', () => {
  const offsets = Array.from({ length: 365 }, (_, day) => new Date(2026, 0, 1 + day, 15).getTimezoneOffset())
  const seen = offsets.filter((offset, day) => day > 0 && offset !== offsets[day - 1]).length
  const changes = changesOf('2026-01-01', 364)
  expect(changes).toHaveLength(seen)
  expect(changes.reduce((sum, { shiftS }) => sum + shiftS, 0)).toBe(((offsets[0] ?? 0) - (offsets.at(-1) ?? 0)) * 60)
  for (const { atS, shiftS } of changes) {
    const moment = new Date(new Date(2026, 0, 1, 15).getTime() + atS * 1000)
    const before = new Date(moment.getTime() - 3_600_000)
    expect((before.getTimezoneOffset() - moment.getTimezoneOffset()) * 60).toBe(shiftS)
  }
})

test('a day that cannot be read is left as it is', () => {
  const plan = tripPlan({ startDay: 'soon' })
  expect(withClockChanges(plan)).toBe(plan)
})
