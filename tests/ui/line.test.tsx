import { renderToStaticMarkup } from 'react-dom/server'
import type { ReactElement } from 'react'
import { change, check, edited, made, soundStart } from '@tests/lines'
import { PartDrawing } from '@/app/hookup/diagram/PartDrawing'
import { PartList } from '@/app/hookup/parts/PartList'
import { Remedies } from '@/app/hookup/flow/Remedies'
import { jointStateLabels } from '@/app/hookup/joints/jointStateLabels'
import { lineSvg } from '@/app/hookup/diagram/lineSvg'
import { marksOf } from '@/app/hookup/marksOf'
import { chosenPart, faceOf } from '@/app/hookup/diagram/PartBox'
import { partPressure } from '@/app/hookup/parts/partPressure'
import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import { ActionSteps } from '@/app/leak-test/soap/ActionSteps'
import { HoldVerdict } from '@/app/leak-test/hold/HoldVerdict'
import { UTube } from '@/app/leak-test/hold/UTube'
import { PlaceList } from '@/app/leak-test/soap/PlaceList'
import { PrintedSheet } from '@/app/leak-test/soap/PrintedSheet'
import { jointStates } from '@/core/hookup/line/line'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { partRoles } from '@/core/hookup/catalogue/partRoles'
import { leakSheet } from '@/core/leak-test/sheet/leakSheet'
import { leakTestState } from '@/core/leak-test/sheet/leakTestState'
import { fromUnit } from '@/core/units/convert'
import { starvationRemedies } from '@/core/hookup/flow/starvationRemedies'
import { holdOutcomes } from '@/core/leak-test/hold/holdOutcome'
import { leakAction } from '@/core/leak-test/sheet/leakAction'
import type { UnitSystem } from '@/core/units/displayRoles'
import { FindingList } from '@/ui/figures/FindingList'
import { UnitsProvider } from '@/ui/state/UnitsProvider'

function drawn(element: ReactElement, system: UnitSystem = 'us'): string {
  return renderToStaticMarkup(<UnitsProvider initial={system}>{element}</UnitsProvider>).replaceAll('\u00a0', ' ')
}

const two = soundStart('two-cylinders')
const taped = edited(two, made('cooktop-in', 'taped'), change('left-pigtail', { madeMonth: '2010-01' }))

describe('the drawing', () => {
  test.each(partRoles)('%s has a picture and a label', (role) => {
    expect(drawn(<PartDrawing role={role} />)).toMatch(/<svg.*<path/)
    expect(roleTraits[role].label.length).toBeGreaterThan(2)
  })

  test('the worst finding of a part or a joint marks it; a note does not', () => {
    const marks = marksOf(check(taped))
    expect(marks.get('cooktop-in')).toBe('stop')
    expect(marks.get('left-pigtail')).toBe('fix-first')
    expect(marks.get('cooktop')).toBeUndefined()
    const both = edited(two, change('changeover', { lever: 'both' }))
    expect(marksOf(check(both)).size).toBe(0)
  })

  test('a box shows its ports with the findings of each joint, and its key changes with its content', () => {
    const checked = check(taped)
    const part = (id: string) => {
      const found = checked.graph.byId.get(id)
      if (!found) throw new Error(id)
      return found
    }
    const marks = marksOf(checked)
    const cooktop = faceOf(part('cooktop'), checked, marks)
    expect(cooktop.face.ins).toEqual([{ id: 'in', mark: 'stop' }])
    expect(cooktop.face.outs).toEqual([])
    expect(cooktop.face.locked?.role).toBe('linePressure')
    expect(faceOf(part('changeover'), checked, marks).face.ins.map(({ id }) => id)).toEqual(['left', 'right'])
    expect(faceOf(part('main'), checked, marks).face.locked).toBeNull()
    const again = check(taped)
    const same = again.graph.byId.get('cooktop')
    if (!same) throw new Error('cooktop')
    expect(faceOf(same, again, marks).key).toBe(cooktop.key)
    expect(faceOf(same, again, new Map()).key).not.toBe(cooktop.key)
  })

  test('the outside supply port is an inlet once something feeds it', () => {
    const tank = soundStart('onboard-tank')
    const checked = check(tank)
    const tee = checked.graph.byId.get('supply-tee')
    if (!tee) throw new Error('supply-tee')
    expect(faceOf(tee, checked, new Map()).face.outs).toEqual(['out', 'supply', 'port'])
  })

  test('pressure in the unit of its zone; none where no gas comes', () => {
    const checked = check(two)
    expect(partPressure(checked, 'left')?.role).toBe('cylinderPressure')
    expect(partPressure(checked, 'cooktop')?.role).toBe('linePressure')
    expect(partPressure(checked, 'cooktop', 'locked up')?.value).toBeGreaterThan(
      partPressure(checked, 'cooktop')?.value ?? NaN,
    )
    expect(partPressure(check(edited(two, change('cook-valve', { setting: 'shut' }))), 'cooktop')).toBeNull()
  })

  test('subscribers learn which part is selected, until they leave', () => {
    const chosen = chosenPart()
    const heard: (string | null)[] = []
    const leave = chosen.subscribe(() => heard.push(chosen.get()))
    chosen.set('left')
    leave()
    chosen.set('right')
    expect(heard).toEqual(['left'])
    expect(chosen.get()).toBe('right')
  })

  test('as a file of its own: every part and joint, names escaped, zones distinct without color', () => {
    const named = edited(two, change('cooktop', { name: '<b>Cook & "top"</b>' }))
    const checked = check(named)
    const places = Object.fromEntries(checked.graph.parts.map(({ part }, i) => [part.id, { x: i * 130, y: 0 }]))
    const svg = lineSvg('A & B', checked, places)
    expect(svg.match(/<rect /g)).toHaveLength(two.parts.length)
    expect(svg.match(/<path /g)).toHaveLength(two.joints.length)
    expect(svg).toContain('A &amp; B')
    expect(svg).toContain('&lt;b&gt;Cook')
    expect(svg).not.toContain('<b>')
    expect(svg).toContain('stroke-width="7"')
    expect(svg).toContain('stroke-width="2.5"')
  })
})

describe('the list', () => {
  test('gives for each part what is upstream, its pressure and its state in a word', () => {
    const markup = drawn(
      <PartList check={check(taped)} marks={marksOf(check(taped))} chosen="main" choose={() => undefined} />,
    )
    expect(markup.match(/<li>/g)).toHaveLength(two.parts.length)
    expect(markup).toContain('begins the line · cylinder pressure')
    expect(markup).toContain('fix first')
    expect(markup.match(/aria-pressed="true"/g)).toHaveLength(1)
    expect(markup).toMatch(/10\.\d inWC/)
    expect(
      drawn(<PartList check={check(two)} marks={new Map()} chosen={null} choose={() => undefined} />, 'metric'),
    ).toContain('mbar')
  })

  test('a finding links to its line and its joint', () => {
    const markup = drawn(<FindingList findings={check(taped).findings} />)
    expect(markup).toContain('/hookup/joints?line=line&amp;about=cooktop-in')
    expect(markup).toContain('/hookup?line=line&amp;about=left-pigtail')
  })

  test('every way a joint may have been made has its own label', () => {
    const words = jointStates.map((state) => jointStateLabels[state])
    expect(new Set(words).size).toBe(jointStates.length)
  })
})

describe('what fixes a starving line', () => {
  const long = edited(two, change('main', { lengthM: fromUnit(300, 'length', 'ft') }))
  const checked = check(long)
  const starving = checked.appliances.filter(({ starves }) => starves)
  test('is given by part and size, and is absent where nothing starves', () => {
    const remedies = starvationRemedies(long, checked.graph, {
      temperatureK: 288.7,
      atmospherePa: 101325,
      demandsW: checked.demandsW,
    })
    const markup = drawn(<Remedies remedies={remedies} starving={starving} />)
    expect(markup).toContain('starve together')
    expect(markup).toMatch(/0\.\d+ in inside: then all have enough/)
    expect(drawn(<Remedies remedies={remedies} starving={[]} />)).toBe('')
    expect(drawn(<Remedies remedies={[]} starving={starving} />)).toContain('No single bore or regulator fixes it')
  })
})

describe('the leak sheet', () => {
  const graph = lineGraph(edited(two, change('cooktop', { place: 'inside' })))
  const sheet = leakSheet(graph)
  const [first, second] = sheet.filter(({ kind, zone }) => kind === 'joint' && zone === 'low')
  const reading = (itemId: string, grade: 'none' | 'slow' | 'fast', left = false) => ({
    itemId,
    grade,
    leftForTechnician: left,
    readAt: '',
  })
  const state = leakTestState(sheet, [
    ...sheet
      .filter(({ kind }) => kind === 'pressure')
      .map(({ id }) => ({ ...reading(id, 'none'), proof: { means: 'burner', flame: 'steady' } as const })),
    reading(first?.id ?? '', 'slow'),
    reading(first?.id ?? '', 'none'),
    reading(second?.id ?? '', 'fast', true),
  ])

  test('on screen: the state of each place, in words beside the symbol', () => {
    const markup = drawn(<PlaceList items={state.items} currentId={second?.id ?? null} choose={() => undefined} />)
    expect(markup).toContain('none, repaired')
    expect(markup).toContain('fast bubbles, technician')
    expect(markup).toContain('not yet')
    expect(markup.match(/aria-current="step"/g)).toHaveLength(1)
  })

  test('on paper: every place with its pressure and room to write', () => {
    const markup = drawn(<PrintedSheet lineName="House line" items={state.items} />)
    expect(markup.match(/<tr>/g)).toHaveLength(sheet.length + 1)
    expect(markup).toContain('Leak sheet · House line')
    expect(markup).toContain('(inside)')
    expect(markup).toContain('Appliance burned')
  })

  test('steps about a leak are in order, with whose work it is last', () => {
    const item = sheet.find(({ kind }) => kind === 'stem')
    const action = item && leakAction(item, 'slow', sheet)
    if (!action) throw new Error('no action')
    const markup = drawn(<ActionSteps action={action} />)
    expect(markup.match(/<li>/g)).toHaveLength(action.steps.length + 1)
    const shut = markup.indexOf('Shut the valve of every cylinder')
    expect(shut).toBeGreaterThan(0)
    expect(shut).toBeLessThan(markup.indexOf('Out of service'))
  })
})

describe('the hold test', () => {
  test.each(holdOutcomes)('%s has a word, a shape and what follows', (outcome) => {
    const markup = drawn(<HoldVerdict outcome={outcome} />)
    expect(markup).toContain('<svg')
    expect(markup).toContain('<strong>')
    expect(markup.includes('class="verdict ready"')).toBe(outcome === 'held')
    expect(markup.includes('class="verdict stop"')).toBe(outcome === 'fell')
  })

  test('the tube shows the difference, wherever the zero of its ruler is', () => {
    const middle = drawn(<UTube openM={0.1} gasM={-0.1} gaugePa={1961} live={false} />)
    const ruler = drawn(<UTube openM={0.4} gasM={0.2} gaugePa={1961} live={false} />)
    expect(middle).toBe(ruler)
    expect(middle).toContain('7.9 inWC')
    expect(drawn(<UTube openM={0.1} gasM={-0.1} gaugePa={1961} live />)).toContain('live:')
  })
})
