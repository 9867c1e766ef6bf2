import fc from 'fast-check'
import { NOW, soundEquipment, TODAY, untestedLine } from '@tests/gear'
import { add, chain, change, check, edited, partType, sound, soundStart } from '@tests/lines'
import { equipmentFindings } from '@/core/cylinders/equipment/equipmentFindings'
import { catalogue } from '@/core/hookup/catalogue/catalogue'
import { ownPartType } from '@/core/hookup/catalogue/ownPartType'
import { fitsAnyEnd } from '@/core/hookup/catalogue/portCompatibility'
import { editLine } from '@/core/hookup/line/editLine'
import type { Line } from '@/core/hookup/line/line'
import { freePorts, lineGraph } from '@/core/hookup/line/lineGraph'
import { leakSheet } from '@/core/leak-test/sheet/leakSheet'
import { answeredAtHookup } from '@/core/trip/readiness/answeredAtHookup'

test('a Y-splitter takes two more cylinders’ hoses, by hand-wheel', () => {
  const line = edited(
    { parts: [], joints: [], types: [] },
    add('cylinder', 'cylinder-both', null),
    add('y', 'splitter-acme', 'cylinder'),
    add('one', 'hose-high-bottle', 'y'),
    add('two', 'regulator-hose', 'y'),
  )
  const { joints } = lineGraph(line)
  expect(joints.map(({ verdict }) => verdict.verdict)).toEqual(['mates', 'mates', 'mates'])
})

test('a regulator with its hose in one piece: its pressure drops in the hose, its rubber ages, its hose is soaped', () => {
  const line = sound(chain('cylinder-both', 'regulator-hose', 'cooktop'))
  const { flow, findings } = check(line)
  const at = flow?.get('regulator-hose')
  const short = check(edited(line, change('regulator-hose', { lengthM: 0.1 }))).flow?.get('regulator-hose')
  expect(at?.outletGaugePa).toBeGreaterThan(2000)
  expect(at?.outletGaugePa).toBeLessThan(short?.outletGaugePa ?? 0)
  expect(findings.map(({ code }) => code)).not.toContain('part-over-rating')
  expect(leakSheet(lineGraph(line)).map(({ name }) => name)).toContain(
    `${partType('regulator-hose').name}: ends of its hose`,
  )
  const old = check(edited(line, change('regulator-hose', { madeMonth: '2015-01' }))).findings.map(({ code }) => code)
  expect(old).toContain('part-old')
})

test('a part of one’s own may have two outlets', () => {
  const fit = { connection: 'flare-3/8', sex: 'male' } as const
  const type = ownPartType({
    id: 'own-y',
    name: 'My brass Y',
    role: 'tee',
    rated: 'low',
    into: { connection: 'flare-3/8', sex: 'female' },
    out: fit,
    secondOut: { connection: 'quick-low-1/4', sex: 'female' },
  })
  expect(type.ports.map(({ way }) => way)).toEqual(['in', 'out', 'out'])
  const line = editLine(chain('cylinder-both', 'single-stage', 'hose-low-flare'), {
    do: 'add',
    type,
    id: 'y',
    after: null,
  })
  expect(freePorts(lineGraph(line).byId.get('y') ?? fail())).toHaveLength(3)
})

function fail(): never {
  throw new Error('no such part')
}

test('property: what the list shows for an end goes onto it without an adapter, and nothing that does is hidden', () => {
  const withOutlets = catalogue.filter(({ ports }) => ports.some(({ way }) => way !== 'in'))
  fc.assert(
    fc.property(fc.constantFrom(...withOutlets), fc.constantFrom(...catalogue), (before, type) => {
      if (!type.ports.some(({ way }) => way !== 'out')) return
      const line = editLine(
        { parts: [], joints: [], types: [] },
        { do: 'add', type: before, id: 'before', after: null },
      )
      const ends = freePorts(lineGraph(line).byId.get('before') ?? fail()).filter(({ way }) => way !== 'in')
      const grown = editLine(line, { do: 'add', type, id: 'after', after: 'before' })
      const [joint] = lineGraph(grown).joints
      expect(fitsAnyEnd(type, ends)).toBe(joint?.verdict.verdict === 'mates')
    }),
    { numRuns: 400 },
  )
})

describe('what Hook-up knows is not asked for again under Cylinders', () => {
  const equipment = soundEquipment().map((thing) =>
    thing.kind === 'hose' || thing.kind === 'regulator' ? { ...thing, madeMonth: null, lastLook: null } : thing,
  )
  const codesFor = (line: Line | null, things = equipment): string[] => {
    const lines = line ? [untestedLine(line)] : []
    return equipmentFindings(things, NOW, TODAY, answeredAtHookup({ lines, equipment: things })).map(({ code }) => code)
  }
  const line = soundStart('two-cylinders')

  test('ages and looks of the drawn hoses and regulators', () => {
    expect(codesFor(null)).toEqual(expect.arrayContaining(['equipment-date-unknown', 'equipment-not-looked-at']))
    expect(codesFor(line)).toEqual([])
    // One hose of unknown age keeps the question; so does a hose that is linked to the thing.
    expect(codesFor(edited(line, change('left-pigtail', { madeMonth: undefined })))).toContain('equipment-date-unknown')
    const hose = equipment.find(({ kind }) => kind === 'hose')?.id ?? ''
    expect(codesFor(edited(line, change('left-pigtail', { equipmentId: hose })))).toContain('equipment-date-unknown')
  })

  test('a rig whose drawn line has no hose needs none; alarms are asked for all the same', () => {
    const bottle = sound(chain('bottle', 'portable'))
    const alarms = equipment.filter(({ kind }) => kind === 'extinguisher')
    expect(codesFor(bottle, alarms)).toEqual(['alarm-not-entered'])
    expect(codesFor(null, alarms)).toEqual(['alarm-not-entered', 'equipment-not-entered'])
    const without = answeredAtHookup({ lines: [], equipment: alarms, noneNeeded: ['hose', 'regulator'] })
    expect(equipmentFindings(alarms, NOW, TODAY, without).map(({ code }) => code)).toEqual(['alarm-not-entered'])
  })
})
