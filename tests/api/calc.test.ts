import { POST } from '@/app/api/v1/calc/[name]/route'
import { GET } from '@/app/api/v1/calc/route'
import { POUND_KG, PSI_PA, fahrenheit } from '@tests/tradeUnits'

async function call(name: string, body: unknown, contentType = 'application/json') {
  const request = new Request(`http://127.0.0.1/api/v1/calc/${name}`, {
    method: 'POST',
    headers: { 'content-type': contentType },
    body: typeof body === 'string' ? body : JSON.stringify(body),
  })
  const response = await POST(request, { params: Promise.resolve({ name }) })
  return { status: response.status, type: response.headers.get('content-type'), json: await response.json() }
}

test('the index names every calculation with its schema', async () => {
  const { calculations } = await GET().json()
  expect(calculations.map(({ name }: { name: string }) => name)).toEqual([
    'saturation',
    'fluid-state',
    'fill-limit',
    'contents',
    'requalification',
    'decant',
    'hookup-check',
    'pressure-drop',
    'leak-rate',
    'clearance-check',
    'placements',
    'room-air',
    'warm-up-fit',
    'runtime',
    'vaporization',
    'vaporisation',
    'trip-plan',
    'carbonation',
    'diagnose',
    'simulate',
    'readiness',
  ])
  for (const { schema, path } of calculations) {
    expect(schema).toMatchObject({ type: 'object', additionalProperties: false })
    expect(path).toMatch(/^\/api\/v1\/calc\//)
  }
  const contents = calculations.find(({ name }: { name: string }) => name === 'contents')
  expect(contents.schema.required).toEqual(['gas', 'grossKg', 'tareKg', 'waterCapacityKg'])
})

describe('answers', () => {
  test('saturation: 100 °F propane is 188.6 psia', async () => {
    const { status, json } = await call('saturation', { fluid: 'propane', temperatureK: fahrenheit(100) })
    expect(status).toBe(200)
    expect(json.pressurePa / PSI_PA).toBeCloseTo(188.6, 0)
    expect(Object.keys(json).sort()).toEqual([
      'latentHeatJPerKg',
      'liquidDensityKgM3',
      'pressurePa',
      'vapourDensityKgM3',
    ])
  })

  test('fluid-state: a full cylinder on a warm day', async () => {
    const { json } = await call('fluid-state', { fluid: 'propane', massKg: 9.07, volumeM3: 0.0216, temperatureK: 300 })
    expect(json).toMatchObject({ phase: 'two-phase' })
    expect(json.liquidFullTemperatureK).toBeGreaterThan(330)
  })

  test('contents: 13.6 lb of 20.0', async () => {
    const input = {
      gas: 'propane',
      grossKg: 31.4 * POUND_KG,
      tareKg: 17.8 * POUND_KG,
      waterCapacityKg: 47.6 * POUND_KG,
    }
    const { json } = await call('contents', input)
    expect(json.netKg / POUND_KG).toBeCloseTo(13.6, 6)
    expect(json).toMatchObject({ overfilled: false })
  })

  test('runtime: 16.4 oz at 9,000 BTU/h', async () => {
    const { json } = await call('runtime', { massKg: (16.4 / 16) * POUND_KG, inputW: 2637.6 })
    expect(json.durationS / 3600).toBeGreaterThan(2.4)
    expect(json.durationS / 3600).toBeLessThan(2.5)
  })
})

describe('wrong input is a 400 with a sentence at its field', () => {
  test.each<[string, string, unknown, string]>([
    ['words for a number', 'saturation', { fluid: 'propane', temperatureK: 'warm' }, 'temperatureK'],
    ['a number in quotes', 'runtime', { massKg: '1', inputW: 5 }, 'massKg'],
    ['a gas not known', 'saturation', { fluid: 'butane', temperatureK: 300 }, 'fluid'],
    ['nothing sent for a field', 'saturation', { fluid: 'propane' }, 'temperatureK'],
    ['a field too many', 'saturation', { fluid: 'propane', temperatureK: 300, psi: 1 }, 'psi'],
    ['−101 °C', 'saturation', { fluid: 'propane', temperatureK: 172.1 }, 'temperatureK'],
    ['151 °C', 'fluid-state', { fluid: 'propane', massKg: 1, volumeM3: 0.02, temperatureK: 424.2 }, 'temperatureK'],
    ['no gas inside', 'fluid-state', { fluid: 'propane', massKg: 0, volumeM3: 0.02, temperatureK: 300 }, 'massKg'],
    ['negative mass', 'runtime', { massKg: -1, inputW: 5 }, 'massKg'],
    ['an appliance of 0 W', 'runtime', { massKg: 1, inputW: 0 }, 'inputW'],
    ['tare over gross', 'contents', { gas: 'propane', grossKg: 5, tareKg: 8, waterCapacityKg: 21.6 }, 'grossKg'],
    ['more than fits', 'contents', { gas: 'propane', grossKg: 50, tareKg: 8, waterCapacityKg: 21.6 }, 'grossKg'],
    ['not an object', 'runtime', [1, 2], ''],
    ['null', 'runtime', null, ''],
    ['not JSON', 'runtime', '{"massKg": 1,', ''],
    ['a number beyond all numbers', 'runtime', '{"massKg": 1e999, "inputW": 5}', 'massKg'],
  ])('%s', async (_, name, body, path) => {
    const { status, type, json } = await call(name, body)
    expect(status).toBe(400)
    expect(type).toBe('application/problem+json')
    expect(json.issues.map((issue: { path: string }) => issue.path)).toContain(path)
    for (const { message } of json.issues) expect(message).toMatch(/^.{10,}[.]$/)
    expect(JSON.stringify(json)).not.toMatch(/node_modules|\.ts:\d|\bat \w+ \(/)
  })

  test('several faults are all named', async () => {
    const { json } = await call('contents', { gas: 'air', grossKg: 'a', tareKg: 1 })
    expect(json.issues.map((issue: { path: string }) => issue.path).sort()).toEqual([
      'gas',
      'grossKg',
      'waterCapacityKg',
    ])
  })
})

test('a calculation that is not there, nor ever on an object, is a 404', async () => {
  for (const name of ['nothing', 'constructor', '__proto__', 'toString']) {
    expect(await call(name, {})).toMatchObject({ status: 404 })
  }
})

test('only JSON, and not too much of it', async () => {
  expect(await call('runtime', '{}', 'text/plain')).toMatchObject({ status: 415 })
  expect(await call('runtime', `"${'x'.repeat(70_000)}"`)).toMatchObject({ status: 413 })
})
