import { runSettingsSchema } from '@/core/run/runSettings'
import { withClockChanges } from '@/services/trips/withClockChanges'
import { tripPlan } from '@tests/gear'

// Run by clockChanges.test.ts in several time zones, which a running process cannot change: prints the clock changes of
// a trip that starts at 3 pm.
const [startDay = '', nights = ''] = process.argv.slice(2)
const settings = runSettingsSchema.parse({ startH: 15 })
const plan = withClockChanges(tripPlan({ startDay, nights: Number(nights), settings }))
process.stdout.write(JSON.stringify(plan.settings?.clockChanges ?? []))
