import fc from 'fast-check'
import { applianceKinds } from '@/core/appliances/applianceKinds'
import { equipmentKinds } from '@/core/cylinders/equipment/equipment'
import { cylinderKinds } from '@/core/cylinders/cylinderKind'
import { readyMadeLines } from '@/core/hookup/catalogue/readyMadeLines'
import { linkToRig, type RigThings } from '@/core/hookup/line/linkToRig'

const start = (id: string) => {
  const found = readyMadeLines.find((one) => one.id === id)
  if (!found) throw new Error(`no start ${id}`)
  return found.line
}

const van: RigThings = {
  cylinders: [{ id: 'ten', name: 'Ten', kind: 'removable', holdsKg: 4.5 }],
  appliances: [
    { id: 'panel', name: 'Panel', kind: 'panel-heater', inputW: 900 },
    { id: 'cooktop', name: 'Cooktop', kind: 'cooktop', inputW: 2500 },
  ],
  equipment: [
    { id: 'regulator', name: 'Regulator', kind: 'regulator' },
    { id: 'hose', name: 'Hose', kind: 'hose' },
  ],
}

test('one part and one thing of a kind are the same; several hoses are asked about', () => {
  const { parts } = linkToRig(start('panel-and-stove'), van)
  expect(
    Object.fromEntries(
      parts.map(({ id, cylinderId, applianceId, equipmentId }) => [id, cylinderId ?? applianceId ?? equipmentId]),
    ),
  ).toEqual({
    cylinder: 'ten',
    pigtail: undefined,
    regulator: 'regulator',
    nipple: undefined,
    splitter: undefined,
    'panel-valve': undefined,
    'panel-hose': undefined,
    panel: 'panel',
    'stove-valve': undefined,
    'stove-hose': undefined,
    stove: 'cooktop',
  })
  expect(parts.find(({ id }) => id === 'panel')).toMatchObject({ name: 'Panel', inputW: 900 })
})

test('a second cooktop leaves both open, and CO2 is no propane', () => {
  const appliances = [...van.appliances, { id: 'other', name: 'Other', kind: 'cooktop' as const, inputW: 2000 }]
  const twice = linkToRig(start('panel-and-stove'), { ...van, appliances })
  expect(twice.parts.find(({ id }) => id === 'stove')?.applianceId).toBeUndefined()
  const keg = linkToRig(start('keg'), van)
  expect(keg).toEqual(start('keg'))
})

const thing = <Kind>(kinds: readonly Kind[]) =>
  fc
    .array(fc.constantFrom(...kinds), { maxLength: 5 })
    .map((found) =>
      found.map((kind, i) => ({ id: `${String(kind)} ${i}`, name: `Thing ${i}`, kind, inputW: 1000, holdsKg: 4 })),
    )

test('property: nothing of the rig is two parts, no part changes but by its link, and joints stay', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...readyMadeLines.map(({ line }) => line)),
      fc.record({
        cylinders: thing(cylinderKinds),
        appliances: thing(applianceKinds),
        equipment: thing(equipmentKinds),
      }),
      (line, rig) => {
        const linked = linkToRig(line, rig)
        const ids = linked.parts.flatMap(
          ({ cylinderId, applianceId, equipmentId }) => cylinderId ?? applianceId ?? equipmentId ?? [],
        )
        expect(new Set(ids).size).toBe(ids.length)
        expect(linked.joints).toEqual(line.joints)
        expect(linked.parts.map(({ id, typeId, place }) => [id, typeId, place])).toEqual(
          line.parts.map(({ id, typeId, place }) => [id, typeId, place]),
        )
      },
    ),
  )
})
