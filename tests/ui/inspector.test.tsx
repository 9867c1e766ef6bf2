import { renderToStaticMarkup } from 'react-dom/server'
import { chain, check, edited, change, soundStart } from '@tests/lines'
import type { HookupPageData } from '@/app/hookup/hookupPageData'
import { JoinFields } from '@/app/hookup/parts/JoinFields'
import { PartInspector } from '@/app/hookup/parts/PartInspector'
import type { Line } from '@/core/hookup/line/line'
import { CaptureProvider } from '@/ui/instruments/CaptureProvider'
import { UnitsProvider } from '@/ui/state/UnitsProvider'

const data: HookupPageData = {
  rigId: 'rig',
  lines: [],
  chosen: null,
  about: null,
  changes: [],
  cylinderStops: [],
  heldKg: {},
  cylinders: [{ id: 'left', name: 'Left of the rig', kind: 'removable', holdsKg: 9.07 }],
  appliances: [{ id: 'panel', name: 'Panel of the rig', kind: 'panel-heater', inputW: 880 }],
  equipment: [{ id: 'hose', name: 'Hose of the rig', kind: 'hose' }],
  ownTypes: [],
  temperatureK: 264,
  altitudeM: 2410,
  atmospherePa: 75_600,
  assumed: { altitude: false, temperature: false },
  untilMonth: '2026-12',
  thisMonth: '2026-11',
}

function inspector(line: Line, id: string, system: 'us' | 'metric' = 'us'): string {
  const { graph } = check(line)
  const one = graph.byId.get(id)
  if (!one) throw new Error(id)
  return renderToStaticMarkup(
    <UnitsProvider initial={system}>
      <CaptureProvider>
        <PartInspector one={one} graph={graph} data={data} edit={() => undefined} findPart={() => undefined} />
      </CaptureProvider>
    </UnitsProvider>,
  ).replaceAll('\u00a0', ' ')
}

const two = soundStart('two-cylinders')
const labels = (markup: string): string[] =>
  [...markup.matchAll(/<label[^>]*>([^<]*)<\/label>/g)].map(([, text]) => text ?? '')

// What is asked about a part follows from what it does.
test.each<[string, Line, string, readonly string[], readonly string[]]>([
  [
    'a cylinder',
    two,
    'left',
    ['Which of the rig’s', 'Whose it is', 'Its valve stands'],
    ['Length', 'Heat input', 'As it looks'],
  ],
  [
    'a pigtail',
    two,
    'left-pigtail',
    ['Length', 'Inside diameter', 'Its dates are kept under', 'Made, month and year', 'As it looks'],
    ['Heat input', 'Its valve stands', 'Whose it is'],
  ],
  [
    'a changeover',
    two,
    'changeover',
    ['Vent points down, covered', 'Takes its gas from', 'Made, month and year'],
    ['Length', 'Its valve stands'],
  ],
  [
    'a nipple',
    two,
    'nipple',
    ['What you call it', 'Where it sits'],
    ['Length', 'Vent points down, covered', 'Its valve stands', 'Made, month and year'],
  ],
  ['a tube', two, 'main', ['Length', 'Inside diameter'], ['As it looks', 'Made, month and year']],
  ['a valve', two, 'cook-valve', ['Its valve stands'], ['Length', 'Whose it is']],
  ['an appliance', two, 'cooktop', ['Which of the rig’s', 'Heat input'], ['Its valve stands', 'Length']],
  [
    'a shut-off',
    chain('cylinder-both', 'shut-off-gauge'),
    'shut-off-gauge',
    ['Bracket, cover and hose still fit'],
    ['Length', 'Vent points down, covered'],
  ],
  [
    'a CO2 regulator',
    soundStart('keg'),
    'regulator',
    ['Made, month and year'],
    ['Vent points down, covered', 'Takes its gas from'],
  ],
  [
    'a tube under the floor',
    edited(two, change('main', { place: 'road' })),
    'main',
    ['Clipped, sleeved, out of the road’s reach'],
    ['As it looks'],
  ],
])('%s is asked what matters to it, and no more', (_, line, id, asked, notAsked) => {
  const shown = labels(inspector(line, id))
  expect(shown).toEqual(expect.arrayContaining([...asked]))
  for (const label of notAsked) expect(shown).not.toContain(label)
})

test('what is tracked with the rig’s dated equipment is not dated twice', () => {
  const linked = edited(two, change('left-pigtail', { equipmentId: 'hose' }))
  expect(labels(inspector(linked, 'left-pigtail'))).not.toContain('Made, month and year')
  expect(inspector(linked, 'left-pigtail')).toContain('Hose of the rig')
})

test('sizes are in the owner’s units, from the kind unless entered', () => {
  expect(inspector(two, 'main')).toMatch(/value="6(\.0)?( ft)?"/)
  expect(inspector(two, 'main', 'metric')).toMatch(/value="1\.8\d* ?m?"/)
  expect(inspector(edited(two, change('main', { lengthM: 3.048 })), 'main')).toMatch(/value="10(\.0)?( ft)?"/)
})

test('an automatic changeover can be left to itself, a manual one cannot', () => {
  expect(inspector(two, 'changeover')).toContain('the primary, then the reserve by itself')
  const manual = chain('cylinder-both', 'pigtail-acme', 'changeover-manual')
  expect(inspector(manual, 'changeover-manual')).not.toContain('by itself')
})

describe('connecting', () => {
  const joins = (line: Line, id: string): string => {
    const { graph } = check(line)
    const one = graph.byId.get(id)
    if (!one) throw new Error(id)
    return renderToStaticMarkup(<JoinFields one={one} graph={graph} edit={() => undefined} />)
  }

  test('a used port says where it leads; a free one offers free ports, fitting ones first', () => {
    expect(joins(two, 'main')).toContain('Part them')
    const parted = edited(two, { do: 'unjoin', id: 'cooktop-in' }, { do: 'unjoin', id: 'fridge-in' })
    const markup = joins(parted, 'cook-tube')
    const options = [...markup.matchAll(/<option[^>]*>([^<]*)<\/option>/g)].map(([, text]) => text)
    expect(options[0]).toBe('Join it to …')
    expect(options.slice(1).toSorted()).toEqual(['Absorption fridge (fits)', 'Cooktop (fits)'])
  })

  test('a lookalike says so; no free port is said', () => {
    const lookalike = edited(chain('two-stage', 'elbow-3/8'), { do: 'unjoin', id: 'elbow-3/8-in' })
    const withTube = edited(lookalike, { do: 'remove', id: 'elbow-3/8' })
    expect(joins(withTube, 'two-stage')).toContain('nothing is free to join it to')
    const both = chain('two-stage', 'tube-3/8')
    expect(joins(edited(both, { do: 'unjoin', id: 'tube-3/8-in' }), 'two-stage')).toContain('looks alike, never seals')
  })

  test('an end has no outlet to connect', () => {
    expect(joins(two, 'cooktop')).toBe('')
  })
})
