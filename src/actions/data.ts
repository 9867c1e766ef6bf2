'use server'

import { revalidatePath } from 'next/cache'
import { z } from '@/core/base/zod'
import { databasePath } from '@/records/runningRecords'
import { RecordsError } from '@/records/RecordsError'
import { checkRecords } from '@/services/backups/automaticBackups'
import { act, type ActionResult } from '@/actions/shared/result'

/** Checks the whole file of the records, each page and each reference. */
export async function checkRecordsAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({}), input, async () => {
    const wrong = await checkRecords(databasePath(), new Date())
    revalidatePath('/log/data')
    if (wrong.length > 0) {
      throw new RecordsError(`The file is not sound: ${wrong.join(' ')} Open any page to choose what takes its place.`)
    }
    return null
  })
}
