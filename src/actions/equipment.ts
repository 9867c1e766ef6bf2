'use server'

import { act, type ActionResult } from '@/actions/shared/act'
import { recordEvent } from '@/actions/shared/recordEvent'
import {
  archiveEquipment,
  equipmentLookSchema,
  equipmentSchema,
  recordEquipmentLook,
  saveEquipment,
  savedEquipment,
  type StoredEquipment,
} from '@/services/cylinders/equipment'
import { archivedRowSchema } from '@/services/shared/fields'

/** Saves a regulator, hose, alarm or extinguisher. */
export async function saveEquipmentAction(input: unknown): Promise<ActionResult<{ id: string }, StoredEquipment>> {
  return act(equipmentSchema, input, saveEquipment, ({ id }) => (id === null ? undefined : savedEquipment(id)))
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
