'use server'

import { supplies } from '@/core/cylinders/cylinderKind'
import { z } from '@/core/base/zod'
import { calibrationAnswers } from '@/core/run/tripPlan'
import { InputError } from '@/core/base/InputError'
import { database } from '@/records/database'
import { addCalibration } from '@/records/repositories/trips/calibrations'
import { NotFoundError } from '@/records/RecordsError'
import { idField } from '@/actions/shared/fields'
import { judgedTrip, calibrationsOfTrip } from '@/services/trips/judgedTrip'
import { recordEvent } from '@/actions/shared/recordEvent'
import type { ActionResult } from '@/actions/shared/result'

const calibrationSchema = z.strictObject({
  tripId: idField,
  supply: z.enum(supplies),
  answer: z.enum(calibrationAnswers),
})

/** Applies or refuses the calibration of a supply; both are logged. */
export async function answerCalibrationAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string }>> {
  const record = ({ tripId, supply, answer }: z.output<typeof calibrationSchema>, key?: string) => {
    const judged = judgedTrip(tripId)
    if (!judged) throw new NotFoundError('trip')
    const { calibration, why } = calibrationsOfTrip(judged)[supply]
    if (!calibration) throw new InputError('supply', `There is nothing to learn: ${why.text}`)
    const { factor, burnedKg, plannedKg, untilAt } = calibration
    const entry = { tripId, supply, answer, factor, burntKg: burnedKg, plannedKg, untilAt }
    return addCalibration(database(), { ...entry, learnedAt: new Date().toISOString() }, key)
  }
  return recordEvent('lesson', calibrationSchema, { input, requestKey }, record, ({ id }) => ({ id }))
}
