import {
  applianceUse,
  bottleGear,
  co2Gear,
  cylinderGear,
  rigGear,
  soundEquipment,
  tankGear,
  tripPlan,
} from '@tests/gear'
import { stepsFacts, type StepsFacts } from '@/core/trip/procedures/stepsFacts'
import { tripProcedures, tripProcedureLabels, tripSteps } from '@/core/trip/procedures/tripSteps'
import { usualRunSettings } from '@/core/run/runSettings'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'

const plain: StepsFacts = {
  cylinders: ['Left', 'Right'],
  tank: null,
  changeover: 'one-side',
  heaters: [],
  openings: [],
  alarms: [],
  hasFridge: false,
  co2: null,
}
const words = (procedure: Parameters<typeof tripSteps>[0], facts: Partial<StepsFacts> = {}): string =>
  tripSteps(procedure, { ...plain, ...facts })
    .map(({ title, does }) => `${title}: ${does}`)
    .join('\n')

test.each(tripProcedures)('%s: every step has a reason and a unique name, and some step blocks the rest', (one) => {
  const steps = tripSteps(one, { ...plain, heaters: [{ name: 'Small', bottleOn: true, vented: false }], co2: 'Soda' })
  expect(steps.length).toBeGreaterThanOrEqual(5)
  expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length)
  for (const { why, does } of steps) expect(`${why}${does}`).toMatch(/\.$|\w$/)
  expect(steps.some(({ holds }) => holds)).toBe(true)
  expect(tripProcedureLabels[one]).toMatch(/^[A-Z]/)
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
  expect(stepsFacts(gear, { ...trip, uses: [applianceUse({ kind: 'fridge' })] })).toEqual({
    cylinders: ['Left cylinder'],
    tank: null,
    changeover: 'both',
    heaters: [{ name: 'Small radiant', bottleOn: true, vented: false }],
    openings: [],
    alarms: soundEquipment()
      .filter(({ kind }) => kind.endsWith('alarm'))
      .map(({ name }) => name),
    hasFridge: true,
    co2: 'Soda cylinder',
  })
})

test('by the changeover: a lever to turn, a flag to check, or nothing', () => {
  expect(words('swap')).toContain('Turn the lever')
  expect(words('swap', { changeover: 'automatic' })).toContain('Lever to the reserve')
  expect(words('swap', { changeover: 'both' })).not.toMatch(/lever/i)
  expect(words('back', { changeover: 'automatic' })).toContain('flag')
  expect(words('evening', { changeover: 'both' })).toContain('both open')
})

test('an unvented heater is off before sleep with its bottle out; a rig without one gets no such step', () => {
  const small = { name: 'Small radiant', bottleOn: true, vented: false }
  expect(words('evening', { heaters: [small] })).toMatch(/Small radiant off before sleep[^]*Bottle off and out/)
  expect(words('evening')).not.toMatch(/before sleep/)
  expect(words('evening', { heaters: [{ ...small, bottleOn: false, vented: true }] })).not.toMatch(/before sleep/)
  expect(words('before', { heaters: [small] })).toContain('Bottles off: none on Small radiant')
})

test('no alarm entered is said; existing ones are named', () => {
  expect(words('before')).toContain('a CO alarm belongs to every heater')
  expect(words('before', { alarms: ['Propane alarm', 'CO alarm'] })).toContain('Test Propane alarm and CO alarm')
  expect(words('arrive', { alarms: ['CO alarm'] })).toContain('press the test of each: CO alarm')
})

test('a rig with only a fixed tank fills by its gauge, one with cylinders at the pump', () => {
  expect(words('pump', { cylinders: [], tank: 'Tank' })).not.toBe(words('pump'))
  expect(words('before', { cylinders: [], tank: 'Tank' })).toContain('Read Tank')
})

test('gas is shut off before the nut is touched, and the joint soaped after it is made', () => {
  const out = tripSteps('out', plain).map(({ id }) => id)
  expect(out.indexOf('valve')).toBeLessThan(out.indexOf('pigtail'))
  const back = tripSteps('back', plain).map(({ id }) => id)
  expect(back.indexOf('connect')).toBeLessThan(back.indexOf('open'))
  expect(back.indexOf('open')).toBeLessThan(back.indexOf('soap'))
})
