'use client'

import { useState } from 'react'
import { voidEventAction } from '@/actions/log'
import { soapAction } from '@/actions/leakTest'
import type { InputIssue } from '@/core/base/InputError'
import type { LeakReading } from '@/core/leak-test/sheet/leakReading'
import { useRequestKeys } from '@/ui/state/useRequestKeys'
import { useNotice } from '@/ui/state/UndoProvider'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** A soaping as it was logged. */
export type LoggedReading = LeakReading & { id: string }

type NewReading = Pick<LeakReading, 'itemId' | 'grade'> & Partial<Omit<LeakReading, 'readAt'>>

/**
 * Soap readings of one test, each saved when entered and voided when undone.
 *
 * @param testId - of the test
 * @param logged - those in the records
 */
export function useSoap(testId: string, logged: readonly LoggedReading[]) {
  const say = useNotice()
  const { keyFor, answered } = useRequestKeys()
  const [readings, setReadings] = useState(logged)
  const [issues, setIssues] = useState<readonly InputIssue[]>([])
  const soap = async (reading: NewReading): Promise<boolean> => {
    const entry = { testId, leftForTechnician: false, proof: null, repair: null, ...reading }
    const answer = await soapAction(entry, keyFor(entry)).catch(() => null)
    if (answer) answered(entry)
    const fieldIssues = answer && !answer.ok ? answer.issues.filter(({ path }) => path.startsWith('repair')) : []
    setIssues(fieldIssues)
    if (fieldIssues.length > 0) return false
    if (!answer?.ok) {
      say({ done: answer?.issues[0]?.message ?? 'Not logged: the server does not answer. Tell it again when it runs.' })
      return false
    }
    const { id, readAt } = answer.value
    setReadings((before) => [...before, { ...entry, id, readAt }])
    say({
      done: 'Logged',
      undo: async () => {
        const taken = await voidEventAction({ of: 'soaping', id, reason: sharedLabels.takenBack }).catch(() => null)
        if (taken?.ok) setReadings((before) => before.filter((reading) => reading.id !== id))
        return taken?.ok ?? false
      },
    })
    return true
  }
  const issueAt = (path: string): string | null => issues.find((issue) => issue.path === path)?.message ?? null
  return { readings, soap, issueAt }
}
