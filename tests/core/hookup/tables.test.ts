import { add, chain, change, check, edited, join, made, partType, sound, soundStart } from '@tests/lines'
import { connectionIds, type ConnectionId } from '@/core/hookup/catalogue/connections'
import { jointSheet } from '@/core/hookup/checks/jointSheet'
import type { JointState, Line } from '@/core/hookup/line/line'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { catalogue } from '@/core/hookup/catalogue/catalogue'
import { portCompatibility } from '@/core/hookup/catalogue/portCompatibility'
import { leakSheet } from '@/core/leak-test/sheet/leakSheet'
import { sortFindings } from '@/core/findings/Finding'

/** The best joint of two catalog parts, with gas flowing from the first into the second. */
function together(from: string, to: string): string {
  const outs = partType(from).ports.filter(({ way }) => way !== 'in')
  const ins = partType(to).ports.filter(({ way }) => way !== 'out')
  const verdicts = outs.flatMap((out) => ins.map((into) => portCompatibility(out.fits, into.fits)))
  const best =
    verdicts.find(({ verdict }) => verdict === 'mates') ?? verdicts.find(({ verdict }) => verdict === 'lookalike')
  return best ? `${best.verdict} ${best.connection}` : 'does-not-fit'
}

// Which connection fits which. Common practice.
test.each([
  ['cylinder-both', 'pigtail-acme', 'mates type1-acme'],
  ['cylinder-both', 'pigtail-pol', 'mates pol'],
  ['cylinder-both', 'shut-off-gauge', 'mates type1-acme'],
  ['cylinder-both', 'single-stage', 'mates type1-acme'],
  ['cylinder-both', 'portable', 'does-not-fit'],
  ['cylinder-pol', 'pigtail-pol', 'mates pol'],
  ['cylinder-pol', 'pigtail-acme', 'does-not-fit'],
  ['shut-off-gauge', 'pigtail-acme', 'mates type1-acme'],
  ['bottle', 'portable', 'mates bottle-1-20'],
  ['bottle', 'stove', 'mates bottle-1-20'],
  ['bottle', 'cooktop', 'does-not-fit'],
  ['tank', 'supply-tee', 'mates pol'],
  ['supply-tee', 'single-stage', 'mates pol'],
  ['supply-tee', 'hose-bottle', 'mates bottle-1-20'],
  ['pigtail-acme', 'changeover-auto', 'mates inverted-flare-1/4'],
  ['pigtail-acme', 'panel-compression', 'lookalike inverted-flare-1/4'],
  ['two-stage', 'npt-to-flare-3/8', 'mates npt-3/8'],
  ['two-stage', 'tube-3/8', 'lookalike npt-3/8'],
  ['two-stage', 'compression-tube-3/8', 'lookalike npt-3/8'],
  ['two-stage', 'npt-to-flare-1/2', 'does-not-fit'],
  ['npt-to-flare-3/8', 'tube-3/8', 'mates flare-3/8'],
  ['npt-to-flare-3/8', 'compression-tube-3/8', 'lookalike flare-3/8'],
  ['tube-3/8', 'cooktop', 'mates flare-3/8'],
  ['tube-3/8', 'coupler-3/8', 'lookalike flare-3/8'],
  ['tube-1/2', 'reducer-1/2-3/8', 'does-not-fit'],
  ['tee-flare-3/8', 'valve-swivel-3/8', 'mates flare-3/8'],
  ['quick-low', 'hose-low-quick', 'mates quick-low-1/4'],
  ['quick-low', 'hose-mid-quick', 'lookalike quick-low-1/4'],
  ['quick-high', 'hose-low-quick', 'lookalike quick-high-1/4'],
  ['quick-mid', 'hose-mid-quick', 'mates quick-mid-1/4'],
  ['co2-cylinder', 'co2-drinks', 'mates cga-320'],
  ['co2-cylinder', 'pigtail-acme', 'does-not-fit'],
  ['co2-drinks', 'hose-co2', 'mates barb'],
  ['hose-co2', 'keg', 'mates barb'],
  ['co2-tyres', 'hose-air', 'mates npt-1/4'],
  ['hose-air', 'chuck', 'mates npt-1/4'],
])('%s onto %s: %s', (from, to, expected) => {
  expect(together(from, to)).toBe(expected)
})

test('propane parts do not fit a CO2 cylinder, nor CO2 parts a propane valve', () => {
  for (const { id, gas, ports } of catalogue) {
    if (!ports.some(({ way }) => way !== 'out')) continue
    if (gas === 'propane') expect(together('co2-cylinder', id)).toBe('does-not-fit')
    if (id.startsWith('co2-')) expect(together('cylinder-both', id)).toBe('does-not-fit')
  }
})

/** One joint of a connection, both ends made for it. */
function jointOf(connection: ConnectionId): Line {
  const end = (id: string, way: 'in' | 'out', sex: 'male' | 'female') =>
    ({
      id,
      name: id,
      role: 'adapter',
      gas: 'any',
      rated: 'cylinder',
      ports: [{ id: way, way, fits: [{ connection, sex }] }],
    }) as const
  const types = [end('one', 'out', 'male'), end('other', 'in', 'female')]
  const parts = types.map(({ id }) => ({ id, typeId: id, place: 'outside' as const }))
  const line = {
    parts,
    joints: [],
    types: types.map((type) => ({ ...type, ports: type.ports.map((port) => ({ ...port, fits: [...port.fits] })) })),
  }
  return edited(line, join('one', 'out', 'other', 'in'))
}

// Wrong ways to make each kind of joint. Common practice.
const wrongly: Readonly<Record<ConnectionId, readonly JointState[]>> = {
  'type1-acme': ['taped', 'wrong-way', 'wrenched'],
  pol: ['taped', 'wrong-way'],
  'bottle-1-20': ['taped', 'wrong-way', 'wrenched'],
  'cga-320': ['taped', 'wrong-way', 'old-washer'],
  'npt-1/4': ['bare', 'few-turns', 'wrong-way', 'one-wrench'],
  'npt-3/8': ['bare', 'few-turns', 'wrong-way', 'one-wrench'],
  'npt-1/2': ['bare', 'few-turns', 'wrong-way', 'one-wrench'],
  'flare-1/4': ['taped', 'wrong-way', 'one-wrench'],
  'flare-3/8': ['taped', 'wrong-way', 'one-wrench'],
  'flare-1/2': ['taped', 'wrong-way', 'one-wrench'],
  'inverted-flare-1/4': ['taped', 'wrong-way'],
  'compression-1/4': ['taped', 'wrong-way', 'one-wrench'],
  'compression-3/8': ['taped', 'wrong-way', 'one-wrench'],
  'quick-low-1/4': ['taped'],
  'quick-mid-1/4': ['taped'],
  'quick-high-1/4': ['taped'],
  barb: ['taped'],
}

describe.each(connectionIds)('a joint of %s', (connection) => {
  const line = jointOf(connection)
  test('offers the ways it can be made, and every wrong one is found', () => {
    const [row] = jointSheet(lineGraph(line))
    expect(row?.states).toEqual(['as-it-should', 'not-known', ...wrongly[connection]])
    for (const state of wrongly[connection]) {
      const found = check(edited(line, made('one-other', state))).findings.filter(
        ({ remedy }) => remedy.about === 'one-other',
      )
      expect(found).toHaveLength(1)
      expect(found[0]?.remedy).toMatchObject({ page: 'joints', subjectId: 'line' })
    }
  })

  test('made correctly, or in a way it cannot be, it raises no finding', () => {
    const others = (
      ['as-it-should', 'taped', 'bare', 'few-turns', 'wrenched', 'old-washer', 'one-wrench'] as const
    ).filter((state) => !wrongly[connection].includes(state))
    for (const state of others) {
      expect(
        check(edited(line, made('one-other', state))).findings.filter(({ remedy }) => remedy.about === 'one-other'),
      ).toEqual([])
    }
  })
})

describe('complete sheets', () => {
  const sheet = (line: Line): string[] => {
    const graph = lineGraph(line)
    return leakSheet(graph).map(({ name, zone }) => `${name} · ${zone}`)
  }

  test('CO2 for a keg', () => {
    expect(sheet(soundStart('keg'))).toEqual([
      'Pressure of CO2 cylinder · co2-cylinder',
      'Pressure behind the CO2 regulator for drinks · co2-low',
      'CO2 cylinder: valve’s foot · co2-cylinder',
      'CO2 cylinder: relief valve · co2-cylinder',
      'CO2 cylinder: valve stem · co2-cylinder',
      'CO2 regulator for drinks, at the CO2 cylinder · co2-cylinder',
      'CO2 regulator for drinks: body and vent · co2-cylinder',
      'CO2 hose for barbs, 5 ft, at the CO2 regulator for drinks · co2-low',
      'CO2 hose for barbs, 5 ft: end towards the cylinder · co2-low',
      'CO2 hose for barbs, 5 ft: end towards the appliance · co2-low',
      'CO2 hose for barbs, 5 ft, at the soda keg · co2-low',
    ])
  })

  test('a portable on its bottle', () => {
    expect(sheet(sound(chain('bottle', 'portable')))).toEqual([
      'Pressure of One-pound bottle · cylinder',
      'One-pound bottle: relief valve · cylinder',
      'Portable radiant heater, at the one-pound bottle · cylinder',
      'Portable radiant heater: valves · cylinder',
    ])
  })

  test('one cylinder on a single regulator', () => {
    expect(
      sheet(sound(chain('cylinder-both', 'single-stage', 'hose-low-flare', 'cooktop'))).map(
        (row) => row.split(' · ')[1],
      ),
    ).toEqual(['cylinder', 'low', ...Array<string>(6).fill('cylinder'), ...Array<string>(5).fill('low')])
  })
})

test('findings come most severe first and link to their part', () => {
  const messy = edited(
    soundStart('two-cylinders'),
    made('cooktop-in', 'taped'),
    change('left-pigtail', { condition: 'bad' }),
    change('changeover', { lever: 'both' }),
    add('loose', 'tube-3/8', null),
  )
  const { findings } = check(messy)
  expect(findings).toEqual(sortFindings(findings))
  expect(findings.map(({ code, severity, remedy }) => [severity, code, remedy.about])).toEqual([
    ['stop', 'joint-taped', 'cooktop-in'],
    ['fix-first', 'not-fed', 'loose'],
    ['fix-first', 'hose-bad', 'left-pigtail'],
    ['note', 'changeover-both', 'changeover'],
  ])
})
