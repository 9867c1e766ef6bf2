'use server'

import { act, type ActionResult } from '@/actions/shared/act'
import { z } from '@/core/base/zod'
import { requireSoundFile } from '@/services/backups/automaticBackups'
import { voidEntry, voidingSchema } from '@/services/log/entries'
import {
  activateRig,
  archiveRig,
  copyOfRig,
  renameRig,
  rigArchivingSchema,
  rigCopySchema,
  rigIdSchema,
  rigNameSchema,
} from '@/services/rigs/rigs'

/** Checks the whole file of the records, each page and each reference. */
export async function checkRecordsAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({}), input, (_, now) => requireSoundFile(now))
}

/** Voids an entry; it stays in the history with its reason. */
export async function voidEventAction(input: unknown): Promise<ActionResult> {
  return act(voidingSchema, input, voidEntry)
}

/** Activates a rig. */
export async function activateRigAction(input: unknown): Promise<ActionResult> {
  return act(rigIdSchema, input, activateRig)
}

/** Renames a rig. */
export async function renameRigAction(input: unknown): Promise<ActionResult> {
  return act(rigNameSchema, input, renameRig)
}

/** A second rig with the same gear and no history. */
export async function copyRigAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(rigCopySchema, input, copyOfRig)
}

/** Archives or restores a rig; its records stay. */
export async function archiveRigAction(input: unknown): Promise<ActionResult> {
  return act(rigArchivingSchema, input, archiveRig)
}
