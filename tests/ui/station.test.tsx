import { renderToStaticMarkup } from 'react-dom/server'
import type { ReactElement } from 'react'
import { cylinderGear, fitness, TODAY } from '@tests/gear'
import { fahrenheit } from '@tests/tradeUnits'
import { dueText, DueText } from '@/app/cylinders/DueText'
import { PumpPlate } from '@/app/cylinders/PumpPlate'
import { DecantResult } from '@/app/fill/bottles/DecantResult'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import { readStamps } from '@/core/cylinders/stamps/readStamps'
import { decantOutlook } from '@/core/fill/decanting/decantOutlook'
import { fillSteps } from '@/core/fill/procedures/fillSteps'
import { vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import { typicalSizes } from '@/core/cylinders/typicalSizes'
import type { UnitSystem } from '@/core/units/displayRoles'
import { CollarDrawing } from '@/ui/drawings/CollarDrawing'
import { CylinderDrawing } from '@/ui/drawings/CylinderDrawing'
import { MonthField } from '@/ui/fields/MonthField'
import { readMonthField } from '@/ui/fields/readMonthField'
import { StepRail } from '@/ui/shell/StepRail'
import { UnitsProvider } from '@/ui/state/UnitsProvider'

function drawn(element: ReactElement, system: UnitSystem = 'us'): string {
  return renderToStaticMarkup(<UnitsProvider initial={system}>{element}</UnitsProvider>).replaceAll('\u00a0', ' ')
}
const times = (markup: string, part: string): number => markup.split(part).length - 1

describe('the list of steps', () => {
  const steps = fillSteps('by-weight')
  const rail = (done: readonly string[], held: string | null = null) =>
    drawn(
      <StepRail
        label="Procedure"
        steps={steps}
        ticks={done.map((stepId) => ({ stepId, tickedAt: '2026-12-01T10:00:00.000Z' }))}
        tick={() => undefined}
        untick={() => undefined}
        held={held}
      />,
    )
  test('at first only the first can be ticked: it blocks the rest', () => {
    expect(times(rail([]), 'disabled=""')).toBe(steps.length - 1)
    expect(times(rail([]), 'class="now"')).toBe(1)
  })
  test('each tick frees the next one, and shows its time', () => {
    const markup = rail(['date', 'out'])
    expect(times(markup, 'class="done"')).toBe(2)
    expect(times(markup, '<time')).toBe(2)
    expect(times(markup, 'disabled=""')).toBe(steps.length - 3)
    expect(times(markup, 'aria-pressed="true"')).toBe(2)
  })
  test('a step ticked out of turn stays ticked, and can be undone', () => {
    const markup = rail(['weigh'])
    expect(times(markup, 'class="done"')).toBe(1)
    expect(times(markup, 'disabled=""')).toBe(steps.length - 2)
  })
  test('blocked, nothing can be ticked and the reason is shown', () => {
    const markup = rail(['date'], 'It is not to be filled.')
    expect(times(markup, 'disabled=""')).toBe(steps.length)
    expect(markup).toContain('It is not to be filled.')
  })
})

describe('the collar', () => {
  const markup = (text: string, system: UnitSystem = 'us') =>
    drawn(<CollarDrawing parts={readStamps(text, '2026-11').parts} />, system)
  test('piece by piece, in its order, as typed', () => {
    const drawnCollar = markup('tw 17.8 06-11 <b>x</b>')
    expect(drawnCollar.indexOf('tw 17.8')).toBeLessThan(drawnCollar.indexOf('06-11'))
    expect(drawnCollar).toContain('Tare 17.8 lb, taken as pounds')
    expect(drawnCollar).toContain('&lt;b&gt;x&lt;/b&gt;')
    expect(times(drawnCollar, 'class="unread"')).toBe(1)
    expect(markup('tw 17.8', 'metric')).toContain('Tare 8.07 kg')
  })
  test('a wrong piece shows its sentence; none at all says so', () => {
    expect(markup('13-20')).toContain('There is no month 13.')
    expect(markup('')).toContain('Nothing typed yet.')
  })
})

describe('good through, in words, with a shape of its own', () => {
  const due = (change: Parameters<typeof fitness>[1]) =>
    gearRequalification(cylinderGear({ fitness: fitness('removable', change) }), TODAY)
  test.each([
    [{}, 'good through March 2030', '<circle'],
    [{ manufacturedMonth: '2011-06' }, 'out of date since June 2021: use up, do not fill', 'M-4.5 -11'],
    [{ manufacturedMonth: null }, 'date not known', 'M0 -11 11 0'],
  ] as const)('%j: %s', (change, words, shape) => {
    expect(dueText(due(change))).toBe(words)
    const markup = drawn(<DueText {...due(change)} />)
    expect(markup).toContain(words)
    expect(markup).toContain(shape)
  })
  test('never and none', () => {
    expect(dueText({ status: 'not-refillable', dueMonth: null })).toMatch(/not refillable/)
    expect(dueText({ status: 'no-date', dueMonth: null })).toMatch(/no date/)
  })
})

test('one answer to “will the pump fill it”, always with who decides', () => {
  const plate = (change: Parameters<typeof fitness>[1]) =>
    drawn(
      <PumpPlate
        answer={vesselFitness(cylinderGear({ fitness: fitness('removable', change) }), TODAY).fill}
        name="Left"
      />,
    )
  expect(plate({})).toContain('Yes, as far as known')
  expect(plate({ lastLook: null })).toContain('Not sure')
  const no = plate({ manufacturedMonth: '2011-06' })
  expect(no).toContain('pump-plate stop')
  for (const markup of [plate({}), no]) expect(markup).toContain('The attendant decides')
})

describe('where decanting will stop', () => {
  const outlook = (supplyF: number, bottleF: number, count = 1) =>
    decantOutlook({
      supply: { netKg: 8, tareKg: 8, waterCapacityKg: 21.6, temperatureK: fahrenheit(supplyF) },
      bottle: { temperatureK: fahrenheit(bottleF), tareKg: 0.41, waterCapacityKg: 1.107, residualKg: 0 },
      count,
    })
  test('never “safe”: an estimate, never a bound, and the scale decides', () => {
    for (const [supply, bottle] of [
      [70, 70],
      [70, 20],
      [60, 70],
    ] as const) {
      const markup = drawn(<DecantResult outlook={outlook(supply, bottle)} />)
      expect(markup).toContain('never a bound')
      expect(markup).toContain('let the scale decide')
      expect(markup).not.toMatch(/\bsafe\b/i)
    }
  })
  test('says when it can be overfilled, and when nothing can be relied on', () => {
    expect(drawn(<DecantResult outlook={outlook(70, 20)} />)).toContain('It can be overfilled')
    expect(drawn(<DecantResult outlook={outlook(70, 70)} />)).not.toContain('It can be overfilled')
    expect(drawn(<DecantResult outlook={outlook(60, 70)} />)).toContain('count on nothing')
  })
  test('several bottles are a table, a single one is not', () => {
    expect(drawn(<DecantResult outlook={outlook(70, 20)} />)).not.toContain('<table')
    expect(times(drawn(<DecantResult outlook={outlook(70, 20, 4)} />), '<tr')).toBe(5)
  })
})

test('a hundred pounds and a hundred gallons are drawn unlike each other and unlike a grill’s', () => {
  const shells = ['removable-20', 'removable-100', 'removable-420'].map((wanted) => {
    const size = typicalSizes.find(({ id }) => id === wanted)
    if (!size) throw new Error(wanted)
    const { kind, waterCapacityKg, name } = size
    return /d="([^"]+)" fill="#fffdf6"/.exec(
      drawn(<CylinderDrawing kind={kind} waterCapacityKg={waterCapacityKg} level={0} title={name} />),
    )?.[1]
  })
  expect(new Set(shells).size).toBe(3)
})

describe('a month field', () => {
  const field = (text: string) =>
    drawn(
      <MonthField label="Made" text={text} onText={() => undefined} latest="2026-11" issue={null} hint="as stamped" />,
    )
  test('shows what was read, or what is wrong, and waits while half typed', () => {
    expect(field('03-20')).toContain('= March 2020')
    expect(field('13-20')).toContain('There is no month 13.')
    expect(field('1')).toContain('as stamped')
    expect(field('1')).not.toContain('class="issue')
  })
  test('a future month only where allowed', () => {
    expect(readMonthField('03-31', '2026-11').issue).toMatch(/not come yet/)
    expect(readMonthField('03-31', '2099-12').month).toBe('2031-03')
    expect(readMonthField('  ', '2026-11')).toEqual({ month: null, issue: null })
  })
})
