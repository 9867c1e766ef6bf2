import fc from 'fast-check'
import { soundStart } from '@tests/lines'
import { InputError } from '@/core/base/InputError'
import { connectionIds } from '@/core/hookup/catalogue/connections'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { partTypeSchema } from '@/core/hookup/catalogue/partType'
import { partRoles, type PartRole } from '@/core/hookup/catalogue/partRoles'
import { readLineFile, writeLineFile } from '@/core/hookup/line/lineFile'
import { ownPartType, type OwnPart } from '@/core/hookup/catalogue/ownPartType'
import { readyMadeLines } from '@/core/hookup/catalogue/readyMadeLines'
import { zones } from '@/core/hookup/catalogue/zone'

const whole = writeLineFile('House line', soundStart('two-cylinders'))

/** Reads a file that may be damaged: a line that can be judged, or a refusal that says where and why. */
function readOrRefuse(text: string): 'read' | 'refused' {
  try {
    lineGraph(readLineFile(text).line)
    return 'read'
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    expect(error.issues.length).toBeGreaterThan(0)
    for (const { message } of error.issues) expect(message).toMatch(/\.$/)
    return 'refused'
  }
}

describe('a damaged file', () => {
  test('cut off anywhere is refused', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: whole.length - 3 }), (at) => {
        expect(readOrRefuse(whole.slice(0, at))).toBe('refused')
      }),
    )
  })

  test('with bytes overwritten is read or refused in a sentence, never read in part', () => {
    fc.assert(
      fc.property(fc.nat(whole.length - 1), fc.string({ minLength: 1, maxLength: 12 }), (at, junk) => {
        expect(['read', 'refused']).toContain(readOrRefuse(whole.slice(0, at) + junk + whole.slice(at + junk.length)))
      }),
      { numRuns: 300 },
    )
  })

  test('with one value replaced by another type is read or refused in a sentence', () => {
    interface Loose {
      [key: string]: unknown
    }
    const paths: (string | number)[][] = []
    const walk = (value: unknown, path: (string | number)[]): void => {
      if (path.length > 0) paths.push(path)
      if (Array.isArray(value)) value.slice(0, 3).forEach((one, i) => walk(one, [...path, i]))
      else if (value && typeof value === 'object')
        for (const [key, one] of Object.entries(value)) walk(one, [...path, key])
    }
    walk(JSON.parse(whole), [])
    expect(paths.length).toBeGreaterThan(40)
    for (const path of paths) {
      for (const put of [null, 0, -1, '', 'x', [], {}, true, 1e300]) {
        const data = JSON.parse(whole) as Loose
        const last = path.at(-1) ?? ''
        const holder = path.slice(0, -1).reduce<Loose>((at, key) => at[key] as Loose, data)
        holder[last] = put
        expect(['read', 'refused']).toContain(readOrRefuse(JSON.stringify(data)))
      }
    }
  })

  test('of a later version, or far too long, is refused', () => {
    expect(readOrRefuse(whole.replace('"version": 1', '"version": 2'))).toBe('refused')
    const data = JSON.parse(whole) as { line: { parts: { id: string }[] } }
    data.line.parts = Array.from({ length: 401 }, (_, i) => ({ ...(data.line.parts[0] ?? { id: '' }), id: `p${i}` }))
    expect(readOrRefuse(JSON.stringify(data))).toBe('refused')
  })
})

test.each(readyMadeLines.map(({ name, line }) => [name, line] as const))(
  '%s survives export and import',
  (name, line) => {
    expect(readLineFile(writeLineFile(name, line))).toEqual({ name, line })
  },
)

describe('an owner’s own part, whatever it does', () => {
  const numbers = { lengthM: 2, boreM: 0.008, inputW: 900, setGaugePa: 2740 }
  const own = (role: PartRole, change: Partial<OwnPart> = {}): OwnPart => ({
    id: 'own-x',
    name: 'Mine',
    role,
    rated: 'cylinder',
    into: { connection: 'flare-3/8', sex: 'female' },
    out: { connection: 'flare-3/8', sex: 'male' },
    ...numbers,
    ...change,
  })

  test.each(partRoles)('%s is a complete part with its ports', (role) => {
    const type = ownPartType(own(role))
    expect(partTypeSchema.safeParse(type).success).toBe(true)
    const begins = ['cylinder', 'bottle', 'tank'].includes(role)
    const ends = ['appliance', 'keg', 'chuck', 'plug'].includes(role)
    expect(type.ports.map(({ id }) => id)).toEqual([
      ...(begins ? [] : ['in']),
      ...(ends ? [] : ['out']),
      ...(role === 'tee' ? ['out-2'] : []),
    ])
  })

  test('of any connection and any zone can be drawn and judged', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...connectionIds),
        fc.constantFrom(...zones),
        fc.constantFrom(...partRoles),
        (connection, rated, role) => {
          const type = ownPartType(own(role, { rated, into: { connection, sex: 'female' } }))
          const graph = lineGraph({
            parts: [{ id: 'x', typeId: type.id, place: 'outside' }],
            joints: [],
            types: [type],
          })
          expect(graph.parts[0]?.name).toBe('Mine')
        },
      ),
    )
  })
})
