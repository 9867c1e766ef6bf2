import { displayRoles } from '@/core/units/displayRoles'
import { severities, stations } from '@/core/findings/Finding'
import { quantitySourcesSchema } from '@/core/base/provenance'
import { z } from '@/core/base/zod'
import { rigShellSchema } from '@/core/heat/warmth/rigShell'
import { lineSchema } from '@/core/hookup/line/line'
import { leakItemSchema } from '@/core/leak-test/sheet/leakSheet'
import { technicianRepairSchema } from '@/core/leak-test/sheet/leakReading'
import { pressureProofSchema } from '@/core/leak-test/sheet/pressureProof'
import { batterySchema } from '@/core/run/battery/battery'
import { forecastSchema } from '@/core/run/weather/forecast'
import { learnedUseSchema } from '@/core/run/learnedUse'
import { tripPlanSchema } from '@/core/run/tripPlan'
import { ownRuleSchema } from '@/core/rules/dateRules'
import { heaterSchema } from '@/core/heat/heaters/heater'
import { warmUpFitSchema } from '@/core/heat/warmth/warmUpFit'
import { instantField } from '@/core/time/instant'
import { leakRateSchema } from '@/core/leak-test/hold/leakRate'
import { rigGearSchema } from '@/core/trip/readiness/rigSchema'
import { energies, habitSchema } from '@/core/appliances/habit'
import { optionalEquipment } from '@/core/cylinders/equipment/equipment'
import { ownDrivingRuleSchema } from '@/core/run/travel/ownDrivingRule'
import { runSettingsSchema } from '@/core/run/runSettings'
import { roomPlanSchema } from '@/core/heat/room/roomPlan'

const roles = Object.keys(displayRoles) as [string, ...string[]]

const phraseSchema = z
  .strictObject({
    text: z.string().max(2000),
    parts: z
      .record(
        z.string().max(60),
        z.union([
          z.string().max(2000),
          z.strictObject({
            value: z.number(),
            role: z.enum(roles),
            rounded: z.enum(['down', 'up']).optional(),
          }),
        ]),
      )
      .optional(),
  })
  // A place without its part could not be shown.
  .refine(({ text, parts = {} }) => [...text.matchAll(/\{(\w+)\}/g)].every(([, name]) => name && name in parts), {
    message: 'The sentence names a part that is not given.',
  })

const findingSchema = z.strictObject({
  code: z.string().min(1).max(60),
  station: z.enum(stations),
  severity: z.enum(severities),
  sentence: phraseSchema,
  reason: phraseSchema,
  remedy: z.strictObject({
    label: z.string().max(60),
    station: z.enum(stations),
    subjectId: z.string().max(64).optional(),
    page: z.string().max(60).optional(),
    about: z.string().max(200).optional(),
  }),
  basis: z.array(z.string().max(60)).max(20),
})

const acceptanceSchema = z.strictObject({
  id: z.string().min(1).max(64),
  findingKey: z.string().min(1).max(4000),
  sentence: phraseSchema,
  reason: z.string().min(1).max(200),
  acceptedAt: instantField,
})

const keptSchema = z.strictObject({
  program: z.string().min(1).max(20),
  gear: rigGearSchema,
  plan: tripPlanSchema,
  acceptances: z.array(acceptanceSchema).max(500),
  findings: z.array(findingSchema).max(1000),
  neededKg: z.strictObject({ line: z.number().min(0).max(1e5), bottles: z.number().min(0).max(1e5) }),
})

/** What the structured columns may hold, by table and column. */
export const jsonSchemas: Readonly<Record<string, z.ZodType>> = {
  'rigs.ownRule': ownRuleSchema,
  'rigs.battery': batterySchema,
  'rigs.shell': rigShellSchema,
  'rigs.sources': quantitySourcesSchema,
  'rigs.noneNeeded': z.array(z.enum(optionalEquipment)).max(2),
  'rigs.drivingRules': z.array(ownDrivingRuleSchema).max(70),
  'cylinders.sources': quantitySourcesSchema,
  'appliances.sources': quantitySourcesSchema,
  'trips.sources': quantitySourcesSchema,
  'trip_uses.sources': quantitySourcesSchema,
  'rooms.sources': quantitySourcesSchema,
  'heaters.sources': quantitySourcesSchema,
  'levels.sources': quantitySourcesSchema,
  'looks.answers': z.record(z.string().max(60), z.enum(['sound', 'bad'])),
  'trips.settings': runSettingsSchema,
  'trips.forecast': forecastSchema,
  'trip_uses.habit': habitSchema,
  'trip_uses.byNight': z.array(z.enum(energies)).max(366),
  'lines.line': lineSchema,
  'leak_tests.sheet': z.array(leakItemSchema).max(4000),
  'rehearsals.sheets': z.array(z.string().max(40)).max(20),
  'lessons.uses': z.array(learnedUseSchema).max(100),
  'leak_readings.proof': pressureProofSchema,
  'leak_readings.repair': technicianRepairSchema,
  'hold_tests.input': leakRateSchema,
  'hold_tests.openBranches': z.array(z.string().max(200)).max(100),
  'rooms.shelter': roomPlanSchema,
  'heaters.heater': heaterSchema,
  'warm_ups.log': warmUpFitSchema,
  'acceptances.sentence': phraseSchema,
  'verdicts.kept': keptSchema,
}
