'use client'

import { useRef, useState } from 'react'
import { useRequestKeys } from './useRequestKeys'
import { InputError, type InputIssue } from '@/core/base/InputError'

/**
 * The issue that core finds with an input, if any.
 *
 * @param judge - throws InputError for an invalid input
 */
export function findIssue(judge: () => void): InputIssue | null {
  try {
    judge()
    return null
  } catch (error) {
    if (error instanceof InputError) return error.issues[0] ?? null
    throw error
  }
}

/** What an action answers. */
export type Answer<Value, Conflict = unknown> =
  { ok: true; value: Value } | { ok: false; issues: InputIssue[]; conflict?: Conflict }

export interface Saving<Conflict = unknown> {
  state: 'idle' | 'saving' | 'saved' | 'refused'
  issues: readonly InputIssue[]
  /** The newer row, if one was saved meanwhile. */
  conflict: Conflict | null
}

const UNANSWERED: InputIssue = {
  path: '',
  message: 'Not saved: the server does not answer. What you typed is kept here; try again when it runs.',
}

/**
 * Sends something to be saved and holds what came of it.
 *
 * @param send - the action
 */
export function useSave<Input, Value, Conflict = never>(
  send: (input: Input, requestKey: string) => Promise<Answer<Value, Conflict>>,
) {
  const [saving, setSaving] = useState<Saving<Conflict>>({ state: 'idle', issues: [], conflict: null })

  const { keyFor, answered } = useRequestKeys()

  // An answer to earlier input must not be shown for the present input.
  const turn = useRef(0)

  const save = async (input: Input): Promise<{ value: Value } | null> => {
    turn.current += 1
    const mine = turn.current
    const show = (next: Saving<Conflict>): void => {
      if (mine === turn.current) setSaving(next)
    }
    show({ state: 'saving', issues: [], conflict: null })
    try {
      const answer = await send(input, keyFor(input))
      answered(input)
      if (answer.ok) {
        show({ state: 'saved', issues: [], conflict: null })
        return { value: answer.value }
      }
      show({ state: 'refused', issues: answer.issues, conflict: answer.conflict ?? null })
    } catch {
      show({ state: 'refused', issues: [UNANSWERED], conflict: null })
    }
    return null
  }
  const issueAt = (path: string): string | null => saving.issues.find((issue) => issue.path === path)?.message ?? null
  const resetSaving = (): void => {
    turn.current += 1
    setSaving({ state: 'idle', issues: [], conflict: null })
  }
  return { save, saving, issueAt, resetSaving }
}
