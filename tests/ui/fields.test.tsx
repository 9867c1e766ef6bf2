import { renderToStaticMarkup } from 'react-dom/server'
import type { ReactElement } from 'react'
import { FormActions } from '@/ui/fields/FormActions'
import { Behind, DrawingSave } from '@/ui/fields/DrawingParts'
import type { Drawing } from '@/ui/state/useDocumentDraft'
import type { UnitSystem } from '@/core/units/displayRoles'
import { CaptureProvider } from '@/ui/instruments/CaptureProvider'
import { Choice } from '@/ui/fields/Choice'
import { HoldTimer } from '@/ui/instruments/HoldTimer'
import { MaybeMeasure } from '@/ui/fields/MaybeMeasure'
import { Measure } from '@/ui/fields/Measure'
import { StepRail } from '@/ui/shell/StepRail'
import { UnitsProvider } from '@/ui/state/UnitsProvider'

const nothing = (): void => undefined

function drawn(element: ReactElement, system: UnitSystem = 'us'): string {
  return renderToStaticMarkup(
    <UnitsProvider initial={system}>
      <CaptureProvider>{element}</CaptureProvider>
    </UnitsProvider>,
  ).replaceAll('\u00a0', ' ')
}

describe('a required number', () => {
  test('appears in the reader’s units, with their symbol', () => {
    const field = <Measure label="Front" role="length" value={0.762} set={nothing} />
    expect(drawn(field)).toMatch(/value="30".*>in</)
    expect(drawn(field, 'metric')).toMatch(/value="76.2".*>cm</)
  })
  test('shows its error, and is marked invalid', () => {
    const html = drawn(<Measure label="Height" role="length" value={1} issue="It is too high." set={nothing} />)
    expect(html).toContain('It is too high.')
    expect(html).toContain('aria-invalid="true"')
  })
  test('zero is refused as a size, and accepted where allowed', () => {
    expect(drawn(<Measure label="Width" role="length" value={0} set={nothing} />)).toContain('It is more than zero.')
    expect(drawn(<Measure label="Rear" role="length" value={0} mayBeZero set={nothing} />)).not.toContain('nothing.')
  })
})

describe('an optional number', () => {
  test('is empty, and says that it is optional', () => {
    const html = drawn(<MaybeMeasure label="Open area" role="area" value={null} hint="from its manual" set={nothing} />)
    expect(html).toContain('value=""')
    expect(html).toContain('from its manual; may stay empty')
  })
  test('or shows its value', () => {
    const field = <MaybeMeasure label="Open area" role="area" value={0.0154838} set={nothing} />
    expect(drawn(field)).toMatch(/value="24"/)
    expect(drawn(field)).not.toContain('may stay empty')
  })
})

test('a choice lists its options, with the current one', () => {
  const html = drawn(
    <Choice
      id="state"
      label="It is"
      value="iced"
      options={[
        ['clear', 'clear'],
        ['iced', 'iced over'],
      ]}
      set={nothing}
    />,
  )
  expect(html).toMatch(/<label[^>]*for="state"/)
  expect(html).toMatch(/<option value="iced" selected="">iced over/)
})

describe('the buttons of a form', () => {
  const saving = { state: 'idle', issues: [], conflict: null } as const
  const foot = (stored: { id: string; version: number } | null, away?: string) =>
    drawn(
      <FormActions
        label="Save the heater"
        saving={saving}
        leave={nothing}
        stored={stored}
        archive={() => Promise.resolve({ ok: true, value: null })}
        {...(away && { away })}
      />,
    )
  test('a new record is saved or discarded; an existing one can be archived', () => {
    expect(foot(null)).toMatch(/Save the heater.*Leave it/)
    expect(foot(null)).not.toContain('Put it away')
    expect(foot({ id: 'one', version: 1 })).toContain('Put it away')
    expect(foot({ id: 'one', version: 1 }, 'Take it off')).toContain('Take it off')
  })
})

describe('a saved drawing', () => {
  const drawing = (change: Partial<Drawing<string>>): Drawing<string> => ({
    id: 'one',
    value: 'x',
    name: 'Saloon',
    rename: nothing,
    dirty: false,
    behind: false,
    put: nothing,
    undo: null,
    redo: null,
    save: () => Promise.resolve(null),
    drop: nothing,
    theirVersion: null,
    saving: { state: 'idle', issues: [], conflict: null },
    issueAt: () => null,
    ...change,
  })
  test('can be discarded after edits, and can replace a newer one by choice', () => {
    const foot = (change: Partial<Drawing<string>>) => drawn(<DrawingSave label="Save" drawing={drawing(change)} />)
    expect(foot({})).not.toContain('Leave it as it was saved')
    expect(foot({ dirty: true })).toContain('Leave it as it was saved')
    expect(foot({ dirty: true, id: null })).not.toContain('Leave it as it was saved')
    expect(foot({ theirVersion: 3 })).toContain('Save mine over theirs')
    const refused = {
      state: 'refused' as const,
      issues: [{ path: 'room.heightM', message: 'Too low.' }],
      conflict: null,
    }
    expect(foot({ saving: refused })).toContain('Too low.')
  })
  test('says when somebody saved first', () => {
    expect(drawn(<Behind drawing={drawing({})} what="room" />)).toBe('')
    expect(drawn(<Behind drawing={drawing({ behind: true })} what="room" />)).toContain(
      'This room was saved somewhere else',
    )
  })
})

describe('timed steps', () => {
  const steps = [
    { id: 'a', title: 'Push', does: 'hold it', why: 'air leaves the line', holds: false, holdS: 30 },
    { id: 'b', title: 'Let go', does: 'it stays', why: 'it is warm', holds: false },
  ]
  const rail = (ticked: readonly string[], held: string | null = null) =>
    drawn(
      <StepRail
        label="Light it"
        steps={steps}
        ticks={ticked.map((stepId) => ({ stepId, tickedAt: '2026-11-25T18:00:00Z' }))}
        tick={nothing}
        untick={nothing}
        held={held}
      />,
    )
  test('the timer is at the current step only', () => {
    expect(rail([])).toContain('Start: Push')
    expect(rail([])).toContain('0:30')
    expect(rail(['a'])).not.toContain('Start:')
    expect(rail([], 'Not now.')).not.toContain('Start:')
  })
  test('a timer shows how long', () => {
    const words = { start: 'Begin', due: 'Now', stop: 'Stop' }
    expect(drawn(<HoldTimer slot="x" holdS={180} words={words} done={nothing} />)).toMatch(/3:00.*Begin/)
  })
})
