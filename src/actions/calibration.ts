'use server'

import type { ActionResult } from '@/actions/shared/act'
import { recordEvent } from '@/actions/shared/recordEvent'
import { answerCalibration, calibrationSchema } from '@/services/trips/calibration'

/** Applies or refuses the calibration of a supply. */
export async function answerCalibrationAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string }>> {
  return recordEvent('lesson', calibrationSchema, { input, requestKey }, answerCalibration, ({ id }) => ({ id }))
}
