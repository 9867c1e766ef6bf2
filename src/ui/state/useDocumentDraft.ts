'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { useNotice } from './UndoProvider'
import { useSessionState } from './useSessionState'
import { useSave, type Answer } from './useSave'

/** What is being drawn: not saved yet, kept through a reload. */
interface Draft<Value> {
  /** Of the row it began from; 0 for a new one. */
  version: number
  name: string
  value: Value
}

/** Furthest one can go back. */
const MAX_UNDO = 100

export interface Drawing<Value> {
  id: string | null
  value: Value
  name: string
  rename: (name: string, value?: Value) => void
  dirty: boolean
  /** Somebody saved a newer version since this draft was begun. */
  behind: boolean
  /** Draws it again. Changes of the same field, one after the other, are undone together. */
  put: (value: Value, field?: string) => void
  undo: (() => void) | null
  redo: (() => void) | null
  save: (overVersion?: number) => Promise<string | null>
  drop: () => void
  /** Version of the newer one that stood against saving. */
  theirVersion: number | null
  saving: ReturnType<typeof useSave>['saving']
  issueAt: (path: string) => string | null
}

/**
 * A drawing on the bench: undone and redone, kept through a reload, saved over the version it began from.
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
  }) => Promise<Answer<{ id: string }>>
}): Drawing<Value> {
  const say = useNotice()
  const router = useRouter()
  const [draft, setDraft, forget] = useSessionState<Draft<Value> | null>(slot, null, true)
  const [past, setPast] = useState<readonly Value[]>([])
  const [future, setFuture] = useState<readonly Value[]>([])
  const lastField = useRef<string | undefined>(undefined)
  const saver = useSave(send)

  // A draft of an older version is kept until it is saved: the refusal then shows that there is a newer one.
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
  /** Saves over the version it was begun from, or over a newer one the owner has been told of. */
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
      // Somebody may have saved in the meantime: what stands there now is what it goes back to.
      router.refresh()
    },
    theirVersion: typeof saver.saving.conflict?.version === 'number' ? saver.saving.conflict.version : null,
    saving: saver.saving,
    issueAt: saver.issueAt,
  }
}
