'use server'

import { act, type ActionResult, rowById } from '@/actions/shared/act'
import { archiveLine, savedLine, type StoredLine, lineEntrySchema, saveLine } from '@/services/hookup/lines'
import { archivedRowSchema } from '@/services/shared/fields'

/** Saves a line. */
export async function saveLineAction(
  input: unknown,
): Promise<ActionResult<{ id: string; version: number }, StoredLine>> {
  return act(lineEntrySchema, input, saveLine, rowById(savedLine))
}

/** Archives a line. */
export async function archiveLineAction(input: unknown): Promise<ActionResult> {
  return act(archivedRowSchema, input, archiveLine)
}
