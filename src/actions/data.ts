'use server'

import { act, type ActionResult } from '@/actions/shared/act'
import { z } from '@/core/base/zod'
import { requireSoundFile } from '@/services/backups/automaticBackups'

/** Checks the whole file of the records, each page and each reference. */
export async function checkRecordsAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({}), input, (_, now) => requireSoundFile(now))
}
