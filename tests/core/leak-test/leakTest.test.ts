import { add, chain, change, edited, soundStart } from '@tests/lines'
import { lineFingerprint } from '@/core/hookup/line/lineChanges'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { formatCountdown, holdSteps } from '@/core/leak-test/hold/holdSteps'
import { leakGrades, type LeakGrade } from '@/core/leak-test/sheet/leakReading'
import { type LeakReading } from '@/core/leak-test/sheet/leakReading'
import { leakTestState } from '@/core/leak-test/sheet/leakTestState'
import { leakSheet, type LeakItem } from '@/core/leak-test/sheet/leakSheet'
import { formatPhrase } from '@/core/units/formatQuantity'
import { isolateLeakingBranch } from '@/core/leak-test/hold/isolateLeakingBranch'
import { leakAction } from '@/core/leak-test/sheet/leakAction'
import { leakFindings, type LeakTestRecord, type LineTightness } from '@/core/leak-test/sheet/leakFindings'

const two = soundStart('two-cylinders')
const sheetOf = (line: typeof two): LeakItem[] => {
  const graph = lineGraph(line)
  return leakSheet(graph)
}
const sheet = sheetOf(edited(two, change('cooktop', { place: 'inside' })))
const at = (minute: number): string => `2026-11-24T10:${String(minute).padStart(2, '0')}:00.000Z`
const reading = (itemId: string, grade: LeakGrade, minute = 0, leftForTechnician = false): LeakReading => ({
  itemId,
  grade,
  leftForTechnician,
  readAt: at(minute),
})
const burnerProof = { means: 'burner', flame: 'steady' } as const
const proofs = sheet
  .filter(({ kind }) => kind === 'pressure')
  .map(({ id }): LeakReading => ({ ...reading(id, 'none'), proof: burnerProof }))
const allNone = [...proofs, ...sheet.filter(({ kind }) => kind !== 'pressure').map(({ id }) => reading(id, 'none'))]
const item = (kind: LeakItem['kind'], more: Partial<LeakItem> = {}): LeakItem => ({
  id: 'x',
  kind,
  name: 'x',
  expect: '',
  zone: 'low',
  inside: false,
  leased: false,
  partId: 'x',
  sealsOn: null,
  tighten: null,
  ...more,
})

describe('the sheet', () => {
  test('lists every joint, stem, crimp, relief and bleeder once, upstream first', () => {
    expect(new Set(sheet.map(({ id }) => id)).size).toBe(sheet.length)
    expect(sheet.filter(({ kind }) => kind === 'joint')).toHaveLength(two.joints.length)
    const count = (kind: LeakItem['kind']): number => sheet.filter((one) => one.kind === kind).length
    expect([count('relief'), count('bleeder'), count('vessel'), count('crimp'), count('burner')]).toEqual([
      2, 2, 2, 4, 2,
    ])
    // Two cylinder valves and two branch valves; the port has a plug.
    expect([count('stem'), count('plug')]).toEqual([4, 1])
    const place = (id: string): number => sheet.findIndex(({ partId }) => partId === id)
    expect(place('left')).toBeLessThan(place('left-pigtail'))
    expect(place('changeover')).toBeLessThan(place('cooktop'))
  })

  test('gives the pressure there and what to expect', () => {
    expect(sheet.find(({ partId }) => partId === 'left')).toMatchObject({ zone: 'cylinder' })
    expect(sheet.find(({ partId }) => partId === 'cook-tube')).toMatchObject({ zone: 'low' })
    for (const { expect: words } of sheet) expect(words).toMatch(/\.$/)
    expect(sheet.find(({ id }) => id === 'burner cooktop')?.inside).toBe(true)
  })

  test('CO2 has no bleeder, and what gas does not reach is not soaped', () => {
    expect(sheetOf(soundStart('keg')).some(({ kind }) => kind === 'bleeder')).toBe(false)
    expect(sheetOf(edited(two, add('loose', 'tube-3/8', null))).some(({ partId }) => partId === 'loose')).toBe(false)
    expect(sheetOf(chain('cylinder-both', 'shut-off-gauge')).map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['gauge', 'body']),
    )
  })
})

describe('what to do about a leak', () => {
  const actionOf = (one: LeakItem, grade: LeakGrade) => leakAction(one, grade, [one])
  test('no steps without a leak', () => {
    expect(actionOf(item('joint'), 'none')).toBeNull()
  })

  const places = sheet.flatMap((one) => leakGrades.slice(1).map((grade) => [one.name, grade, one] as const))
  test.each(places)('%s, %s: the class of its place', (_, grade, one) => {
    const action = leakAction(one, grade, sheet)
    const all = [...(action?.steps ?? []), action?.then].join(' ')
    const isVessel = one.kind === 'vessel' || one.kind === 'relief'
    const isItsStem = one.kind === 'stem' && (one.partId === 'left' || one.partId === 'right')
    expect(action?.technicianOnly).toBe(isVessel || isItsStem)
    // What the valve cannot stop is not answered by shutting it: people leave, and nobody drives.
    if (isVessel) {
      expect(action?.steps[0]).toMatch(/The valve cannot stop this/)
      expect(all).toMatch(grade === 'slow' ? /50 ft .*Call the supplier/ : /330 ft .*Call 911/)
      expect(all).toMatch(/No wrench on a fitting threaded into a vessel/)
      expect(all).not.toMatch(/Soap it again/)
    } else {
      // This line has two cylinders: both are shut.
      expect(action?.steps[0]).toMatch(/valve of every cylinder/)
    }
    // No wrench, and nothing taken apart, before the pressure is off.
    const turned = all.search(/two wrenches|[Tt]ake it apart|Take the plug out|Pull it apart|Set the clamp|Replace it:/)
    if (turned >= 0) expect(all.slice(0, turned)).toMatch(/Burn the line down: .*No wrench on anything under pressure/)
    if (one.kind === 'stem' && isItsStem) expect(all).not.toMatch(/packing nut/)
  })

  test('a plug has no stem', () => {
    const plug = sheet.find(({ kind }) => kind === 'plug')
    expect(plug?.name).toMatch(/plug of the port/)
    const steps = plug && leakAction(plug, 'slow', sheet)?.steps.join(' ')
    expect(steps).toMatch(/new tape or paste/)
    expect(steps).not.toMatch(/stem|packing/)
  })

  test('by the seal of the joint', () => {
    const steps = (more: Partial<LeakItem>): string => actionOf(item('joint', more), 'slow')?.steps.join(' ') ?? ''
    expect(steps({ tighten: 'hand', sealsOn: 'face' })).toMatch(/by hand, no tool/)
    expect(steps({ tighten: 'two-wrenches', sealsOn: 'face' })).toMatch(/no tape/)
    expect(steps({ tighten: 'wrench', sealsOn: 'threads' })).toMatch(/new tape or paste/)
    expect(steps({ tighten: 'wrench', sealsOn: 'washer' })).toMatch(/new flat washer/)
    // NFPA 1192 [from memory]: no compression sleeves on propane.
    expect(steps({ tighten: 'two-wrenches', sealsOn: 'sleeve' })).toMatch(/45° flare/)
    expect(steps({ tighten: 'two-wrenches', sealsOn: 'sleeve' })).not.toMatch(/new sleeve/)
    expect(steps({ tighten: 'two-wrenches', sealsOn: 'sleeve', zone: 'co2-low' })).toMatch(/new sleeve/)
    expect(steps({ tighten: 'push', sealsOn: 'o-ring' })).toMatch(/O-ring/)
    expect(steps({ tighten: 'clamp', sealsOn: 'hose' })).toMatch(/clamp/)
  })

  test('inside, everybody leaves first; one cylinder has one valve; a leased vessel is its owner’s job', () => {
    expect(actionOf(item('joint', { inside: true }), 'slow')?.steps[0]).toMatch(/Everybody out/)
    expect(actionOf(item('joint'), 'slow')?.steps[0]).toMatch(/Shut the cylinder’s valve/)
    expect(actionOf(item('vessel', { inside: true }), 'slow')?.steps[1]).toMatch(/Call 911/)
    expect(actionOf(item('joint', { zone: 'co2-low', inside: true }), 'slow')?.steps[0]).toMatch(
      /CO2 drives it out, without a smell/,
    )
    expect(actionOf(item('joint', { zone: 'co2-cylinder' }), 'hiss')?.steps[0]).toMatch(/never in a closed room/)
    const leasedSheet = [item('relief', { leased: true }), item('stem', { leased: true })]
    for (const one of leasedSheet) {
      expect(leakAction(one, 'slow', leasedSheet)).toMatchObject({ technicianOnly: true })
      expect(leakAction(one, 'slow', leasedSheet)?.then).toMatch(/owner repairs/)
    }
    expect(actionOf(item('joint', { leased: true }), 'slow')?.technicianOnly).toBe(false)
    const leased = sheetOf(edited(two, change('left', { leased: true })))
    expect(leased.filter((one) => one.leased).map(({ kind }) => kind)).toEqual(['vessel', 'relief', 'stem', 'bleeder'])
  })
})

describe('state of the test', () => {
  test('closes only when every place has no bubbles', () => {
    expect(leakTestState(sheet, []).unread).toBe(sheet.length)
    expect(leakTestState(sheet, allNone.slice(1)).mayClose).toBe(false)
    expect(leakTestState(sheet, allNone).mayClose).toBe(true)
    expect(leakTestState([], []).mayClose).toBe(false)
  })

  test('a leak keeps it open until the place is soaped again without bubbles', () => {
    const [first] = sheet.filter(({ kind }) => kind === 'joint')
    const leaky = [...allNone, reading(first?.id ?? '', 'steady', 1)]
    expect(leakTestState(sheet, leaky)).toMatchObject({ mayClose: false, repaired: 0 })
    const repaired = [...leaky, reading(first?.id ?? '', 'none', 2)]
    // The line was burned down for the repair: its pressure is proved anew.
    expect(leakTestState(sheet, repaired)).toMatchObject({ mayClose: false, notProved: 1 })
    const lit = proofs.map((proof) => ({ ...proof, readAt: at(3) }))
    expect(leakTestState(sheet, [...repaired, ...lit])).toMatchObject({ mayClose: true, repaired: 1 })
  })

  test('a place left for a technician keeps it open, whatever the others show', () => {
    const state = leakTestState(sheet, [...allNone, reading('relief left', 'slow', 1, true)])
    expect(state.mayClose).toBe(false)
    expect(state.open.map(({ state: one }) => one)).toEqual(['left'])
  })

  test('a leak inside ranks above one outside, then by grade', () => {
    const state = leakTestState(sheet, [
      reading('stem left', 'hiss'),
      reading('relief left', 'slow'),
      reading('burner cooktop', 'slow'),
    ])
    expect(state.open.map(({ item: one }) => one.id)).toEqual(['burner cooktop', 'stem left', 'relief left'])
  })
})

describe('what the verdict gets', () => {
  const test0: LeakTestRecord = {
    startedAt: at(0),
    fingerprint: lineFingerprint(two),
    sheet,
    readings: allNone,
    closedAt: at(30),
  }
  const tightness = (change: Partial<LineTightness>): LineTightness => ({
    lineId: 'line',
    name: 'House line',
    fingerprint: lineFingerprint(two),
    lastTest: test0,
    lastHold: null,
    refilledAt: null,
    ...change,
  })
  const told = (change: Partial<LineTightness>): string[] =>
    leakFindings(tightness(change)).map(({ code, severity, sentence, reason }) => {
      for (const phrase of [sentence, reason]) expect(formatPhrase(phrase, 'us')).toMatch(/^[^{}]+\.$/)
      return `${severity} ${code}`
    })

  test('no finding when the test was closed on the current line', () => {
    expect(told({})).toEqual([])
    expect(told({ refilledAt: at(10) })).toEqual([])
  })

  test.each<[string, Partial<LineTightness>, string[]]>([
    ['never tested', { lastTest: null }, ['fix-first leak-test-missing']],
    ['changed since', { fingerprint: 'other' }, ['fix-first line-changed-since-test']],
    ['refilled since', { refilledAt: at(40) }, ['fix-first refilled-since-test']],
    ['not finished', { lastTest: { ...test0, closedAt: null, readings: [] } }, ['fix-first leak-test-unfinished']],
    [
      'a leak',
      { lastTest: { ...test0, closedAt: null, readings: [reading('stem left', 'fast')] } },
      ['stop leak-open'],
    ],
    [
      'left for a technician',
      { lastTest: { ...test0, closedAt: null, readings: [reading('stem left', 'fast', 0, true)] } },
      ['stop leak-left'],
    ],
    ['did not hold', { lastHold: { outcome: 'fell', heldAt: at(50) } }, ['stop hold-fell']],
    ['held', { lastHold: { outcome: 'held', heldAt: at(50) } }, []],
  ])('%s', (_, change, expected) => {
    expect(told(change)).toEqual(expected)
  })
})

describe('branch by branch', () => {
  const branches = ['fridge', 'cooktop', 'panel']
  test('a fall with everything shut is in the main line', () => {
    expect(isolateLeakingBranch(branches, [{ open: [], outcome: 'fell' }])).toMatchObject({
      mainLeaks: true,
      found: null,
    })
  })
  test('the only branch left when the others held', () => {
    const holds = [
      { open: [], outcome: 'held' },
      { open: ['fridge'], outcome: 'held' },
      { open: ['cooktop'], outcome: 'fell' },
    ] as const
    expect(isolateLeakingBranch(branches, holds)).toEqual({
      sound: ['fridge'],
      suspect: ['cooktop'],
      mainLeaks: false,
      found: 'cooktop',
    })
  })
  test('two opened together remain both suspect', () => {
    const holds = [
      { open: [], outcome: 'held' },
      { open: ['cooktop', 'panel'], outcome: 'fell' },
    ] as const
    expect(isolateLeakingBranch(branches, holds)).toMatchObject({ suspect: ['cooktop', 'panel'], found: null })
  })
})

test('the hold timer counts down, then up', () => {
  expect([180, 59.2, 1, 0, -1, -75].map(formatCountdown)).toEqual(['3:00', '1:00', '0:01', '+0:00', '+0:01', '+1:15'])
})

test('each side has its procedure, without repeated steps', () => {
  for (const side of ['low', 'cylinder'] as const) {
    const ids = holdSteps(side).map(({ id }) => id)
    expect(new Set(ids).size).toBe(ids.length)
    expect(ids).toContain('hold')
  }
})
