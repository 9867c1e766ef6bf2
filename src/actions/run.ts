'use server'

import { revalidatePath } from 'next/cache'
import { supplies } from '@/core/cylinders/cylinderKind'
import { z } from '@/core/findings/schema'
import { runtimeS } from '@/core/running/runtimeS'
import { addAppliance, saveAppliance } from '@/records/appliances'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { findRig } from '@/records/rigs'
import { idField, nameField, versionField } from './fields'
import { act, type ActionResult } from './result'

const applianceSchema = z.strictObject({
  id: idField.nullable(),
  rigId: idField,
  version: versionField.nullable(),
  name: nameField,
  // The largest household appliance takes under 60 kW; more is a slipped unit.
  inputW: z.number().max(200_000, 'That is more than any camper burns. Check the unit.'),
  supply: z.enum(supplies),
})

/** Saves an appliance: a new one without an identifier, else over the version named. */
export async function saveApplianceAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(applianceSchema, input, ({ id, rigId, version, ...entry }) => {
    // Core says in its own words why an input of nothing will not do.
    runtimeS(1, entry.inputW)
    const records = database()
    if (!findRig(records, rigId)) throw new NotFoundError('rig')
    const saved = id === null ? addAppliance(records, rigId, entry).id : id
    if (id !== null) saveAppliance(records, id, version ?? 0, entry)
    revalidatePath('/', 'layout')
    return { id: saved }
  })
}

/** Puts an appliance away: it leaves the lists, the trips that used it keep their record. */
export async function archiveApplianceAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({ id: idField, version: versionField }), input, ({ id, version }) => {
    saveAppliance(database(), id, version, { archivedAt: new Date().toISOString() })
    revalidatePath('/', 'layout')
    return null
  })
}
