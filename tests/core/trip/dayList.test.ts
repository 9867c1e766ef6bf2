import { NOW, TODAY, applianceUse, bottleGear, cylinderGear, rigGear, tankGear, tripPlan } from '@tests/gear'
import { POUND_KG } from '@tests/tradeUnits'
import { dayList } from '@/core/trip/tasks/dayList'
import { workPlaces, workPlaceLabels } from '@/core/findings/findingFacts'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import { readiness } from '@/core/trip/readiness/readiness'
import { fillableIds } from '@/core/run/analysis/fillBefore'
import type { TripPlan } from '@/core/run/tripPlan'

const prices = { perKg: 2, perBottle: 7 }

function listOf(gear: RigGear, trip: TripPlan, accept: readonly string[] = []) {
  const { findings, balances } = judgeTrip(gear, trip, NOW)
  const all = readiness(findings, []).answered
  const acceptances = all
    .filter(({ finding }) => accept.includes(finding.code))
    .map(({ key, finding }) => ({
      id: key,
      findingKey: key,
      sentence: finding.sentence,
      reason: 'so be it',
      acceptedAt: NOW,
    }))
  const { answered } = readiness(findings, acceptances)
  return { list: dayList(answered, balances, fillableIds(gear.cylinders, TODAY), prices), findings }
}

const hungry = tripPlan({ nights: 9, uses: [applianceUse({ burnPerDayS: 12 * 3600 })] })

test('every finding except notes is an errand', () => {
  const { list, findings } = listOf(rigGear([cylinderGear({ lastWeighing: null })]), tripPlan())
  const serious = findings.filter(({ severity }) => severity !== 'note')
  expect(list.errands.length).toBeGreaterThanOrEqual(serious.length)
  expect(list.errands.map(({ what }) => what.text)).toEqual(
    expect.arrayContaining(
      serious.filter(({ code }) => code !== 'gas-not-enough').map(({ sentence }) => sentence.text),
    ),
  )
})

test('a shortage becomes a fill with its stop weight and price, and appears once', () => {
  const { list, findings } = listOf(rigGear([cylinderGear()]), hungry)
  expect(findings.map(({ code }) => code)).toContain('gas-not-enough')
  const fill = list.errands.find(({ id }) => id === 'fill left')
  const { addKg, stopKg } = {
    addKg: fill?.what.parts?.add,
    stopKg: fill?.what.parts?.stop,
  } as Record<string, { value: number }>
  expect(fill).toMatchObject({ place: 'pump', remedy: { station: 'fill', subjectId: 'left' } })
  // 13.6 lb aboard in a 20 lb cylinder: never beyond its limit of 20.0 lb.
  expect(stopKg?.value).toBeLessThanOrEqual((17.8 + 20) * POUND_KG + 1e-3)
  expect(stopKg?.value).toBeCloseTo((17.8 + 13.6) * POUND_KG + (addKg?.value ?? 0), 6)
  expect(fill?.cost).toBeCloseTo((addKg?.value ?? 0) * 2, 9)
  expect(list.cost).toBeCloseTo(fill?.cost ?? 0, 9)
})

test('a cylinder nobody weighed is weighed, never filled by an amount', () => {
  const { list } = listOf(rigGear([cylinderGear({ lastWeighing: null })]), tripPlan())
  const fill = list.errands.find(({ id }) => id === 'fill left')
  expect(fill?.what.text).toMatch(/^Weigh/)
  expect(fill?.what.parts).not.toHaveProperty('add')
  expect(fill?.cost).toBeNull()
})

test('gas that is missing for the only heat of a freezing night appears once, as its fill', () => {
  const heat = tripPlan({
    nights: 9,
    coldestK: 262,
    uses: [applianceUse({ kind: 'furnace', burnPerDayS: 12 * 3600 })],
  })
  const { list, findings } = listOf(rigGear([cylinderGear()]), heat)
  expect(findings.map(({ code }) => code)).toContain('heat-gas-not-enough')
  expect(list.errands.some(({ id }) => id.startsWith('fill'))).toBe(true)
  expect(list.errands.some(({ what }) => what.text.includes('not enough'))).toBe(false)
})

test('what filling cannot cover stays its own errand', () => {
  const month = tripPlan({ nights: 60, uses: [applianceUse({ burnPerDayS: 20 * 3600 })] })
  const { list } = listOf(rigGear([cylinderGear()]), month)
  expect(list.errands.some(({ what }) => what.text.includes('not enough'))).toBe(true)
})

test('bottles to buy, where appliances on bottles run short', () => {
  const trip = tripPlan({ uses: [applianceUse({ supply: 'bottles', burnPerDayS: 7200 })] })
  const { list } = listOf(rigGear([cylinderGear(), bottleGear({ kind: 'bottle' })]), trip)
  const buy = list.errands.find(({ id }) => id === 'bottles bottles')
  const { count } = (buy?.what.parts ?? {}) as { count?: { value: number } }
  expect(buy?.place).toBe('shop')
  expect(buy?.cost).toBe((count?.value ?? 0) * 7)
})

test('a fixed tank is filled by its gauge: no stop weight', () => {
  const { list } = listOf(rigGear([tankGear()]), hungry)
  const fill = list.errands.find(({ id }) => id === 'fill tank')
  expect(fill?.what.parts).not.toHaveProperty('stop')
})

test('ordered by the day’s places, and within each by severity', () => {
  const { list } = listOf(rigGear([cylinderGear({ lastWeighing: null }), bottleGear()]), hungry)
  const places = list.errands.map(({ place }) => workPlaces.indexOf(place))
  expect(places).toEqual(places.toSorted((a, b) => a - b))
  expect(list.minutes).toBe(list.errands.reduce((sum, { minutes }) => sum + minutes, 0))
  for (const place of workPlaces) {
    const stops = list.errands.filter((errand) => errand.place === place).map(({ isStop }) => isStop)
    expect(stops).toEqual(stops.toSorted((a, b) => Number(b) - Number(a)))
    expect(workPlaceLabels[place]).toMatch(/^[A-Z]/)
  }
})

test('accepted findings are not errands', () => {
  const gear = rigGear([cylinderGear()], { equipment: [] })
  const before = listOf(gear, tripPlan()).list.errands.length
  const after = listOf(gear, tripPlan(), ['heaters-not-entered']).list.errands
  expect(after).toHaveLength(before - 1)
})

test('a finding of another version still has a place and a time', () => {
  const [first] = readiness(judgeTrip(rigGear([cylinderGear()]), tripPlan(), NOW).findings, []).answered
  if (!first) throw new Error('no finding')
  const strange = { ...first, accepted: null, finding: { ...first.finding, code: 'something-new' } }
  expect(dayList([strange], [], [], prices).errands).toMatchObject([{ place: 'table', minutes: 5 }])
})
