import { typed } from '@tests/typed'
import { cylinderGear, tankGear } from '@tests/gear'
import { readLevel, type LevelTexts } from '@/app/cylinders/[id]/level/readLevel'

const texts = (change: Partial<LevelTexts> = {}): LevelTexts => ({
  way: 'height',
  lift: 'half',
  fullMark: 'usable',
  stands: 'upright',
  ...typed({ shown: '', height: '6', diameter: '12', length: '15', temperature: '' }),
  ...change,
})
const read = (change: Partial<LevelTexts> = {}) => readLevel(cylinderGear(), texts(change))

test('by height: a share, a worked sum, and the input of the action', () => {
  const { liquidFraction, slip, toSave } = read()
  expect(liquidFraction).toBeCloseTo(0.385, 2)
  expect(slip?.result.label).toBe('Aboard')
  expect(toSave).toMatchObject({ cylinderId: 'left', read: { way: 'height', stands: 'upright' } })
})

test('by gauge: percent and eighths, both meanings', () => {
  const gauge = (shown: string, fullMark: LevelTexts['fullMark']) =>
    readLevel(tankGear(), texts({ way: 'gauge', fullMark, ...typed({ shown }) })).liquidFraction
  expect(gauge('50', 'usable')).toBeCloseTo(0.4, 9)
  expect(gauge('4/8', 'eighths')).toBeCloseTo(0.4, 9)
  expect(gauge('50 %', 'whole')).toBeCloseTo(0.5, 9)
})

test('inches and centimeters, a warmer liquid is lighter', () => {
  const metric = readLevel(
    cylinderGear(),
    texts(typed({ height: '15.24', diameter: '30.48', length: '38.1' }, 'metric')),
  )
  expect(metric.liquidFraction).toBeCloseTo(read().liquidFraction ?? 0, 9)
  const net = (temperature: string) => read(typed({ temperature })).slip?.result.figure.quantity.value ?? 0
  expect(net('100')).toBeLessThan(net('20'))
})

test.each<Partial<LevelTexts>>([
  typed({ height: '' }),
  typed({ diameter: '' }),
  typed({ length: '' }),
  typed({ height: 'high' }),
  typed({ temperature: 'warm' }),
])('incomplete, %j: no sum, no input, no issue from core', (change) => {
  const { liquidFraction, slip, toSave, issueAt } = read(change)
  expect([liquidFraction, slip, toSave]).toEqual([null, null, null])
  expect(issueAt('heightM')).toBeNull()
})

test.each<[Partial<LevelTexts>, string, RegExp]>([
  [typed({ height: '20' }), 'heightM', /higher than the vessel/],
  [typed({ length: '4' }), 'lengthM', /shorter than its two dished ends/],
  [typed({ diameter: '0' }), 'diameterM', /more than zero/],
  [typed({ temperature: '400 C' }), 'temperatureK', /must lie between/],
])('%j has its sentence at %s', (change, path, sentence) => {
  const { toSave, issueAt } = read(change)
  expect(toSave).toBeNull()
  expect(issueAt(path)).toMatch(sentence)
  expect(issueAt('other')).toBeNull()
})
