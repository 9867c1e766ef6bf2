import { renderToStaticMarkup } from 'react-dom/server'
import type { ReactElement } from 'react'
import { cylinderGear, NOW } from '@tests/gear'
import { POUND_KG } from '@tests/tradeUnits'
import { contentsInput } from '@/core/cylinders/contents/gearContents'
import { cylinderFindings } from '@/core/cylinders/fitness/cylinderFindings'
import { cylinderKinds } from '@/core/cylinders/cylinderKind'
import { contentsSlip } from '@/core/cylinders/contents/contentsSlip'
import type { UnitSystem } from '@/core/units/displayRoles'
import { Basis } from '@/ui/figures/Basis'
import { CylinderDrawing } from '@/ui/drawings/CylinderDrawing'
import { FindingList } from '@/ui/figures/FindingList'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { StateMark } from '@/ui/figures/StateMark'
import { UnitsProvider } from '@/ui/state/UnitsProvider'

function drawn(element: ReactElement, system: UnitSystem = 'us'): string {
  return renderToStaticMarkup(<UnitsProvider initial={system}>{element}</UnitsProvider>).replaceAll('\u00a0', ' ')
}

const gear = cylinderGear()
const slip = contentsSlip(contentsInput(gear, { grossKg: 31.4 * POUND_KG, hangingKg: 0 }), false)

describe('the slip', () => {
  test('reads like a calculation by hand, in either unit system', () => {
    const us = drawn(<SlipPaper title="Left" sub="by the last weighing" slip={slip} />)
    for (const part of ['31.4 lb', '17.8 lb', '20.0 lb', '6.4 lb', '68 %']) expect(us).toContain(part)
    const metric = drawn(<SlipPaper title="Left" sub="by the last weighing" slip={slip} />, 'metric')
    for (const part of ['14.24 kg', '8.07 kg', '9.06 kg']) expect(metric).toContain(part)
    expect(metric).not.toContain(' lb')
  })

  test('every line can be opened', () => {
    const us = drawn(<SlipPaper title="Left" sub="" slip={slip} />)
    const buttons = us.match(/<button type="button" aria-expanded="false"/g) ?? []
    expect(buttons).toHaveLength(slip.lines.length + slip.further.length + 1)
  })

  test('without a result it says what to do instead', () => {
    expect(
      drawn(
        <SlipPaper title="Left" sub="" slip={null}>
          Stand it on the scale.
        </SlipPaper>,
      ),
    ).toContain('Stand it on the scale.')
  })
})

test('the source of a figure names inputs, reference and certainty', () => {
  const markup = drawn(<Basis figure={slip.result.figure} />)
  expect(markup).toContain('On the scale')
  expect(markup).toContain('31.4 lb')
  expect(markup).toContain('class="standing"')
})

describe('findings', () => {
  const overfilled = cylinderGear({
    name: '<b>{over}</b>',
    lastWeighing: { grossKg: 40 * POUND_KG, hangingKg: 0, weighedAt: NOW },
  })

  test('give their state in a word too, and link to the place', () => {
    const markup = drawn(<FindingList findings={cylinderFindings(overfilled, NOW)} />)
    expect(markup).toContain('<span class="visually-hidden">stop: </span>')
    expect(markup).toContain('href="/cylinders/left"')
  })

  test('take an owner’s words as words', () => {
    const markup = drawn(<FindingList findings={cylinderFindings(overfilled, NOW)} />)
    expect(markup).toContain('&lt;b&gt;{over}&lt;/b&gt; is overfilled by 2.2 lb.')
  })
})

describe('the drawings', () => {
  test.each(cylinderKinds)('%s: fuller is drawn higher', (kind) => {
    const surface = (level: number): number => {
      const markup = drawn(<CylinderDrawing kind={kind} level={level} title="x" />)
      return Number(/<rect x="0" y="([\d.]+)"/.exec(markup)?.[1])
    }
    expect(surface(0.8)).toBeLessThan(surface(0.2))
  })

  test('empty has no liquid, unknown has a question mark', () => {
    expect(drawn(<CylinderDrawing kind="removable" level={0} title="x" />)).not.toContain('#bfd6cc')
    expect(drawn(<CylinderDrawing kind="removable" level={null} title="x" />)).toContain('>?</text>')
  })

  test('the limit is marked where it is known', () => {
    expect(drawn(<CylinderDrawing kind="co2" level={0.5} limitLevel={0.7} title="x" />)).toContain('stroke-dasharray')
    expect(drawn(<CylinderDrawing kind="co2" level={0.5} limitLevel={null} title="x" />)).not.toContain(
      'stroke-dasharray',
    )
  })

  test('the three states differ in shape, not in color alone', () => {
    const shape = (state: 'ready' | 'fix-first' | 'stop'): string =>
      drawn(<StateMark state={state} />).replace(/#[\da-f]{6}/g, '')
    expect(new Set([shape('ready'), shape('fix-first'), shape('stop')]).size).toBe(3)
    expect(shape('ready')).toContain('<circle')
  })
})
