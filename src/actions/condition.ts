'use server'

import { act, type ActionResult } from '@/actions/shared/act'
import { recordEvent } from '@/actions/shared/recordEvent'
import {
  clearanceSchema,
  clearCylinder,
  inspectionSchema,
  markSchema,
  recordInspection,
  recordMark,
} from '@/services/cylinders/condition'
import { dateRuleSchema, type Rig, saveDateRule, savedRig } from '@/services/rigs/rigs'

/** Adds a requalification mark. */
export async function addMarkAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  return recordEvent('mark', markSchema, { input, requestKey }, recordMark, ({ id }) => ({ id }))
}

/** Saves an inspection; bad items may put the cylinder out of service. */
export async function saveInspectionAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string }>> {
  return recordEvent('look-over', inspectionSchema, { input, requestKey }, recordInspection, ({ id }) => ({ id }))
}

/** Puts a cylinder back into service, cleared by a licensed person. */
export async function clearCylinderAction(input: unknown, requestKey?: unknown): Promise<ActionResult> {
  return recordEvent('look-over', clearanceSchema, { input, requestKey }, clearCylinder, () => null)
}

/** Saves the date rules for the rig's cylinders. */
export async function saveRuleAction(input: unknown): Promise<ActionResult<null, Rig>> {
  return act(dateRuleSchema, input, saveDateRule, ({ rigId }) => savedRig(rigId))
}
