import { cylinderKinds } from '@/core/cylinders/cylinderKind'
import { equipmentFacts, equipmentKinds } from '@/core/cylinders/equipment/equipment'
import { evaluateInspection, inspectionItems } from '@/core/cylinders/inspection/inspectionItems'

describe.each(cylinderKinds)('the look-over of a %s', (kind) => {
  const items = inspectionItems(kind)

  test('every item says what to look for, how and why, in full sentences', () => {
    for (const { title, why } of items) {
      expect(title).toMatch(/^[A-Z].*[^.]$/)
      expect(why).toMatch(/^[A-Z].*\.$/)
    }
  })

  /** Common practice: bulge, fire and a leaking valve put any vessel out of service. */
  test('bulge, fire and a leaking valve retire it', () => {
    for (const id of ['bulge', 'fire', 'valve-tight']) {
      expect(evaluateInspection(kind, { [id]: 'bad' }).disqualifying.map((item) => item.id)).toEqual([id])
    }
  })

  test('only items that were not looked at are missing', () => {
    const [first, ...rest] = items
    const judged = evaluateInspection(kind, { [first?.id ?? '']: 'sound', 'of another kind': 'bad' })
    expect(judged.missing).toEqual(rest)
    expect([...judged.disqualifying, ...judged.toRepair]).toEqual([])
  })
})

test('a fixed tank is looked over for nests and its fill door, CO2 for its disc, a bottle for its thread', () => {
  const has = (kind: (typeof cylinderKinds)[number], id: string) => inspectionItems(kind).some((item) => item.id === id)
  expect([has('onboard', 'lid'), has('onboard', 'fill-door'), has('onboard', 'collar')]).toEqual([true, true, false])
  expect([has('co2', 'burst-disc'), has('removable', 'burst-disc')]).toEqual([true, false])
  expect([has('bottle', 'thread'), has('bottle', 'handle')]).toEqual([true, false])
})

/** Common practice: hoses about 5 years, propane alarms 5, CO alarms 5 to 10, regulators 10 to 15. */
test('equipment that ages has an age for replacement', () => {
  const years = equipmentKinds.map((kind) => [kind, (equipmentFacts[kind].oldMonths ?? 0) / 12])
  expect(Object.fromEntries(years)).toMatchObject({ hose: 5, 'propane-alarm': 5, 'co-alarm': 7, regulator: 15 })
})
