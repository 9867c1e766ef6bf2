import {
  applianceUse,
  bottleGear,
  co2Gear,
  cylinderGear,
  rigGear,
  soundEquipment,
  tankGear,
  tripPlan,
  untestedLine,
} from '@tests/gear'
import { stepsFacts, type StepsFacts } from '@/core/trip/procedures/stepsFacts'
import { procedureLabel, proceduresOf, tripProcedures, tripSteps } from '@/core/trip/procedures/tripSteps'
import { changeovers, usualRunSettings } from '@/core/run/runSettings'
import type { ProcedureStep } from '@/core/rules/procedureStep'
import { add, edited, soundStart } from '@tests/lines'
import fc from 'fast-check'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'

const plain: StepsFacts = {
  cylinders: ['Left', 'Right'],
  tank: null,
  bottles: 0,
  changeover: 'one-side',
  nut: null,
  hasPigtail: false,
  heaters: [],
  appliances: [],
  hasQuickConnect: false,
  hasOutsideSupply: false,
  openings: [],
  alarms: [],
  co2: null,
}
const words = (procedure: Parameters<typeof tripSteps>[0], facts: Partial<StepsFacts> = {}): string =>
  tripSteps(procedure, { ...plain, ...facts })
    .map(({ title, does }) => `${title}: ${does}`)
    .join('\n')

test.each(tripProcedures)('%s: every step has a reason and a unique name, and some step blocks the rest', (one) => {
  const steps = tripSteps(one, { ...plain, heaters: [{ name: 'Small', bottleOn: true, vented: false }], co2: 'Soda' })
  expect(steps.length).toBeGreaterThanOrEqual(4)
  expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length)
  for (const { why, does } of steps) expect(`${why}${String(does)}`).toMatch(/\.$|\w$/)
  expect(steps.some(({ holds }) => holds)).toBe(true)
  expect(procedureLabel(one)).toMatch(/^[A-Z]/)
})

test('built from the gear: cylinders, changeover, heaters, alarms, fridge, CO2', () => {
  const { heater } = heaterTemplates['portable-radiant']
  const gear = rigGear([cylinderGear(), bottleGear(), co2Gear(), tankGear({ aboard: false })], {
    heat: {
      rooms: [],
      heaters: [{ id: 'h', name: 'Small radiant', applianceId: null, heater }],
      heatless: false,
      warmth: null,
    },
  })
  const trip = tripPlan({ settings: { ...usualRunSettings, changeover: 'both' } })
  const fridge = applianceUse({ name: 'Fridge', kind: 'fridge', pilotW: 90, habit: { way: 'around' } })
  expect(stepsFacts(gear, { ...trip, uses: [fridge, applianceUse({ id: 'off', burnPerDayS: 0 })] })).toEqual({
    ...plain,
    cylinders: ['Left cylinder'],
    bottles: 1,
    changeover: 'both',
    heaters: [{ name: 'Small radiant', bottleOn: true, vented: false }],
    appliances: [{ name: 'Fridge', kind: 'fridge', hasPilot: true }],
    alarms: soundEquipment()
      .filter(({ kind }) => kind.endsWith('alarm'))
      .map(({ name }) => name),
    co2: 'Soda cylinder',
  })
})

test('by the changeover: a lever to turn, a flag that may lie, or nothing', () => {
  expect(words('swap')).toContain('Lever to the other side')
  expect(words('swap', { changeover: 'both' })).not.toMatch(/lever/i)
  expect(words('back', { changeover: 'automatic' })).toContain('flag')
  expect(words('evening', { changeover: 'automatic' })).toContain('Green may be trapped gas')
  expect(words('evening', { changeover: 'both' })).toContain('both open')
})

test('no alarm entered is said; existing ones are named', () => {
  expect(words('before')).toContain('get a CO alarm and a propane alarm first')
  expect(words('before', { alarms: ['Propane alarm', 'CO alarm'] })).toContain('Test Propane alarm and CO alarm')
  expect(words('arrive', { alarms: ['CO alarm'] })).toContain('Test CO alarm')
})

test('a rig with only a fixed tank fills by its gauge, one with cylinders at the pump', () => {
  expect(words('pump', { cylinders: [], tank: 'Tank' })).not.toBe(words('pump'))
  expect(words('before', { cylinders: [], tank: 'Tank' })).toContain('Read Tank')
})

const kinds = ['cooktop', 'oven', 'fridge', 'furnace', 'water-heater', 'panel-heater', 'gas-light', 'grill'] as const

/** Rigs of the generator: one or two cylinders, an onboard tank, or bottles alone, and what burns on them. */
const anyRig = fc.record({
  supply: fc.constantFrom('one', 'two', 'onboard', 'bottles'),
  changeover: fc.constantFrom(...changeovers),
  line: fc.constantFrom(null, 'drawn'),
  isQuick: fc.boolean(),
  burning: fc.subarray([...kinds]),
  piloted: fc.boolean(),
  heater: fc.constantFrom(null, 'on-bottle', 'on-hose', 'vented'),
  alarms: fc.boolean(),
  hasCo2: fc.boolean(),
})
type AnyRig = typeof anyRig extends fc.Arbitrary<infer Rig> ? Rig : never

const drawnAs = { one: 'panel-and-stove', two: 'two-cylinders', onboard: 'onboard-tank', bottles: null } as const

function factsOf({ supply, changeover, line, isQuick, burning, piloted, heater, alarms, hasCo2 }: AnyRig): StepsFacts {
  const vessels = {
    one: [cylinderGear()],
    two: [cylinderGear(), cylinderGear({ id: 'right', name: 'Right cylinder' })],
    onboard: [tankGear({ aboard: true, name: 'Fixed vessel' })],
    bottles: [bottleGear()],
  }
  const start = drawnAs[supply]
  const drawn = line && start ? soundStart(start) : null
  const quick = drawn && isQuick ? edited(drawn, add('quick', 'quick-low', null)) : drawn
  const { heater: template } = heaterTemplates[heater === 'vented' ? 'furnace' : 'portable-radiant']
  const bottleOn = heater === 'on-bottle'
  const gear = rigGear(
    [...vessels[supply], ...(bottleOn && supply !== 'bottles' ? [bottleGear()] : []), ...(hasCo2 ? [co2Gear()] : [])],
    {
      lines: quick ? [untestedLine(quick)] : [],
      equipment: alarms ? soundEquipment() : [],
      heat: {
        rooms: [],
        heaters: heater ? [{ id: 'h', name: 'Warmer', applianceId: null, heater: { ...template, bottleOn } }] : [],
        heatless: false,
        warmth: null,
      },
    },
  )
  const uses = burning.map((kind) =>
    applianceUse({ id: kind, name: `Our ${kind}`, kind, burnPerDayS: 3600, pilotW: piloted ? 100 : 0 }),
  )
  const settings = supply === 'two' ? { ...usualRunSettings, changeover } : usualRunSettings
  return stepsFacts(gear, tripPlan({ uses, settings }))
}

const textOf = (steps: readonly ProcedureStep[]): string =>
  steps.map(({ title, does }) => `${title}: ${typeof does === 'string' ? does : does.text}`).join('\n')
const at = (steps: readonly ProcedureStep[], id: RegExp): number => steps.findIndex((step) => id.test(step.id))
const isBefore = (steps: readonly ProcedureStep[], first: RegExp, then: RegExp): void => {
  if (at(steps, then) >= 0) expect([textOf(steps), at(steps, first)]).toEqual([textOf(steps), expect.any(Number)])
  if (at(steps, then) >= 0 && at(steps, first) >= 0) expect(at(steps, first)).toBeLessThan(at(steps, then))
}

test('every step of every procedure names only what this rig has', () => {
  fc.assert(
    fc.property(anyRig, (rig) => {
      const facts = factsOf(rig)
      const { supply, burning, piloted, heater, line } = rig
      const hasPilot = piloted && burning.some((kind) => kind !== 'furnace')
      const isDrawnWithPigtail = line !== null && (supply === 'one' || supply === 'two')
      const needs: readonly (readonly [RegExp, boolean])[] = [
        [/fridge/i, burning.includes('fridge')],
        [/furnace/i, burning.includes('furnace')],
        [/cooktop/i, burning.includes('cooktop')],
        [/\boven/i, burning.includes('oven')],
        [/\bpilot/i, hasPilot || burning.includes('oven')],
        [/bottle/i, supply === 'bottles' || heater === 'on-bottle'],
        [/pigtail/i, isDrawnWithPigtail],
        [/\blever|\bflag/i, supply === 'two'],
        [/reserve|the other\b|second is on|each cylinder/i, supply === 'two'],
        [/\bgauge\b|\btank/i, supply === 'onboard' || facts.tank !== null],
        [/cylinder/i, supply === 'one' || supply === 'two' || facts.co2 !== null],
        [/quick connect/i, line !== null && rig.isQuick && drawnAs[supply] !== null],
        [/Soda/, rig.hasCo2],
        [/Warmer/, heater !== null],
      ]
      for (const procedure of proceduresOf(facts).filter((one) => one !== 'pump')) {
        const text = textOf(tripSteps(procedure, facts))
        for (const [word, has] of needs) if (!has) expect(`${procedure}\n${text}`).not.toMatch(word)
      }
    }),
    { numRuns: 300 },
  )
})

test('in the order of the trade: alarms before flames, cool before disconnecting, no gas shut that must go on', () => {
  fc.assert(
    fc.property(anyRig, (rig) => {
      const facts = factsOf(rig)
      const goesOn = ['fridge', 'furnace', 'water-heater'].some((kind) =>
        facts.appliances.some((one) => one.kind === kind),
      )
      for (const procedure of proceduresOf(facts)) {
        const steps = tripSteps(procedure, facts)
        if (procedure !== 'pump' && at(steps, /^(air|light \d)/) >= 0)
          expect(at(steps, /^alarms$/)).toBeGreaterThanOrEqual(0)
        isBefore(steps, /^alarms$/, /^(air|light \d|count)/)
        isBefore(steps, /^cool/, /^disconnect( \d|-bottle|$)/)
        isBefore(steps, /^(valve|shut)$/, /^disconnect$/)
        isBefore(steps, /^connect$/, /^open$/)
        isBefore(steps, /^open$/, /^soap$/)
        isBefore(steps, /^soap$/, /^(air|light \d)/)
        isBefore(steps, /^open$/, /^air$/)
        isBefore(steps, /^air$/, /^light \d/)
      }
      expect(textOf(tripSteps('arrive', facts)).includes('push until it locks')).toBe(
        rig.line !== null && rig.isQuick && drawnAs[rig.supply] !== null,
      )
      const evening = textOf(tripSteps('evening', facts))
      if (goesOn) expect(evening).not.toMatch(/cylinder’s valve|each cylinder|tank’s valve|shut the gas/i)
      if (rig.heater === 'on-bottle')
        expect(evening).toMatch(/the bottle has no valve[^]*Let it cool[^]*Bottle off and out/)
      if (rig.heater === 'on-hose') expect(evening).toMatch(/Warmer off before sleep: its knob, then/)
      if (rig.heater === 'vented') expect(evening).not.toMatch(/Warmer off/)
    }),
    { numRuns: 300 },
  )
})

test('relighting: off, five minutes, smell, alarms, gas, air, then each appliance, and every pilot counted', () => {
  fc.assert(
    fc.property(anyRig, (rig) => {
      const facts = factsOf(rig)
      if (!proceduresOf(facts).includes('relight')) return
      const steps = tripSteps('relight', facts)
      const ids = steps.map(({ id }) => id)
      expect(ids.slice(0, 4)).toEqual(['off', 'wait', 'smell', 'alarms'])
      expect(steps.find(({ id }) => id === 'wait')?.holdS).toBe(300)
      expect(textOf(steps)).toMatch(/Three tries at most/)
      for (const { name, kind } of facts.appliances) {
        if (kind !== 'cooktop' && kind !== 'grill') expect(textOf(steps)).toContain(`Light ${name}`)
      }
      const pilots = facts.appliances.filter(({ hasPilot }) => hasPilot)
      const count = steps.find(({ id }) => id === 'count')
      expect(count?.title).toBe(pilots.length > 0 ? `Count the pilots: ${pilots.length}` : undefined)
      for (const { name } of pilots) expect(count?.does).toContain(name)
    }),
  )
})

test('one cylinder has no reserve: a swap moves the hose; two on a changeover are opened one after the other', () => {
  const ids = (facts: Partial<StepsFacts>): string[] => tripSteps('swap', { ...plain, ...facts }).map(({ id }) => id)
  for (const facts of [{ cylinders: ['Left'] }, { changeover: null }]) {
    expect(ids(facts)).toEqual(expect.arrayContaining(['disconnect', 'connect', 'open', 'soap']))
    expect(ids(facts)).not.toContain('lever')
  }
  expect(ids({})).not.toContain('disconnect')
  expect(ids({})).toEqual(expect.arrayContaining(['open', 'lever']))
  expect(words('arrive', { hasQuickConnect: true })).toContain('valve off, cap off, push until it locks, valve on')
  expect(words('arrive', { hasPigtail: true })).toContain('Rough road? Pigtails')
})

test('after an onboard fill: cap, door, and the master valve as wanted', () => {
  const ids = tripSteps('pump', { ...plain, cylinders: [], tank: 'Tank' }).map(({ id }) => id)
  expect(ids.slice(ids.indexOf('off'))).toEqual(['off', 'cap', 'door', 'master', 'gauge'])
})
