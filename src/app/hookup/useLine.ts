'use client'

import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import { saveLineAction } from '@/actions/hookup'
import { checkLine, type LineCheck, type LineConditions } from '@/core/hookup/checkLine'
import { editLine, type LineEdit } from '@/core/hookup/editLine'
import type { Line } from '@/core/hookup/line'
import { useNotice } from '@/ui/UndoProvider'
import { useKept } from '@/ui/useKept'
import { useSave } from '@/ui/useSave'
import type { HookupWorld } from './hookupWorld'

/** The line as it is being drawn: not saved yet, kept through a reload. */
interface Draft {
  /** Of the row it began from; 0 for a new line. */
  version: number
  name: string
  line: Line
}

/** Furthest one can go back. */
const MOST_UNDO = 100

export type LineDesk = ReturnType<typeof useLine>

/**
 * The line on the bench: drawn, judged at once, undone and redone, saved.
 *
 * @param world - of the page
 * @param begin - a new line to begin from, where none is saved
 */
export function useLine(world: HookupWorld, begin: { name: string; line: Line }) {
  const say = useNotice()
  const router = useRouter()
  const saved: Draft = world.chosen ?? { version: 0, ...begin }
  const id = world.chosen?.id ?? null
  const [draft, setDraft, forget] = useKept<Draft | null>(`line ${id ?? `new ${begin.name}`}`, null, true)
  const [past, setPast] = useState<readonly Line[]>([])
  const [future, setFuture] = useState<readonly Line[]>([])
  const saver = useSave(saveLineAction)

  // A draft of an older version is kept until it is saved: the refusal then shows that there is a newer one.
  const now = draft ?? saved
  const put = (line: Line, name = now.name): void => {
    saver.settle()
    setDraft({ version: now.version, name, line })
  }
  const edit = (...edits: readonly LineEdit[]): void => {
    const next = edits.reduce(editLine, now.line)
    setPast((before) => [...before, now.line].slice(-MOST_UNDO))
    setFuture([])
    put(next)
  }
  const replace = (line: Line): void => {
    setPast((before) => [...before, now.line].slice(-MOST_UNDO))
    setFuture([])
    put(line)
  }
  const undo = (): void => {
    const last = past.at(-1)
    if (!last) return
    setPast(past.slice(0, -1))
    setFuture([now.line, ...future])
    put(last)
  }
  const redo = (): void => {
    const [next, ...rest] = future
    if (!next) return
    setFuture(rest)
    setPast([...past, now.line])
    put(next)
  }
  /** Saves over the version it was begun from, or over a newer one the owner has been told of. */
  const save = async (overVersion = now.version): Promise<string | null> => {
    const answer = await saver.save({
      id,
      rigId: world.rigId,
      version: id === null ? null : overVersion,
      name: now.name,
      line: now.line,
    })
    if (!answer) return null
    forget()
    say({ done: `${now.name} saved` })
    return answer.value.id
  }
  return {
    id,
    line: now.line,
    name: now.name,
    rename: (name: string, line = now.line) => put(line, name),
    dirty: draft !== null,
    /** Somebody saved a newer version since this draft was begun. */
    behind: draft !== null && id !== null && draft.version !== saved.version,
    edit,
    replace,
    undo: past.length > 0 ? undo : null,
    redo: future.length > 0 ? redo : null,
    save,
    drop: () => {
      forget()
      setPast([])
      setFuture([])
      saver.settle()
      // Somebody may have saved in the meantime: what stands there now is what it goes back to.
      router.refresh()
    },
    /** Version of the newer line that stood against saving. */
    theirVersion: typeof saver.saving.conflict?.version === 'number' ? saver.saving.conflict.version : null,
    saving: saver.saving,
    issueAt: saver.issueAt,
  }
}

/** The line judged, anew with each change of it or of what burns. */
export function useCheck(desk: LineDesk, world: HookupWorld, conditions?: Partial<LineConditions>): LineCheck {
  const { temperatureK, atmospherePa, untilMonth } = world
  const { temperatureK: atK = temperatureK, demandsW } = conditions ?? {}
  return useMemo(
    () =>
      checkLine(desk.id ?? 'new', desk.line, {
        temperatureK: atK,
        atmospherePa,
        untilMonth,
        ...(demandsW && { demandsW }),
      }),
    [desk.id, desk.line, atK, atmospherePa, untilMonth, demandsW],
  )
}
