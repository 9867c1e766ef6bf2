'use server'

import { revalidatePath } from 'next/cache'
import { supplies } from '@/core/cylinders/cylinderKind'
import { z } from '@/core/base/zod'
import { calibrationAnswers } from '@/core/run/tripPlan'
import { InputError } from '@/core/base/InputError'
import { database } from '@/records/database'
import { addCalibration } from '@/records/repositories/trips/calibrations'
import { NotFoundError } from '@/records/RecordsError'
import { idField } from '@/actions/shared/fields'
import { judgedTrip, calibrationsOfTrip } from '@/actions/shared/judgedTrip'
import { act, type ActionResult } from '@/actions/shared/result'

const calibrationSchema = z.strictObject({
  tripId: idField,
  supply: z.enum(supplies),
  answer: z.enum(calibrationAnswers),
})

/** Applies or refuses the calibration of a supply; both are logged. */
export async function answerCalibrationAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(calibrationSchema, input, ({ tripId, supply, answer }) => {
    const judged = judgedTrip(tripId)
    if (!judged) throw new NotFoundError('trip')
    const { calibration, why } = calibrationsOfTrip(judged)[supply]
    if (!calibration) throw new InputError('supply', `There is nothing to learn: ${why.text}`)
    const { factor, burnedKg, plannedKg, untilAt } = calibration
    const entry = { tripId, supply, answer, factor, burntKg: burnedKg, plannedKg, untilAt }
    const { id } = addCalibration(database(), { ...entry, learnedAt: new Date().toISOString() })
    revalidatePath('/', 'layout')
    return { id }
  })
}
