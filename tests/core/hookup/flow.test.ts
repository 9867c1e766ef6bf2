import { add, chain, change, check, edited, sound, soundStart } from '@tests/lines'
import { lineZones } from '@/core/hookup/line/lineZones'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { regulatorOutletPa } from '@/core/hookup/flow/lineFlow'
import { saturation } from '@/core/fluids/saturation'
import { fromUnit } from '@/core/units/convert'
import { lineVolumeM3 } from '@/core/hookup/line/lineVolume'
import { lineBranches } from '@/core/hookup/line/lineBranches'
import { pressureDrop } from '@/core/hookup/flow/pressureDrop'
import { pressureSlip } from '@/core/hookup/flow/pressureSlip'
import { starvationRemedies } from '@/core/hookup/flow/starvationRemedies'

const inWC = (number: number): number => fromUnit(number, 'gaugePressure', 'inWC')
const btuh = (number: number): number => fromUnit(number, 'power', 'btuh')
const feet = (number: number): number => fromUnit(number, 'length', 'ft')
const two = soundStart('two-cylinders')
const COLD = 264.15

const appliance = (line: typeof two, id: string, conditions = {}) => {
  const found = check(line, conditions).appliances.find(({ part }) => part.part.id === id)
  if (!found) throw new Error(id)
  return found
}

test('lock-up is above the setting, flowing below it, drops add up along the way', () => {
  const cooktop = appliance(two, 'cooktop')
  expect(cooktop.staticGaugePa).toBeCloseTo(inWC(13), 6)
  expect(cooktop.flowingGaugePa).toBeLessThan(inWC(11))
  const checked = check(two)
  const flow = checked.flow
  const after = flow?.get('changeover')?.outletGaugePa ?? 0
  const lost = ['main', 'cook-tube'].reduce((sum, id) => {
    const part = checked.graph.byId.get(id)
    const at = flow?.get(id)
    if (!part || !at) throw new Error(id)
    const run = { flowW: at.flowW, insideDiameterM: part.boreM, lengthM: part.lengthM, inletGaugePa: at.inletGaugePa }
    return sum + pressureDrop(run).dropPa
  }, 0)
  expect(cooktop.flowingGaugePa).toBeCloseTo(after - lost, 6)
  const slip = pressureSlip(checked, 'cooktop')
  const [first, ...losses] = slip?.lines.map(({ figure }) => figure.quantity.value) ?? []
  expect((first ?? 0) - losses.reduce((sum, value) => sum + value, 0)).toBeCloseTo(
    slip?.result.figure.quantity.value ?? 0,
    6,
  )
})

test('cylinder pressure follows its temperature, above the local air pressure', () => {
  const at = check(two, { temperatureK: COLD, atmospherePa: 75_600 }).flow?.get('left')
  expect(at?.outletGaugePa).toBeCloseTo(saturation('propane', COLD).pressurePa - 75_600, 3)
})

test('flows add up; only what burns flows', () => {
  const both = check(two).flow
  expect(both?.get('changeover')?.flowW).toBeCloseTo(btuh(17_400), 6)
  const one = check(two, { demandsW: { fridge: btuh(1400) } }).flow
  expect(one?.get('changeover')?.flowW).toBeCloseTo(btuh(1400), 6)
  expect(one?.get('cook-tube')?.flowW).toBe(0)
})

test('a changeover draws from its selected side; “both” halves the flow; an empty side gives none', () => {
  const flowAt = (line: typeof two, id: string): number => check(line).flow?.get(id)?.flowW ?? NaN
  const to = (lever: 'left' | 'right' | 'both') => edited(two, change('changeover', { lever }))
  expect(flowAt(to('left'), 'right')).toBe(0)
  expect(flowAt(to('right'), 'right')).toBeCloseTo(btuh(17_400), 6)
  expect(flowAt(to('both'), 'right')).toBeCloseTo(btuh(8_700), 6)
  const shut = edited(two, change('left', { setting: 'shut' }))
  expect(appliance(shut, 'cooktop').live).toBe(true)
  expect(appliance(edited(shut, change('changeover', { lever: 'left' })), 'cooktop').live).toBe(false)
})

test('a regulator locks up, sags a tenth at its rating, falls away beyond, and starves with its inlet', () => {
  const facts = {
    setGaugePa: 2740,
    lockupGaugePa: 3200,
    ratedW: 20_000,
    minInletGaugePa: 69_000,
    outlet: 'low',
  } as const
  expect(regulatorOutletPa(facts, 5e5, 0)).toBe(3200)
  expect(regulatorOutletPa(facts, 5e5, 20_000)).toBeCloseTo(2466, 6)
  expect(regulatorOutletPa(facts, 5e5, 30_000)).toBeCloseTo(1233, 6)
  expect(regulatorOutletPa(facts, 5e5, 60_000)).toBe(0)
  expect(regulatorOutletPa(facts, 34_500, 20_000)).toBeCloseTo(1233, 6)
  expect(regulatorOutletPa(facts, 1000, 0)).toBe(1000)
})

test('joint starvation is fixed by the one bore or regulator at fault, each tried', () => {
  const narrow = edited(two, change('main', { lengthM: feet(60) }), change('cooktop', { inputW: btuh(40_000) }))
  const checked = check(narrow)
  expect(
    checked.appliances
      .filter(({ starves }) => starves)
      .map(({ part }) => part.part.id)
      .toSorted(),
  ).toEqual(['cooktop', 'fridge'])
  const conditions = { temperatureK: 288.7, atmospherePa: 101325, demandsW: checked.demandsW }
  const [best] = starvationRemedies(narrow, checked.graph, conditions)
  expect(best).toMatchObject({ part: { part: { id: 'main' } }, stillStarving: 0, change: { kind: 'bore' } })
  if (best?.change.kind !== 'bore') throw new Error('no bore')
  expect(
    check(edited(narrow, change('main', { boreM: best.change.boreM }))).appliances.some(({ starves }) => starves),
  ).toBe(false)
  expect(starvationRemedies(two, check(two).graph, conditions)).toEqual([])

  const weak = sound(
    edited(chain('cylinder-both', 'single-stage'), add('t', 'tube-1/2', null), add('f', 'furnace', null)),
  )
  expect(check(weak).appliances[0]?.live).toBe(false)
  const small = sound(chain('cylinder-both', 'single-stage', 'hose-low-flare', 'furnace'))
  const hungry = edited(small, change('furnace', { inputW: btuh(75_000) }), change('hose-low-flare', { boreM: 0.03 }))
  const asked = { ...conditions, demandsW: check(hungry).demandsW }
  expect(starvationRemedies(hungry, check(hungry).graph, asked)[0]?.change.kind).toBe('regulator')
})

test('zones drop at each regulator, and the higher of two feeds counts', () => {
  const zones = lineZones(lineGraph(sound(chain('cylinder-both', 'pigtail-acme-npt', 'inline-15', 'second-stage'))))
  expect(zones.get('pigtail-acme-npt')).toEqual({ inlet: 'cylinder', outlet: 'cylinder' })
  expect(zones.get('inline-15')).toEqual({ inlet: 'cylinder', outlet: 'intermediate' })
  expect(zones.get('second-stage')).toEqual({ inlet: 'intermediate', outlet: 'low' })
  expect(lineZones(lineGraph(soundStart('keg'))).get('hose')?.inlet).toBe('co2-low')
})

test('inside volume of each side of the line, by bore and length', () => {
  const graph = lineGraph(two)
  const low = lineVolumeM3(graph, lineZones(graph), 'low')
  const tubes = ['main', 'fridge-tube', 'cook-tube'].reduce((sum, id) => {
    const part = graph.byId.get(id)
    return sum + (part ? (Math.PI / 4) * part.boreM ** 2 * part.lengthM : NaN)
  }, 0)
  expect(low).toBeGreaterThan(tubes)
  expect(low - tubes).toBeLessThan(120e-6)
  expect(lineVolumeM3(graph, lineZones(graph), 'cylinder')).toBeGreaterThan(0)
})

test('branches are what a single appliance hangs on', () => {
  expect(lineBranches(lineGraph(two)).map(({ name }) => name)).toEqual(['Absorption fridge', 'Cooktop'])
  expect(lineBranches(lineGraph(soundStart('keg')))).toEqual([])
})

test('a demand of no appliance, or above every appliance, is refused at its field', () => {
  expect(() => check(two, { demandsW: { main: 100 } })).toThrow(/no appliance/)
  expect(() => check(two, { demandsW: { cooktop: -1 } })).toThrow(/between nothing/)
})
