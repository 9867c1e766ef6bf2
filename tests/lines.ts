import { catalogue } from '@/core/hookup/catalogue/catalogue'
import type { Line, LinePart } from '@/core/hookup/line/line'
import type { PartType } from '@/core/hookup/catalogue/partType'
import { SIXTY_F_K } from '@/core/units/convert'
import { checkLine, type LineCheck, type LineConditions } from '@/core/hookup/checks/checkLine'
import { editLine, type LineEdit } from '@/core/hookup/line/editLine'
import { readyMadeLines } from '@/core/hookup/catalogue/readyMadeLines'

export function partType(id: string): PartType {
  const found = catalogue.find((type) => type.id === id)
  if (!found) throw new Error(`no part ${id}`)
  return found
}

export const edited = (line: Line, ...edits: LineEdit[]): Line => edits.reduce(editLine, line)

export const add = (id: string, typeId: string, after: string | null, port?: string): LineEdit => ({
  do: 'add',
  type: partType(typeId),
  id,
  after,
  ...(port && { port }),
})

export const change = (id: string, to: Partial<Omit<LinePart, 'id' | 'typeId'>>): LineEdit => ({ do: 'change', id, to })

export const join = (from: string, fromPort: string, to: string, toPort: string): LineEdit => ({
  do: 'join',
  id: `${from}-${to}`,
  from: { partId: from, portId: fromPort },
  to: { partId: to, portId: toPort },
})

export const made = (id: string, state: Line['joints'][number]['made']): LineEdit => ({
  do: 'made',
  ids: [id],
  made: state,
})

/** Parts in a row, each with its kind as id. */
export function chain(...typeIds: readonly string[]): Line {
  return typeIds.reduce<Line>(
    (line, typeId, i) => editLine(line, add(typeId, typeId, i === 0 ? null : (typeIds[i - 1] ?? null))),
    { parts: [], joints: [], types: [] },
  )
}

/** Everything inspected and found correct. */
export function sound(line: Line): Line {
  const parts = outside(line).parts.map((part): LinePart => ({
    ...part,
    madeMonth: '2025-01',
    condition: 'sound',
    ventDown: 'yes',
    stillFits: 'yes',
    supported: 'yes',
  }))
  return { ...line, parts, joints: line.joints.map((joint) => ({ ...joint, made: 'as-it-should' })) }
}

/** A ready-made line, everything in order. */
export function soundStart(id: string): Line {
  const found = readyMadeLines.find((start) => start.id === id)
  if (!found) throw new Error(`no start ${id}`)
  return sound(found.line)
}

/** Everything stands outside where nothing else is said. */
export function outside(line: Line): Line {
  const parts = line.parts.map((part): LinePart => (part.place === 'not-known' ? { ...part, place: 'outside' } : part))
  return { ...line, parts }
}

export function check(line: Line, conditions: Partial<LineConditions> = {}): LineCheck {
  return checkLine('line', outside(line), {
    temperatureK: SIXTY_F_K,
    atmospherePa: 101325,
    untilMonth: '2026-12',
    ...conditions,
  })
}

export const codes = (line: Line, conditions: Partial<LineConditions> = {}): string[] =>
  check(line, conditions).findings.map(({ code }) => code)
