'use server'

import { revalidatePath } from 'next/cache'
import { supplies } from '@/core/cylinders/cylinderKind'
import { z } from '@/core/base/zod'
import { lessonAnswers } from '@/core/run/tripPlan'
import { InputError } from '@/core/base/InputError'
import { database } from '@/records/database'
import { addLesson } from '@/records/repositories/trips/lessons'
import { NotFoundError } from '@/records/RecordsError'
import { idField } from '@/actions/shared/fields'
import { judgedTrip } from '@/actions/shared/judgedTrip'
import { lessonsOf } from '@/actions/shared/lessonsOf'
import { act, type ActionResult } from '@/actions/shared/result'

const lessonSchema = z.strictObject({ tripId: idField, supply: z.enum(supplies), answer: z.enum(lessonAnswers) })

/** Takes what the weigh-ins taught of a supply into the plan, or refuses it; either stands in the logbook. */
export async function answerLessonAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(lessonSchema, input, ({ tripId, supply, answer }) => {
    const judged = judgedTrip(tripId)
    if (!judged) throw new NotFoundError('trip')
    const { lesson, why } = lessonsOf(judged)[supply]
    if (!lesson) throw new InputError('supply', `There is nothing to learn: ${why.text}`)
    const { factor, burntKg, plannedKg, untilAt } = lesson
    const entry = { tripId, supply, answer, factor, burntKg, plannedKg, untilAt }
    const { id } = addLesson(database(), { ...entry, learnedAt: new Date().toISOString() })
    revalidatePath('/', 'layout')
    return { id }
  })
}
