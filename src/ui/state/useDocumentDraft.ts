'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { useNotice } from './UndoProvider'
import { useSessionState } from './useSessionState'
import { useSave, type Answer } from './useSave'

/** Unsaved document, stored in the session. */
interface Draft<Value> {
  /** Version of the row it started from; 0 for a new one. */
  version: number
  name: string
  value: Value
}

/** Most undo steps. */
const MAX_UNDO = 100

export interface Drawing<Value> {
  id: string | null
  value: Value
  name: string
  rename: (name: string, value?: Value) => void
  dirty: boolean
  /** A newer version was saved since this draft started. */
  behind: boolean
  /** Changes the document. Consecutive changes of one field are undone together. */
  put: (value: Value, field?: string) => void
  undo: (() => void) | null
  redo: (() => void) | null
  save: (overVersion?: number) => Promise<string | null>
  drop: () => void
  /** Version of the newer one that blocked saving. */
  theirVersion: number | null
  saving: ReturnType<typeof useSave>['saving']
  issueAt: (path: string) => string | null
}

/**
 * A document being edited: undo, redo, stored in the session, saved over the version it started from.
 *
 * @param of - what it is of, and how it is sent to be saved
 */
export function useDocumentDraft<Value>({
  slot,
  id,
  saved,
  send,
}: {
  slot: string
  id: string | null
  saved: Draft<Value>
  send: (entry: {
    id: string | null
    version: number | null
    name: string
    value: Value
  }) => Promise<Answer<{ id: string }, { version: number }>>
}): Drawing<Value> {
  const say = useNotice()
  const router = useRouter()
  const [draft, setDraft, forget] = useSessionState<Draft<Value> | null>(slot, null)
  const [past, setPast] = useState<readonly Value[]>([])
  const [future, setFuture] = useState<readonly Value[]>([])
  const lastField = useRef<string | undefined>(undefined)
  const saver = useSave(send)

  // A draft of an older version stays until saved; saving then reports the newer one.
  const now = draft ?? saved
  const lay = (value: Value, name = now.name): void => {
    saver.resetSaving()
    setDraft({ version: now.version, name, value })
  }
  const put = (value: Value, field?: string): void => {
    const isSame = field !== undefined && field === lastField.current && past.length > 0
    lastField.current = field
    if (!isSame) setPast([...past, now.value].slice(-MAX_UNDO))
    setFuture([])
    lay(value)
  }
  const undo = (): void => {
    const last = past.at(-1)
    if (last === undefined) return
    lastField.current = undefined
    setPast(past.slice(0, -1))
    setFuture([now.value, ...future])
    lay(last)
  }
  const redo = (): void => {
    const [next, ...rest] = future
    if (next === undefined) return
    lastField.current = undefined
    setFuture(rest)
    setPast([...past, now.value])
    lay(next)
  }
  /** Saves over the version it started from, or over a newer one that the owner has seen. */
  const save = async (overVersion = now.version): Promise<string | null> => {
    const version = id === null ? null : overVersion
    const answer = await saver.save({ id, version, name: now.name, value: now.value })
    if (!answer) return null
    forget()
    say({ done: `${now.name} saved` })
    return answer.value.id
  }
  return {
    id,
    value: now.value,
    name: now.name,
    rename: (name, value = now.value) => lay(value, name),
    dirty: draft !== null,
    behind: draft !== null && id !== null && draft.version !== saved.version,
    put,
    undo: past.length > 0 ? undo : null,
    redo: future.length > 0 ? redo : null,
    save,
    drop: () => {
      forget()
      setPast([])
      setFuture([])
      saver.resetSaving()
      // Goes back to the present stored version, which may be newer.
      router.refresh()
    },
    theirVersion: saver.saving.conflict?.version ?? null,
    saving: saver.saving,
    issueAt: saver.issueAt,
  }
}
