import { check, edited, change, made, soundStart } from '@tests/lines'
import { readyMadeLines } from '@/core/hookup/catalogue/readyMadeLines'
import { fromUnit } from '@/core/units/convert'
import { call } from './call'

const inWC = (number: number): number => fromUnit(number, 'gaugePressure', 'inWC')
const codesOf = (json: { findings: { code: string }[] }): string[] => json.findings.map(({ code }) => code)

describe('hookup-check over the ready-made lines', () => {
  test.each(readyMadeLines.map(({ id }) => id))('%s: no stop after inspection, and the same as core', async (id) => {
    const { parts, joints } = soundStart(id)
    const { status, json } = await call('hookup-check', { parts, joints })
    expect(status).toBe(200)
    expect(codesOf(json)).toEqual(check(soundStart(id)).findings.map(({ code }) => code))
    expect(json.joints.every(({ verdict }: { verdict: string }) => verdict === 'mates')).toBe(true)
    expect(Object.keys(json.zones)).toHaveLength(parts.length)
    expect(Object.keys(json.pressures)).toHaveLength(parts.length)
  })

  test.each(readyMadeLines.map(({ id }) => id))('%s as it is begun: its joints are not known', async (id) => {
    const line = readyMadeLines.find((start) => start.id === id)?.line
    const { json } = await call('hookup-check', { parts: line?.parts, joints: line?.joints })
    expect(codesOf(json)).toContain('joints-not-known')
  })
})

test('a colder cylinder, thinner air, another month: each counts', async () => {
  const { parts, joints } = edited(soundStart('two-cylinders'), change('left-pigtail', { madeMonth: '2021-03' }))
  const at = async (more: object) => (await call('hookup-check', { parts, joints, ...more })).json
  const mild = await at({})
  const cold = await at({ temperatureK: 250 })
  expect(cold.pressures.left.outletGaugePa).toBeLessThan(mild.pressures.left.outletGaugePa)
  const high = await at({ atmospherePa: 75_000 })
  expect(high.pressures.left.outletGaugePa - mild.pressures.left.outletGaugePa).toBeCloseTo(101325 - 75_000, 3)
  // Without a month no age is judged; by March 2026 the pigtail is five years old.
  expect(codesOf(mild)).toEqual([])
  expect(codesOf(await at({ untilMonth: '2026-03' }))).toEqual([])
  expect(codesOf(await at({ untilMonth: '2026-04' }))).toEqual(['part-old'])
})

test('demand changes the load of the regulator', async () => {
  const { parts, joints } = soundStart('two-cylinders')
  const asked = await call('hookup-check', { parts, joints, demandsW: { cooktop: fromUnit(180_000, 'power', 'btuh') } })
  expect(codesOf(asked.json)).toContain('appliance-starves')
  const idle = await call('hookup-check', { parts, joints, demandsW: {} })
  expect(idle.json.pressures.cooktop.inletGaugePa).toBeCloseTo(inWC(13), 6)
})

test('an own part type is sent along with the line', async () => {
  const own = {
    id: 'own-cock',
    name: 'Old cock',
    role: 'valve',
    gas: 'any',
    rated: 'low',
    ports: [
      { id: 'in', way: 'in', fits: [{ connection: 'flare-3/8', sex: 'female' }] },
      { id: 'out', way: 'out', fits: [{ connection: 'npt-3/8', sex: 'male' }] },
    ],
  }
  const line = edited(soundStart('two-cylinders'), made('cooktop-in', 'as-it-should'))
  const parts = line.parts.map((part) => (part.id === 'cook-valve' ? { ...part, typeId: 'own-cock' } : part))
  const { json } = await call('hookup-check', { parts, joints: line.joints, types: [own] })
  expect(codesOf(json)).toEqual(['joint-lookalike'])
  const unknown = await call('hookup-check', { parts, joints: line.joints })
  expect(unknown.json.issues[0].message).toMatch(/no part of the kind/)
})

describe('leak-rate', () => {
  const holdTest = {
    lineVolumeM3: 0.0008,
    startGaugePa: inWC(8),
    endGaugePa: inWC(8),
    durationS: 180,
    startK: 288,
    endK: 288,
  }
  test.each([
    ['held', {}, true],
    ['fell', { endGaugePa: inWC(7.9) }, false],
    ['fell', { endGaugePa: inWC(7), endK: 280 }, false],
    ['rose', { endGaugePa: inWC(8.2), endK: 289 }, false],
    ['warmed', { endK: 289 }, false],
    ['short', { durationS: 60 }, false],
  ])('%s: %j', async (outcome, change, passed) => {
    expect((await call('leak-rate', { ...holdTest, ...change })).json).toMatchObject({ outcome, passed })
  })

  test('the space is reported only when given, and only for a flammable gas', async () => {
    const fell = { ...holdTest, endGaugePa: inWC(7) }
    expect((await call('leak-rate', fell)).json.kgToLfl).toBeNull()
    const { json } = await call('leak-rate', { ...fell, spaceVolumeM3: 10 })
    expect(json.kgToLflBottomFifth).toBeCloseTo(json.kgToLfl / 5, 12)
    expect((await call('leak-rate', { ...fell, spaceVolumeM3: 10, gas: 'co2' })).json).toMatchObject({
      kgToLfl: null,
      powerW: 0,
    })
  })
})
