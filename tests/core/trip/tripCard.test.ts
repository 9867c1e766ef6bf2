import { NOW, bottleGear, cylinderGear, fitness, rigGear, tankGear, tripPlan, untestedLine } from '@tests/gear'
import { soundStart } from '@tests/lines'
import { formatPhrase } from '@/core/units/formatQuantity'
import { cardJoints } from '@/core/trip/card/cardBlocks'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import { readiness } from '@/core/trip/readiness/readiness'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { tripCard } from '@/core/trip/card/tripCard'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import { readyRooms } from '@/core/heat/room/readyRooms'

function cardOf(gear: RigGear, accept = false) {
  const plan = tripPlan()
  const judgment = judgeTrip(gear, plan, NOW)
  const open = readiness(judgment.findings, []).answered
  const ready = accept
    ? readiness(
        judgment.findings,
        open.map(({ key, finding }) => ({
          id: key,
          findingKey: key,
          sentence: finding.sentence,
          reason: 'seen with the dealer',
          acceptedAt: NOW,
        })),
      )
    : readiness(judgment.findings, [])
  return tripCard(gear, plan, judgment, ready, NOW, (at) => at.slice(0, 10))
}
const textOf = (blocks: ReturnType<typeof cardOf>): string =>
  blocks.map(({ title, lines }) => [title, ...lines.map((line) => formatPhrase(line, 'us'))].join('\n')).join('\n')

test('stop weights, last months, and cylinders never weighed', () => {
  const text = textOf(
    cardOf(
      rigGear([
        cylinderGear(),
        cylinderGear({
          id: 'r',
          name: 'Right',
          lastWeighing: null,
          fitness: fitness('removable', { manufacturedMonth: '2011-06' }),
        }),
        bottleGear({ kind: 'bottle', name: 'Throw-away' }),
        tankGear(),
        cylinderGear({ id: 'h', name: 'At home', aboard: false }),
      ]),
    ),
  )
  // 17.8 lb tare and 20.0 lb: the stop weight of common practice.
  expect(text).toMatch(
    /Left cylinder: 13\.6\slb aboard; stop filling at 37\.8\slb on the scale; fill until March 2030\./,
  )
  expect(text).toMatch(
    /Right: not weighed; DO NOT FILL\. Out of date since the end of June 2021, by “10 then 5”\. It may be used up, not filled\./,
  )
  expect(text).toMatch(/Throw-away: 13\.0\soz aboard; never refill\./)
  expect(text).toContain('fill to 80 % by its gauge')
  expect(text).not.toContain('At home')
})

test('a cylinder that may not be filled has no weight to stop at, but the reason', () => {
  const barred = [
    cylinderGear({ fitness: fitness('removable', { manufacturedMonth: '2011-06' }) }),
    cylinderGear({ fitness: fitness('removable', { overfillStop: 'no' }) }),
    cylinderGear({ fitness: fitness('removable', { retiredBy: { answers: {}, lookedAt: NOW } }) }),
    cylinderGear({ lastWeighing: { grossKg: 20, hangingKg: 0, weighedAt: NOW } }),
  ]
  for (const cylinder of barred) {
    const text = textOf(cardOf(rigGear([cylinder])))
    expect(text).toMatch(/DO NOT FILL\. \w/)
    expect(text).not.toContain('stop filling')
  }
})

test('pressures of the coldest night at that altitude; propane at 40 °F is 64 psi at sea level, 68 at 7,907 ft', () => {
  const text = textOf(cardOf(rigGear([cylinderGear()])))
  expect(text).toMatch(/6[789]\spsi at 40\s°F/)
  expect(text).toMatch(/11\.0\sinWC flowing, 14\.0\sinWC at most/)
})

test('distances from the heater’s numbers, marked common where not from the manual; openings counted', () => {
  const { heater } = heaterTemplates['catalytic-panel']
  const [room] = readyRooms
  if (!room) throw new Error('no room')
  const placed = [{ heaterId: 'panel', pose: { xM: 1, yM: 1, turnDeg: 0, bottomM: 0 }, use: 'evening' as const }]
  const heat = (from: 'manual' | 'common'): RigGear['heat'] => ({
    rooms: [{ id: 'van', name: 'Van', shelter: { ...room.shelter, placed } }],
    heaters: [{ id: 'panel', name: 'Panel', applianceId: null, heater: { ...heater, clearancesFrom: from } }],
    heatless: false,
    warmth: null,
  })
  const common = textOf(cardOf(rigGear([cylinderGear()], { heat: heat('common') })))
  expect(common).toMatch(/Panel: front 2\sft\s6\sin, sides 4\sin, back 0\sin, above 1\sft\s6\sin \(common figures/)
  expect(common).toMatch(/Van: Open Left window to [\d¼½¾]+\sin, Roof vent to [\d¼½¾]+\sin\./)
  expect(textOf(cardOf(rigGear([], { heat: heat('manual') })))).not.toContain('common figures')
})

test('joints to soap in order; an unreadable line has none', () => {
  const line = soundStart('two-cylinders')
  const lines = [untestedLine(line)]
  expect(textOf(cardOf(rigGear([cylinderGear()], { lines })))).toMatch(/To soap: House line\n1 .+, at the .+ · 2 /)
  const broken = {
    ...line,
    joints: [{ ...line.joints[0], id: 'x', from: { partId: 'no', portId: 'a' } }],
  } as typeof line
  expect(cardJoints([untestedLine(broken)])).toEqual([])
})

test('open findings first, accepted ones with their reason, and never more than the page holds', () => {
  const many = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'].map((id) => cylinderGear({ id, name: id, lastWeighing: null }))
  const [open] = cardOf(rigGear(many))
  expect(open?.title).toBe('Still open')
  expect(open?.lines.length).toBeLessThanOrEqual(7)
  expect(textOf(open ? [open] : [])).toMatch(/… and \d+ more/)
  expect(textOf(cardOf(rigGear([cylinderGear()]), true))).toMatch(
    /The line from cylinder to appliance is not drawn\.\nAccepted: .+ Because: seen with the dealer\./,
  )
})

test('it says what it relies on, and that it is no permission', () => {
  const text = textOf(cardOf(rigGear([cylinderGear()])))
  expect(text).toContain('Weighings of 2026-11-30 and later')
  expect(text).toContain('never permission')
  expect(textOf(cardOf(rigGear([])))).toContain('nothing weighed')
})
