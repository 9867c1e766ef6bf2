import { fahrenheit, POUND_KG } from '@tests/tradeUnits'
import { call } from './call'

test('fill-limit: 20 lb in 47.6, stop at 37.8', async () => {
  const { status, json } = await call('fill-limit', {
    gas: 'propane',
    waterCapacityKg: 47.6 * POUND_KG,
    tareKg: 17.8 * POUND_KG,
  })
  expect(status).toBe(200)
  expect(json.limitKg / POUND_KG).toBeCloseTo(20, 1)
  expect(json.stopWeightKg / POUND_KG).toBeCloseTo(37.8, 1)
  expect(json.liquidVolumeFractionAtLimit).toBeCloseTo(0.82, 2)
})

test('requalification: by a listed rule set and by an own one', async () => {
  const ask = { stamps: '06-11 E 05-25', on: '2026-11-24' }
  expect((await call('requalification', { ...ask, ruleSet: 'us-dot' })).json).toMatchObject({
    manufactured: '2011-06',
    marks: [{ month: '2025-05', letter: 'E' }],
    dueMonth: '2030-05',
    status: 'good',
  })
  const own = { firstMonths: 96, afterEMonths: 12, afterSMonths: 12, afterNoneMonths: 12, highPressureMonths: 12 }
  expect((await call('requalification', { ...ask, ruleSet: own })).json).toMatchObject({
    dueMonth: '2026-05',
    status: 'overdue',
  })
})

test('decant: missing fields take their defaults', async () => {
  const { json } = await call('decant', {
    supplyTemperatureK: fahrenheit(70),
    bottleTemperatureK: fahrenheit(32),
    bottleTareKg: 0.41,
    bottleWaterCapacityKg: 1.107,
  })
  expect(json.fractionOfLimit).toBeCloseTo(0.74, 1)
  expect(Object.keys(json).sort()).toEqual([
    'enteredKg',
    'expectedNetKg',
    'fractionOfLimit',
    'overfillPossible',
    'wallTemperatureK',
  ])
})

test.each([
  ['fill-limit', { gas: 'propane', waterCapacityKg: 0 }, 'waterCapacityKg'],
  ['fill-limit', { gas: 'propane', waterCapacityKg: 20, specificGravity: 0.9 }, 'specificGravity'],
  ['fill-limit', { gas: 'butane', waterCapacityKg: 20 }, 'gas'],
  ['fill-limit', { gas: 'propane', waterCapacityKg: 20, color: 'red' }, 'color'],
  ['requalification', { stamps: '13-20', ruleSet: 'us-dot', on: '2026-11-24' }, 'stamps'],
  ['requalification', { stamps: '05-27', ruleSet: 'us-dot', on: '2026-11-24' }, 'stamps'],
  ['requalification', { stamps: '05-20', ruleSet: 'mars', on: '2026-11-24' }, 'ruleSet'],
  ['requalification', { stamps: '05-20', ruleSet: 'us-dot', on: 'today' }, 'on'],
  ['requalification', { stamps: 'x'.repeat(500), ruleSet: 'us-dot', on: '2026-11-24' }, 'stamps'],
  [
    'decant',
    { supplyTemperatureK: 20, bottleTemperatureK: 290, bottleTareKg: 0.4, bottleWaterCapacityKg: 1 },
    'supplyTemperatureK',
  ],
  [
    'decant',
    { supplyTemperatureK: 290, bottleTemperatureK: 290, bottleTareKg: 'light', bottleWaterCapacityKg: 1 },
    'bottleTareKg',
  ],
])('%s with %j is answered by 400 at %s', async (name, body, path) => {
  const { status, json } = await call(name, body)
  expect(status).toBe(400)
  expect(json.issues.map((issue: { path: string }) => issue.path)).toContain(path)
  for (const { message } of json.issues) expect(message).toMatch(/\.$/)
})
