'use server'

import { act, type ActionResult } from '@/actions/shared/act'
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
