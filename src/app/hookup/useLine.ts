'use client'

import { useMemo } from 'react'
import { saveLineAction } from '@/actions/hookup'
import { useDocumentDraft } from '@/ui/state/useDocumentDraft'
import { checkLine, type LineCheck, type LineConditions } from '@/core/hookup/checks/checkLine'
import { editLine, type LineEdit } from '@/core/hookup/line/editLine'
import type { Line } from '@/core/hookup/line/line'
import type { HookupPageData } from './hookupPageData'

export type LineEditor = ReturnType<typeof useLine>

/**
 * The line being edited: draw, check, undo, redo, save.
 *
 * @param data - of the page
 * @param begin - a new line to begin from, where none is saved
 */
export function useLine(data: HookupPageData, begin: { name: string; line: Line }) {
  const { chosen, rigId } = data
  const { name, line } = chosen ?? begin
  const drawing = useDocumentDraft<Line>({
    slot: `line ${chosen?.id ?? `new ${begin.name}`}`,
    id: chosen?.id ?? null,
    saved: { version: chosen?.version ?? 0, name, value: line },
    send: ({ value, ...entry }) => saveLineAction({ ...entry, rigId, line: value }),
  })
  const edit = (...edits: readonly LineEdit[]): void => drawing.put(edits.reduce(editLine, drawing.value))
  return { ...drawing, line: drawing.value, edit, replace: drawing.put }
}

/** Check of the line, updated with the line and what burns. */
export function useCheck(editor: LineEditor, data: HookupPageData, conditions?: Partial<LineConditions>): LineCheck {
  const { temperatureK, atmospherePa, untilMonth, heldKg } = data
  const { temperatureK: atK = temperatureK, demandsW } = conditions ?? {}
  return useMemo(
    () =>
      checkLine(editor.id ?? 'new', editor.line, {
        temperatureK: atK,
        atmospherePa,
        untilMonth,
        heldKg,
        ...(demandsW && { demandsW }),
      }),
    [editor.id, editor.line, atK, atmospherePa, untilMonth, heldKg, demandsW],
  )
}
