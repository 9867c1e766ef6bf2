import { runSettingsSchema } from '@/core/run/runSettings'
import { onOwnersClock } from '@/services/shared/ownersClock'
import { tripPlan } from '@tests/gear'

// Run by ownersClock.test.ts in several time zones, which a running process cannot change: prints the start and the
// clock changes of a trip.
const [startDay = '', nights = '', startH = ''] = process.argv.slice(2)
const settings = runSettingsSchema.parse({ startH: Number(startH) })
const plan = onOwnersClock(tripPlan({ startDay, nights: Number(nights), settings }))
process.stdout.write(JSON.stringify({ startAt: plan.startAt, clockChanges: plan.settings?.clockChanges }))
