import { edited, made, soundStart } from '@tests/lines'
import { fromUnit } from '@/core/units/convert'
import { call } from './call'

const two = soundStart('two-cylinders')
const { parts, joints } = edited(two, made('cooktop-in', 'taped'))

test('hookup-check: joints with seal, tool and turn, zones, pressures and findings', async () => {
  const { status, json } = await call('hookup-check', { parts, joints, demandsW: { cooktop: 2000, fridge: 400 } })
  expect(status).toBe(200)
  expect(json.joints).toHaveLength(joints.length)
  expect(json.joints[0]).toMatchObject({ verdict: 'mates', turn: 'right-hand: clockwise closes' })
  expect(json.zones['left-pigtail']).toEqual({ inlet: 'cylinder', outlet: 'cylinder' })
  expect(json.pressures.cooktop.inletGaugePa).toBeGreaterThan(2490)
  expect(json.findings.map(({ code }: { code: string }) => code)).toEqual(['joint-taped'])
})

test('hookup-check: impossible input is refused at its path', async () => {
  const bad = (change: object) => call('hookup-check', { parts, joints, ...change })
  const paths = async (change: object) => (await bad(change)).json.issues.map(({ path }: { path: string }) => path)
  expect(await paths({ parts: [{ id: 'x', typeId: 'teapot' }], joints: [] })).toEqual(['parts.0.typeId'])
  expect(await paths({ demandsW: { main: 5 } })).toEqual(['demandsW.main'])
  expect(await paths({ parts: [{ id: 'x', typeId: 'cooktop', lengthM: 0 }], joints: [] })).toEqual(['parts.0.lengthM'])
  expect(await paths({ color: 'red' })).toEqual(['color'])
  expect((await bad({ temperatureK: 900 })).status).toBe(400)
})

test('pressure-drop and leak-rate answer in SI', async () => {
  const run = {
    flowW: fromUnit(200_000, 'power', 'btuh'),
    insideDiameterM: 0.0157988,
    lengthM: 6.096,
    inletGaugePa: 2740,
  }
  const { json } = await call('pressure-drop', run)
  // Half an inch of water, by NFPA 54’s table for 20 ft of 1/2 in pipe. [from memory]
  expect(json.dropPa / fromUnit(0.5, 'gaugePressure', 'inWC')).toBeCloseTo(1, 1)
  expect(json.regime).toBe('low')
  expect((await call('pressure-drop', { ...run, lengthM: 0 })).json.issues[0].path).toBe('lengthM')

  const holdTest = {
    lineVolumeM3: 0.0008,
    startGaugePa: 2000,
    endGaugePa: 1900,
    durationS: 180,
    startK: 288,
    endK: 285,
    atmospherePa: 101325,
    spaceVolumeM3: 20,
  }
  const held = await call('leak-rate', holdTest)
  expect(held.json).toMatchObject({ passed: false, outcome: 'fell' })
  expect(held.json.kgToLfl).toBeGreaterThan(0.7)
  expect((await call('leak-rate', { ...holdTest, startGaugePa: -5 })).json.issues[0].message).toMatch(/wrong way round/)
})
