'use server'

import { act, type ActionResult, rowById } from '@/actions/shared/act'
import { recordEvent } from '@/actions/shared/recordEvent'
import {
  clearanceSchema,
  clearCylinder,
  inspectionSchema,
  markSchema,
  recordInspection,
  recordMark,
} from '@/services/cylinders/condition'
import {
  archiveEquipment,
  equipmentLookSchema,
  equipmentSchema,
  recordEquipmentLook,
  savedEquipment,
  saveEquipment,
  type StoredEquipment,
} from '@/services/cylinders/equipment'
import { levelSchema, recordLevel, recordWeighing, weighingSchema } from '@/services/cylinders/measuring'
import { archiveCylinder, type Cylinder, savedStamps, saveStamps, stampsSchema } from '@/services/cylinders/saveStamps'
import { markRefilled, refilledSchema } from '@/services/fill/recordFill'
import {
  dateRuleSchema,
  noneNeededSchema,
  type Rig,
  saveDateRule,
  savedRig,
  saveNoneNeeded,
} from '@/services/rigs/rigs'
import { archivedRowSchema } from '@/services/shared/fields'

/** Saves a cylinder's stamps. */
export async function saveCylinderAction(input: unknown): Promise<ActionResult<{ id: string }, Cylinder>> {
  return act(stampsSchema, input, saveStamps, rowById(savedStamps))
}

/** Archives a cylinder. */
export async function archiveCylinderAction(input: unknown): Promise<ActionResult> {
  return act(archivedRowSchema, input, archiveCylinder)
}

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

/** Marks a bottle that is not made for it as refilled. */
export async function markRefilledAction(input: unknown, requestKey?: unknown): Promise<ActionResult> {
  return recordEvent('fill', refilledSchema, { input, requestKey }, markRefilled, () => null)
}

/** Saves that the rig has no hose or no regulator. */
export async function saveNoneNeededAction(input: unknown): Promise<ActionResult<null, Rig>> {
  return act(noneNeededSchema, input, saveNoneNeeded, ({ rigId }) => savedRig(rigId))
}

/** Saves the date rules for the rig's cylinders. */
export async function saveRuleAction(input: unknown): Promise<ActionResult<null, Rig>> {
  return act(dateRuleSchema, input, saveDateRule, ({ rigId }) => savedRig(rigId))
}

/** Appends a weighing, checked with the stored stamps. */
export async function recordWeighingAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string; weighedAt: string }>> {
  return recordEvent('weighing', weighingSchema, { input, requestKey }, recordWeighing, ({ id, weighedAt }) => ({
    id,
    weighedAt,
  }))
}

/** Appends a reading of a gauge, a sensor or a warm-water line. */
export async function recordLevelAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  return recordEvent('reading', levelSchema, { input, requestKey }, recordLevel, ({ id }) => ({ id }))
}

/** Saves a regulator, hose, alarm or extinguisher. */
export async function saveEquipmentAction(input: unknown): Promise<ActionResult<{ id: string }, StoredEquipment>> {
  return act(equipmentSchema, input, saveEquipment, rowById(savedEquipment))
}

/** Archives an item of equipment. */
export async function archiveEquipmentAction(input: unknown): Promise<ActionResult> {
  return act(archivedRowSchema, input, archiveEquipment)
}

/** Saves an inspection of one item. */
export async function lookAtEquipmentAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string }>> {
  return recordEvent('look', equipmentLookSchema, { input, requestKey }, recordEquipmentLook, ({ id }) => ({ id }))
}
