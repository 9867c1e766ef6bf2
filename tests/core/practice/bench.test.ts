import fc from 'fast-check'
import { roomAir } from '@/core/heat/air/roomAir'
import { roomAirSchema } from '@/core/heat/air/roomAirInput'
import { lineFlow } from '@/core/hookup/flow/lineFlow'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { advance, flammableShareOf } from '@/core/practice/drills/advance'
import { applyAction } from '@/core/practice/drills/applyAction'
import { type Bench, createBench, roomNow } from '@/core/practice/drills/bench'
import type { BenchAction } from '@/core/practice/drills/benchAction'
import { benchControls } from '@/core/practice/drills/controls'
import { drillSession } from '@/core/practice/drills/drillView'
import { drillIds, startDrill } from '@/core/practice/drills/drills'
import { faultContext, faultedState, findFault, possibleFaults } from '@/core/practice/faults/faults'
import { lineReading } from '@/core/practice/readings/lineReading'
import { sampleRigs } from '@/core/practice/rig/sampleRigs'
import { soundState, thermalOf } from '@/core/practice/rig/rigState'
import { coldDraw } from '@/core/vaporization/coldDraw'

const { marigold, van, motorhome } = sampleRigs

const burning = (partId: string): Partial<Bench> => ({ open: { [partId]: 1 }, lit: [partId] })

describe('the readings of a drill are those of the models for the same state', () => {
  it.each(Object.entries(sampleRigs))('pressures, of the hook-up solver: %s', (_, rig) => {
    const state = soundState(rig)
    const conditions = { temperatureK: rig.outsideK, atmospherePa: standardAtmospherePa(rig.altitudeM) }
    const demands: Record<string, number>[] = [{}, { cooktop: 2000 }, { panel: 800 }, { furnace: 6000 }]
    for (const demandsW of demands) {
      const solver = lineFlow(lineGraph(state.line), { ...conditions, demandsW })
      const open = Object.fromEntries(
        Object.entries(demandsW).flatMap(([id, watts]) => {
          const part = lineGraph(state.line).byId.get(id)
          return part?.type.appliance ? [[id, watts / part.type.appliance.inputW]] : []
        }),
      )
      const reading = lineReading(state, open)
      for (const [id, flow] of solver) {
        const read = reading.parts.get(id)
        // The cylinder's pressure is read from a table of the same equation.
        expect(Math.abs((read?.staticGaugePa ?? NaN) - flow.staticGaugePa)).toBeLessThan(1 + flow.staticGaugePa * 1e-3)
      }
    }
  })

  it('pressures with what burns: the same as the solver gives for the heat that it says is burned', () => {
    const state = soundState(motorhome)
    const reading = lineReading(state, { furnace: 1 })
    const solver = lineFlow(lineGraph(state.line), {
      temperatureK: motorhome.outsideK,
      atmospherePa: standardAtmospherePa(motorhome.altitudeM),
      demandsW: Object.fromEntries(reading.burnedW),
    })
    const at = (parts: typeof solver): number => parts.get('furnace')?.inletGaugePa ?? NaN
    expect(at(new Map(reading.parts)) / at(solver)).toBeCloseTo(1, 3)
  })

  it('contents and temperature of the cylinder, of the vaporization model', () => {
    const state = soundState(van)
    const watts = lineReading(state, { stove: 1 }).burnedW.get('stove') ?? 0
    const hourS = 3600
    const bench = advance(createBench(state, burning('stove')), hourS)
    const { body, massKg } = thermalOf(state, 'cylinder')
    const drawn = coldDraw({
      vessel: { waterCapacityKg: 21.59, stands: 'upright', diameterM: body.diameterM, wallKg: body.wallKg },
      massKg,
      drawW: watts,
      airTemperatureK: van.outsideK,
      minimumGaugePa: 1000,
      altitudeM: van.altitudeM,
      windMS: 0,
      site: 'locker',
    })
    const at = drawn.series.find(({ timeS }) => timeS >= hourS)
    const now = bench.rig.sources.cylinder
    expect((now?.massKg ?? 0) / (at?.massKg ?? 1)).toBeCloseTo(1, 2)
    expect(Math.abs((now?.liquidK ?? 0) - (at?.temperatureK ?? 0))).toBeLessThan(0.5)
  })

  it('air and warmth of the room, of the room model', () => {
    const state = soundState(van)
    const watts = lineReading(state, { panel: 1 }).burnedW.get('panel') ?? 0
    const start = createBench(state, { ...burning('panel'), roomK: 283.15 })
    const halfHourS = 1800
    const bench = advance(start, halfHourS)
    const model = roomAir(
      roomAirSchema.parse({
        room: roomNow(start),
        heaterW: watts,
        people: { awake: van.people, asleep: 0 },
        outside: { temperatureK: van.outsideK, pressurePa: standardAtmospherePa(van.altitudeM) },
        startK: 283.15,
        durationS: halfHourS,
      }),
    ).series.at(-1)
    expect(bench.roomK).toBeCloseTo(model?.temperatureK ?? 0, 0)
    expect((bench.series.at(-1)?.co2Ppm ?? 0) / (model?.co2Ppm ?? 1)).toBeCloseTo(1, 1)
    expect(bench.rig.oxygenShare).toBeCloseTo(model?.o2Fraction ?? 0, 3)
  })
})

it('counts the gas: burned and lost is what left the cylinders', () => {
  const context = faultContext(motorhome)
  const leak = findFault(context, { kind: 'stem' }, 'faults')
  const start = createBench(faultedState(context, [leak]), burning('cooktop'))
  const end = advance(start, 3600)
  const left = (bench: Bench): number => Object.values(bench.rig.sources).reduce((sum, { massKg }) => sum + massKg, 0)
  expect(left(start) - left(end)).toBeCloseTo(end.burnedKg + end.lostKg, 4)
  expect(end.lostKg).toBeGreaterThan(0)
})

it('lets gas gather low in a shut room, and air it out', () => {
  const start = createBench(soundState(van), { open: { stove: 0.3 } })
  const gathered = advance(start, 600)
  expect(flammableShareOf(gathered)).toBeGreaterThan(0.15)
  const aired = ['window-left', 'roof-vent', 'door'].reduce(
    (bench, id) => (id in bench.openings ? { ...bench, openings: { ...bench.openings, [id]: 0.3 } } : bench),
    { ...gathered, open: {} },
  )
  expect(flammableShareOf(advance(aired, 3600))).toBeLessThan(
    flammableShareOf(advance({ ...gathered, open: {} }, 3600)),
  )
})

describe('a deed that can kill ends the drill at once, with its reason', () => {
  const bench = (change: Partial<Bench> = {}): Bench => createBench(soundState(marigold), change)
  const gas: Partial<Bench> = { gasInsideKg: 0.05 }

  it.each<[string, Partial<Bench>, BenchAction]>([
    ['a flame at a joint', {}, { do: 'flame-at-joint' }],
    ['a wrench on the vessel', {}, { do: 'wrench' }],
    ['heat on a cylinder', {}, { do: 'heat-cylinder' }],
    ['a switch in gas', gas, { do: 'switch' }],
    ['a burner in gas', gas, { do: 'knob', partId: 'cooktop', to: 'high', holdS: 10 }],
    ['driving with gas', gas, { do: 'drive' }],
    ['sleep beside an open flame', burning('cooktop'), { do: 'sleep' }],
    ['sleep in gas', gas, { do: 'sleep' }],
    ['going back into gas', { ...gas, people: 'outside' }, { do: 'go-in' }],
    ['going into CO2', { co2InsideKg: 2, people: 'outside' }, { do: 'go-in' }],
    ['staying with an alarm', { fumesS: 900 }, { do: 'wait', seconds: 300 }],
  ])('%s', (_, change, action) => {
    const ended = applyAction(bench(change), action)
    expect(ended.badEnd).toMatch(/\w{3,}/)
    // Nothing can be done after that.
    expect(applyAction(ended, { do: 'out' })).toBe(ended)
  })

  it.each<[string, Partial<Bench>, BenchAction]>([
    ['getting out of gas', gas, { do: 'out' }],
    ['a burner in clean air', {}, { do: 'knob', partId: 'cooktop', to: 'high', holdS: 10 }],
    ['sleep with all off', {}, { do: 'sleep' }],
    ['soap', {}, { do: 'soap' }],
  ])('but not %s', (_, change, action) => {
    expect(applyAction(bench(change), action).badEnd).toBeNull()
  })
})

it('trips the flow limiter by a fast opening, and resets it shut for two minutes', () => {
  const valve = (to: 'open' | 'shut', slowly: boolean): BenchAction => ({ do: 'valve', partId: 'cylinder', to, slowly })
  const light: BenchAction = { do: 'knob', partId: 'stove', to: 'high', holdS: 10 }
  const play = (...actions: BenchAction[]): string | undefined => {
    const saw = actions.reduce((now, action) => applyAction(now, action), createBench(soundState(van))).log.at(-1)?.saw
    return typeof saw?.parts?.words === 'string' ? saw.parts.words : undefined
  }
  expect(play(valve('shut', true), valve('open', false), light)).toMatch(/weak|no hiss/)
  expect(play(valve('shut', true), valve('open', true), light)).toBe('Burns as usual.')
  const tripped = [valve('shut', true), valve('open', false), valve('shut', true)]
  expect(play(...tripped, { do: 'wait', seconds: 30 }, valve('open', true), light)).toMatch(/weak|no hiss/)
  expect(play(...tripped, { do: 'wait', seconds: 130 }, valve('open', true), light)).toBe('Burns as usual.')
})

it('takes any action in any order on any rig without breaking, and goes on where it was left', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...drillIds),
      fc.nat({ max: 50 }),
      fc.constantFrom(marigold, van, motorhome),
      fc.array(fc.nat({ max: 997 }), { maxLength: 7 }),
      (id, seed, rig, picks) => {
        const session = drillSession(id, seed, rig)
        const done: BenchAction[] = []
        for (const pick of picks) {
          const all = session.view().controls.flatMap(({ controls }) => controls)
          const chosen = all[pick % Math.max(1, all.length)]
          if (!chosen) break
          done.push(chosen.action)
          session.act(chosen.action)
        }
        const view = session.view()
        expect(view.gasKg).toBeGreaterThanOrEqual(0)
        expect(Number.isFinite(view.roomK)).toBe(true)
        expect(drillSession(id, seed, rig, done).view()).toEqual(view)
      },
    ),
    { numRuns: 25 },
  )
}, 60_000)

it('offers the same buttons whatever is wrong, so that none gives the fault away', () => {
  const context = faultContext(marigold)
  const drill = startDrill('nothing-works', 1, marigold)
  const labels = possibleFaults(context).map((fault) =>
    JSON.stringify(
      benchControls(drill, createBench(faultedState(context, [fault]))).map(({ controls }) =>
        controls.map(({ label }) => label),
      ),
    ),
  )
  expect(new Set(labels).size).toBe(1)
})
