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

describe('a number that always has a value', () => {
  test('stands there in the units one reads in, with their sign', () => {
    const field = <Measure label="Front" role="length" value={0.762} set={nothing} />
    expect(drawn(field)).toMatch(/value="30".*>in</)
    expect(drawn(field, 'metric')).toMatch(/value="76.2".*>cm</)
  })
  test('says what stands against it, and is marked as wrong', () => {
    const html = drawn(<Measure label="Height" role="length" value={1} issue="It is too high." set={nothing} />)
    expect(html).toContain('It is too high.')
    expect(html).toContain('aria-invalid="true"')
  })
  test('nothing is refused where it is no size, and taken where it may be', () => {
    expect(drawn(<Measure label="Width" role="length" value={0} set={nothing} />)).toContain('It is more than nothing.')
    expect(drawn(<Measure label="Rear" role="length" value={0} mayBeZero set={nothing} />)).not.toContain('nothing.')
  })
})

describe('a number that may be left empty', () => {
  test('is empty, and says that it may be', () => {
    const html = drawn(<MaybeMeasure label="Open area" role="area" value={null} hint="from its manual" set={nothing} />)
    expect(html).toContain('value=""')
    expect(html).toContain('from its manual; may stay empty')
  })
  test('or stands there', () => {
    const field = <MaybeMeasure label="Open area" role="area" value={0.0154838} set={nothing} />
    expect(drawn(field)).toMatch(/value="24"/)
    expect(drawn(field)).not.toContain('may stay empty')
  })
})

test('a choice lists what there is, with the one that stands', () => {
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

describe('the foot of a form', () => {
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
  test('a new thing is saved or left; one that stands can be put away', () => {
    expect(foot(null)).toMatch(/Save the heater.*Leave it/)
    expect(foot(null)).not.toContain('Put it away')
    expect(foot({ id: 'one', version: 1 })).toContain('Put it away')
    expect(foot({ id: 'one', version: 1 }, 'Take it off')).toContain('Take it off')
  })
})

describe('a drawing that is saved', () => {
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
  test('can be let go of when something was drawn, and goes over theirs by choice', () => {
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
  test('says when somebody was quicker', () => {
    expect(drawn(<Behind drawing={drawing({})} what="room" />)).toBe('')
    expect(drawn(<Behind drawing={drawing({ behind: true })} what="room" />)).toContain(
      'This room was saved somewhere else',
    )
  })
})

describe('steps that are waited out', () => {
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
  test('the clock stands at the step one is at, and nowhere else', () => {
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
