import fc from 'fast-check'
import { add, chain, change, check, codes, edited, join, sound, soundStart } from '@tests/lines'
import { InputError } from '@/core/base/InputError'
import { catalogue } from '@/core/hookup/catalogue/catalogue'
import { jointSheet, toolsToBring } from '@/core/hookup/checks/jointSheet'
import type { Line } from '@/core/hookup/line/line'
import { describeLineChanges, lineFingerprint } from '@/core/hookup/line/lineChanges'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { partGroups, partTypeSchema } from '@/core/hookup/catalogue/partType'
import { readLineFile, writeLineFile } from '@/core/hookup/line/lineFile'
import { editLine } from '@/core/hookup/line/editLine'
import { hookupCheck, hookupCheckSchema } from '@/core/hookup/checks/hookupCheck'
import { ownPartType, type OwnPart } from '@/core/hookup/catalogue/ownPartType'

const two = soundStart('two-cylinders')
const empty: Line = { parts: [], joints: [], types: [] }

describe('the catalog', () => {
  test('every part is complete, in one group, with a unique name', () => {
    for (const type of catalogue) expect(partTypeSchema.safeParse(type).success).toBe(true)
    expect(new Set(catalogue.map(({ id }) => id)).size).toBe(catalogue.length)
    expect(new Set(catalogue.map(({ name }) => name)).size).toBe(catalogue.length)
    for (const { role } of catalogue) {
      expect(partGroups.filter(({ roles }) => roles.includes(role))).toHaveLength(1)
    }
    expect(catalogue.length).toBeGreaterThan(80)
  })

  test('hoses and tubes have bore and length, regulators a setting, appliances an input', () => {
    for (const type of catalogue) {
      if (type.role === 'hose' || type.role === 'tube')
        expect((type.boreM ?? 0) * (type.lengthM ?? 0)).toBeGreaterThan(0)
      if (type.role === 'regulator' || type.role === 'changeover') expect(type.regulator).toBeDefined()
      if (type.role === 'appliance') expect(type.appliance?.inputW).toBeGreaterThan(0)
    }
  })
})

describe('drawing', () => {
  test('a part added after another takes the port that fits; a valve offers two shapes', () => {
    const line = chain('cylinder-both', 'pigtail-pol', 'two-stage')
    expect(lineGraph(line).joints.map(({ verdict }) => [verdict.verdict, verdict.connection])).toEqual([
      ['mates', 'pol'],
      ['mates', 'inverted-flare-1/4'],
    ])
  })

  test('with no free port it goes in between; removing it closes the gap', () => {
    const between = edited(two, add('filter', 'union-flare-3/8', 'fridge-tube'))
    expect(between.joints.map(({ from, to }) => `${from.partId} ${to.partId}`)).toEqual(
      expect.arrayContaining(['fridge-tube filter', 'filter fridge']),
    )
    const back = edited(between, { do: 'remove', id: 'filter' })
    expect(lineFingerprint(back)).toBe(lineFingerprint(two))
  })

  test('connecting replaces what was connected there; disconnecting keeps both', () => {
    const swapped = edited(two, join('right-pigtail', 'out', 'changeover', 'left'))
    expect(swapped.joints.filter(({ to }) => to.partId === 'changeover')).toHaveLength(1)
    const parted = edited(two, { do: 'unjoin', id: 'cooktop-in' })
    expect(lineGraph(parted).unreachableParts).toEqual(['cooktop'])
  })

  test('any sequence of edits leaves a line that can be judged', () => {
    const anyEdit = fc.record({ type: fc.constantFrom(...catalogue), at: fc.nat(30), take: fc.boolean() })
    fc.assert(
      fc.property(fc.array(anyEdit, { maxLength: 14 }), (edits) => {
        let line = empty
        edits.forEach(({ type, at, take }, i) => {
          const chosen = line.parts[at % Math.max(1, line.parts.length)]
          line =
            take && chosen
              ? editLine(line, { do: 'remove', id: chosen.id })
              : editLine(line, { do: 'add', type, id: `p${i}`, after: chosen?.id ?? null })
        })
        expect(lineGraph(line).parts).toHaveLength(line.parts.length)
        for (const { severity } of check(line).findings) expect(severity).toMatch(/stop|fix-first|note/)
      }),
    )
  })
})

describe('what cannot be connected', () => {
  const broken: readonly (readonly [string, Line, string])[] = [
    [
      'an unknown kind',
      { ...two, parts: [...two.parts, { id: 'x', typeId: 'nothing', place: 'outside' }] },
      'parts.15.typeId',
    ],
    [
      'one identifier twice',
      { ...two, parts: [...two.parts, { id: 'left', typeId: 'cooktop', place: 'outside' }] },
      'parts.15.id',
    ],
    ['a joint to nowhere', edited(two, join('left', 'out', 'gone', 'in')), 'joints.13.to.partId'],
    ['a port that is not there', edited(two, join('left', 'side', 'main', 'in')), 'joints.13.from.portId'],
    [
      'gas backwards',
      {
        ...two,
        joints: [
          { id: 'j', from: { partId: 'main', portId: 'in' }, to: { partId: 'tee', portId: 'in' }, made: 'not-known' },
        ],
      },
      'joints.0.from.portId',
    ],
    [
      'a way out used twice',
      {
        ...two,
        joints: [
          ...two.joints,
          { id: 'j', from: { partId: 'left', portId: 'out' }, to: { partId: 'main', portId: 'in' }, made: 'not-known' },
        ],
      },
      'joints.14.from.portId',
    ],
  ]
  test.each(broken)('%s is refused and its place named', (_, line, path) => {
    try {
      lineGraph(line)
      throw new Error('accepted')
    } catch (error) {
      expect((error as InputError).issues[0]?.path).toBe(path)
    }
  })

  test('a ring has no flow and is a stop; an island is named', () => {
    const ring = edited(
      two,
      { do: 'remove', id: 'left' },
      { do: 'remove', id: 'cooktop' },
      join('cook-tube', 'out', 'left-pigtail', 'in'),
    )
    expect(check(ring).flow).toBeNull()
    expect(check(ring).appliances).toEqual([])
    expect(codes(ring)[0]).toBe('line-ring')
  })
})

describe('the joint sheet', () => {
  test('runs from the appliances up to the cylinders, with what each needs', () => {
    const rows = jointSheet(lineGraph(two))
    expect(rows).toHaveLength(two.joints.length)
    expect(['left', 'right']).toContain(rows.at(-1)?.joint.from.part.id)
    expect(rows.at(-1)?.notes.join(' ')).toContain('Open the valve slowly')
    expect(rows.every(({ states }) => states[0] === 'as-it-should' && states.includes('not-known'))).toBe(true)
    const primed = jointSheet(lineGraph(chain('cylinder-both', 'shut-off-gauge')))
    expect(primed[0]?.notes[0]).toContain('4 to 6 times to prime')
  })

  test('tools are named once', () => {
    const tools = toolsToBring(lineGraph(two))
    expect(new Set(tools).size).toBe(tools.length)
    expect(tools).toEqual(expect.arrayContaining(['thread tape or paste rated for gas', 'two adjustable wrenches']))
    expect(tools).not.toContain('adjustable wrench')
  })
})

describe('history and files', () => {
  test('changes are listed in words; names and settings are not changes', () => {
    expect(describeLineChanges(null, two)).toEqual(['drawn with 15 parts'])
    expect(
      describeLineChanges(two, edited(two, change('main', { name: 'Spine' }), change('changeover', { lever: 'both' }))),
    ).toEqual([])
    expect(describeLineChanges(two, edited(two, { do: 'remove', id: 'test-port' }))).toEqual(
      expect.arrayContaining(['Test port in 3/8 flare taken out']),
    )
    expect(describeLineChanges(two, edited(two, change('left-pigtail', { madeMonth: '2026-01' })))).toEqual([
      'Left pigtail exchanged',
    ])
    expect(describeLineChanges(two, edited(two, change('main', { lengthM: 4 })))[0]).toContain('another length')
    expect(lineFingerprint(edited(two, change('main', { name: 'Spine' })))).toBe(lineFingerprint(two))
    expect(lineFingerprint(edited(two, change('main', { lengthM: 4 })))).not.toBe(lineFingerprint(two))
  })

  test('export and import give the same line, without what ties it to one rig', () => {
    const tied = edited(two, change('left', { cylinderId: 'left' }))
    const read = readLineFile(writeLineFile('House line', tied))
    expect(read.name).toBe('House line')
    expect(lineFingerprint(read.line)).toBe(lineFingerprint(two))
    expect(read.line.parts[0]?.cylinderId).toBeUndefined()
    expect(JSON.parse(writeLineFile('House line', read.line))).toEqual(JSON.parse(writeLineFile('House line', tied)))
  })

  const file = (change: (data: { format: string; line: Line }) => void): string => {
    const data = JSON.parse(writeLineFile('x', two)) as { format: string; line: Line }
    change(data)
    return JSON.stringify(data)
  }
  test.each([
    ['not JSON', '{"format": "gold', '', /not JSON/],
    ['another format', file((data) => (data.format = 'other')), 'format', /no line of ours/],
    [
      'length 0',
      file((data) => Object.assign(data.line.parts[0] ?? {}, { lengthM: 0 })),
      'line.parts.0.lengthM',
      /more than zero/,
    ],
    [
      'an unknown connection',
      file((data) =>
        data.line.types.push({
          id: 'own',
          name: 'Own',
          role: 'adapter',
          gas: 'any',
          rated: 'low',
          ports: [{ id: 'in', way: 'in', fits: [{ connection: 'garden-hose' as 'pol', sex: 'male' }] }],
        }),
      ),
      'line.types.0.ports.0.fits.0.connection',
      /“garden-hose” is not known/,
    ],
    [
      'an unknown part',
      file((data) => Object.assign(data.line.parts[0] ?? {}, { typeId: 'teapot' })),
      'parts.0.typeId',
      /no part of the kind/,
    ],
    ['a field nobody knows', file((data) => Object.assign(data, { more: 1 })), 'more', /not known here/],
  ])('a file with %s is refused, its place named', (_, text, path, message) => {
    try {
      readLineFile(text)
      throw new Error('accepted')
    } catch (error) {
      expect(error).toBeInstanceOf(InputError)
      const [first] = (error as InputError).issues
      expect(first?.path).toBe(path)
      expect(first?.message).toMatch(message)
    }
  })
})

describe('an owner’s own parts', () => {
  const own: OwnPart = {
    id: 'own-1',
    name: 'Thing',
    role: 'adapter',
    rated: 'cylinder',
    into: { connection: 'npt-1/4', sex: 'female' },
    out: { connection: 'flare-3/8', sex: 'male' },
  }
  test('are complete, and missing numbers are asked for at their field', () => {
    expect(partTypeSchema.safeParse(ownPartType(own)).success).toBe(true)
    expect(ownPartType({ ...own, role: 'appliance', inputW: 900 }).appliance?.ownRegulator).toBe(true)
    expect(ownPartType({ ...own, role: 'appliance', rated: 'low', inputW: 900 }).appliance?.ownRegulator).toBe(false)
    expect(ownPartType({ ...own, role: 'regulator', setGaugePa: 2740 }).regulator?.outlet).toBe('low')
    expect(ownPartType({ ...own, role: 'regulator', setGaugePa: 90_000 }).regulator?.outlet).toBe('intermediate')
    expect(ownPartType({ ...own, role: 'cylinder' }).ports.map(({ id }) => id)).toEqual(['out'])
    for (const [change, path] of [
      [{ name: ' ' }, 'name'],
      [{ role: 'hose' }, 'lengthM'],
      [{ role: 'hose', lengthM: 2 }, 'boreM'],
      [{ role: 'regulator' }, 'setGaugePa'],
      [{ role: 'appliance', inputW: 0 }, 'inputW'],
    ] as const) {
      expect(() => ownPartType({ ...own, ...change })).toThrow(InputError)
      try {
        ownPartType({ ...own, ...change })
      } catch (error) {
        expect((error as InputError).issues[0]?.path).toBe(path)
      }
    }
  })
})

test('judged as a whole: joints, zones, pressures, findings', () => {
  const input = hookupCheckSchema.parse({ ...two, demandsW: { cooktop: 2000 } })
  const judged = hookupCheck(input)
  expect(judged.joints).toHaveLength(two.joints.length)
  expect(judged.zones.changeover).toEqual({ inlet: 'cylinder', outlet: 'low' })
  expect(judged.pressures.cooktop?.inletGaugePa).toBeGreaterThan(2500)
  expect(judged.findings.map(({ code }) => code)).toEqual([])
  expect(sound(two)).toEqual(two)
})
