'use client'

import { useRef, useState } from 'react'
import { type Answer, useSave } from './useSave'
import { useSessionState, useStableValue } from './useSessionState'

interface FormDraft<Values> {
  /** Version of the row that the values began from: saving must not overwrite a newer one. */
  version: number | null
  values: Values
}

/** Whether two values of a form are equal; all of them are plain data. */
function isSame(a: object, b: object): boolean {
  return JSON.stringify(a) === JSON.stringify(b)
}

/**
 * A form with a save button: what is typed lives through a reload in this tab until it is saved, and is sent over the
 * version of the row that it began from.
 *
 * @param slot - names the form and what it edits
 * @param version - of the row as loaded; null for something new
 * @param initial - values of the row as loaded
 * @param send - the action
 */
export function useSavedForm<Values extends object, Input, Value, Conflict = never>({
  slot,
  version = null,
  initial,
  send,
}: {
  slot: string
  version?: number | null
  initial: Values
  send: (input: Input, requestKey: string) => Promise<Answer<Value, Conflict>>
}) {
  const [draft, setDraft, discard] = useSessionState<FormDraft<Values> | null>(slot, null)
  // What was saved stays in view until the row is loaded again: until then it is newer than what was loaded.
  const [saved, setSaved] = useState<{ values: Values; version: number; loaded: number | null } | null>(null)
  const { save: sendNow, saving, issueAt, resetSaving } = useSave(send)
  const justSaved = saved !== null && saved.loaded === version ? saved : null
  const baseVersion = draft ? draft.version : (justSaved?.version ?? version)
  const values = draft?.values ?? justSaved?.values ?? initial
  // Two changes in one event: the second must not begin from what was drawn before the first.
  const pending = useRef<{ drawn: Values; latest: Values } | null>(null)
  const latest = (): Values => (pending.current?.drawn === values ? pending.current.latest : values)
  // Also after waiting for an answer, when the form was drawn again.
  const latestNow = useStableValue(latest)

  const set = (change: Partial<Values>): void => {
    resetSaving()
    const next = { ...latest(), ...change }
    pending.current = { drawn: values, latest: next }
    // Typed back to what is saved: no draft any more.
    if (isSame(next, justSaved?.values ?? initial)) discard()
    else setDraft({ version: baseVersion, values: next })
  }
  const forget = (): void => {
    pending.current = null
    discard()
  }
  /**
   * Sends the input that the caller made of the values; on success the draft ends.
   *
   * @param over - version that it is saved over
   */
  const save = async (input: Input, over = baseVersion): Promise<{ value: Value } | null> => {
    const sent = latestNow()
    const answer = await sendNow(input)
    if (!answer) return null
    if (over !== null) setSaved({ values: sent, version: over + 1, loaded: version })
    const now = latestNow()
    // What was typed meanwhile is not saved yet.
    if (now === sent) forget()
    else setDraft({ version: over === null ? null : over + 1, values: now })
    return answer
  }
  return {
    values,
    /** The values with every change, also those that were not drawn yet. */
    latest,
    set,
    dirty: draft !== null && !isSame(draft.values, initial),
    /** Version to save over. */
    baseVersion,
    save,
    saving,
    issueAt,
    resetSaving,
    /** Ends the draft; the values are those of the row again. */
    forget,
  }
}
