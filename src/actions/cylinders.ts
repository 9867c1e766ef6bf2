'use server'

import { act, type ActionResult } from '@/actions/shared/act'
import { archiveCylinder, type Cylinder, savedStamps, saveStamps, stampsSchema } from '@/services/cylinders/saveStamps'
import { archivedRowSchema } from '@/services/shared/fields'

/** Saves a cylinder's stamps. */
export async function saveCylinderAction(input: unknown): Promise<ActionResult<{ id: string }, Cylinder>> {
  return act(stampsSchema, input, saveStamps, ({ id }) => (id === null ? undefined : savedStamps(id)))
}

/** Archives a cylinder. */
export async function archiveCylinderAction(input: unknown): Promise<ActionResult> {
  return act(archivedRowSchema, input, archiveCylinder)
}
