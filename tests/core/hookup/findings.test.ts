import { hookupCodes } from '@/core/findings/codes/hookupCodes'
import { add, chain, change, check, codes, edited, join, made, sound, soundStart } from '@tests/lines'
import type { LineConditions } from '@/core/hookup/checks/checkLine'
import { ownPartType } from '@/core/hookup/catalogue/ownPartType'
import type { Line } from '@/core/hookup/line/line'
import { formatPhrase } from '@/core/units/formatQuantity'
import { fromUnit } from '@/core/units/convert'
import { basis } from '@/core/rules/basis/basis'

/** A line that raises a finding, and the same line fixed. */
interface Case {
  bad: Line
  good: Line
  conditions?: Partial<LineConditions>
}

const two = soundStart('two-cylinders')
const splitter = soundStart('splitter')
const tank = soundStart('onboard-tank')
const keg = soundStart('keg')
const house = (...middle: string[]): Line =>
  sound(chain('cylinder-both', 'pigtail-acme', 'two-stage', 'npt-to-flare-3/8', ...middle))
const pounds = (number: number): number => fromUnit(number, 'mass', 'lb')
const feet = (number: number): number => fromUnit(number, 'length', 'ft')

const longPortable = sound(chain('cylinder-both', 'hose-high-bottle', 'filter-bottle', 'portable'))
const withShutOff = sound(
  chain('cylinder-both', 'shut-off-gauge', 'pigtail-acme', 'two-stage', 'npt-to-flare-3/8', 'tube-3/8', 'cooktop'),
)
const smallRegulator = sound(chain('cylinder-both', 'single-stage', 'tube-3/8', 'furnace'))
const bottlePortable = sound(chain('bottle', 'portable'))
const highBranch = sound(chain('cylinder-both', 'acme-to-npt', 'hose-high-npt'))

/** A cylinder on the outside port, with the tank's valve open or shut. */
const outsideSupply = (setting: 'open' | 'shut'): Line =>
  sound(
    edited(
      tank,
      { do: 'remove', id: 'supply-cap' },
      add('guest', 'cylinder-both', null),
      add('guest-hose', 'hose-supply', 'guest'),
      join('guest-hose', 'out', 'supply-tee', 'supply'),
      change('tank', { setting }),
    ),
  )

const cases: Readonly<Record<string, Case>> = {
  'open-end': {
    bad: edited(two, { do: 'remove', id: 'cooktop' }),
    good: edited(
      two,
      { do: 'remove', id: 'cooktop' },
      add('cap', 'union-flare-3/8', 'cook-tube'),
      add('plug', 'cap-flare-3/8', 'cap'),
    ),
  },
  'two-gases': {
    bad: edited(
      two,
      { do: 'remove', id: 'right' },
      add('co2', 'co2-cylinder', null),
      join('co2', 'out', 'right-pigtail', 'in'),
    ),
    good: two,
  },
  'wrong-gas': { bad: sound(chain('co2-cylinder', 'co2-tyres', 'hose-high-npt', 'chuck')), good: soundStart('tyres') },
  'line-ring': {
    bad: edited(
      two,
      { do: 'remove', id: 'left' },
      { do: 'remove', id: 'cooktop' },
      join('cook-tube', 'out', 'left-pigtail', 'in'),
    ),
    good: two,
  },
  'not-fed': { bad: edited(two, add('loose', 'tube-3/8', null)), good: two },
  'line-unfinished': { bad: highBranch, good: two },
  'joint-lookalike': {
    bad: house('tube-3/8', 'coupler-3/8'),
    good: house('tube-3/8', 'cooktop'),
  },
  'joint-same-sex': { bad: house('tee-flare-3/8', 'cooktop'), good: house('tube-3/8', 'cooktop') },
  'joint-does-not-fit': { bad: house('tube-1/4', 'cooktop'), good: house('tube-3/8', 'cooktop') },
  'joint-taped': { bad: edited(two, made('cooktop-in', 'taped')), good: two },
  'joint-bare': { bad: edited(two, made('nipple-in', 'bare')), good: two },
  'joint-few-turns': { bad: edited(two, made('nipple-in', 'few-turns')), good: two },
  'joint-turned-wrong': { bad: edited(tank, made('supply-tee-in', 'wrong-way')), good: tank },
  'joint-wrenched': { bad: edited(two, made('left-pigtail-in', 'wrenched')), good: two },
  'joint-old-washer': { bad: edited(keg, made('regulator-in', 'old-washer')), good: keg },
  'joint-one-wrench': { bad: edited(two, made('cooktop-in', 'one-wrench')), good: two },
  'joints-not-known': { bad: edited(two, made('cooktop-in', 'not-known')), good: two },
  'pressure-too-high': {
    bad: sound(chain('cylinder-both', 'pol-to-flare', 'hose-high-flare', 'cooktop')),
    good: house('tube-3/8', 'cooktop'),
  },
  'second-regulator': { bad: house('tube-3/8', 'grill-flare'), good: house('tube-3/8', 'grill-low') },
  'part-over-rating': {
    bad: sound(chain('cylinder-both', 'pol-to-flare', 'hose-low-flare', 'grill-flare')),
    good: sound(chain('cylinder-both', 'pol-to-flare', 'hose-high-flare', 'grill-flare')),
  },
  'attached-bottle-inside': {
    bad: edited(bottlePortable, change('bottle', { place: 'inside' }), change('portable', { place: 'inside' })),
    good: bottlePortable,
  },
  'cylinder-pressure-inside': {
    bad: edited(longPortable, change('portable', { place: 'inside' })),
    good: longPortable,
  },
  'co2-pressure-inside': { bad: edited(keg, change('regulator', { place: 'inside' })), good: keg },
  'co2-line-inside': { bad: edited(keg, change('keg', { place: 'inside' })), good: keg },
  'regulator-in-series': {
    bad: seriesRegulators(),
    good: two,
  },
  'long-hose': {
    bad: edited(longPortable, change('hose-high-bottle', { lengthM: feet(24) })),
    good: edited(longPortable, change('hose-high-bottle', { lengthM: feet(9) })),
  },
  'supply-wrong-side': { bad: supplyBehindRegulator(), good: tank },
  'filter-missing': { bad: sound(chain('cylinder-both', 'hose-high-bottle', 'portable')), good: longPortable },
  'remote-too-large': {
    bad: edited(longPortable, change('cylinder-both', { holdsKg: pounds(100) })),
    good: edited(longPortable, change('cylinder-both', { holdsKg: pounds(40) })),
  },
  'branch-without-valve': { bad: edited(two, { do: 'remove', id: 'cook-valve' }), good: two },
  'device-does-not-fit': { bad: edited(withShutOff, change('shut-off-gauge', { stillFits: 'no' })), good: withShutOff },
  'device-fit-not-known': {
    bad: edited(withShutOff, change('shut-off-gauge', { stillFits: 'not-known' })),
    good: withShutOff,
  },
  'shut-off-late': {
    bad: sound(chain('cylinder-both', 'hose-supply', 'shut-off-gauge', 'single-stage', 'tube-3/8', 'cooktop')),
    good: withShutOff,
  },
  'no-test-port': { bad: edited(two, { do: 'remove', id: 'test-port' }), good: two },
  'part-age-unknown': { bad: edited(two, change('left-pigtail', { madeMonth: undefined })), good: two },
  'part-old': { bad: edited(two, change('left-pigtail', { madeMonth: '2019-10' })), good: two },
  'hose-bad': { bad: edited(two, change('left-pigtail', { condition: 'bad' })), good: two },
  'hose-not-looked-at': { bad: edited(two, change('left-pigtail', { condition: undefined })), good: two },
  'vent-not-down': { bad: edited(two, change('changeover', { ventDown: 'no' })), good: two },
  'vent-not-known': { bad: edited(two, change('changeover', { ventDown: undefined })), good: two },
  'soft-brass-road': {
    bad: edited(two, change('main', { place: 'road', supported: 'no' })),
    good: edited(two, change('main', { place: 'road' })),
  },
  'line-not-supported': {
    bad: edited(two, change('main', { place: 'road', supported: 'not-known' })),
    good: edited(two, change('main', { place: 'road', supported: 'yes' })),
  },
  'valve-between': {
    bad: edited(two, change('cook-valve', { setting: 'between' })),
    good: edited(two, change('cook-valve', { setting: 'open' })),
  },
  'changeover-both': {
    bad: edited(two, change('changeover', { lever: 'both' })),
    good: edited(two, change('changeover', { lever: 'left' })),
  },
  'regulator-altered': {
    bad: edited(two, change('changeover', { cover: 'altered' })),
    good: edited(two, change('changeover', { cover: 'as-made' })),
  },
  'hose-joint-closed-bay': {
    bad: edited(two, change('left-pigtail', { place: 'bay' })),
    good: edited(two, change('left-pigtail', { place: 'locker' })),
  },
  'supply-feeds-back': {
    bad: outsideSupply('open'),
    good: outsideSupply('shut'),
  },
  'changeover-on-empty': {
    bad: edited(two, change('changeover', { lever: 'left' }), change('left', { setting: 'shut' })),
    good: edited(two, change('changeover', { lever: 'right' }), change('left', { setting: 'shut' })),
  },
  'changeover-no-reserve': {
    bad: edited(two, change('changeover', { lever: 'automatic' }), change('right', { setting: 'shut' })),
    good: edited(two, change('changeover', { lever: 'automatic' })),
  },
  'changeover-flag-red': {
    bad: edited(two, change('changeover', { flag: 'red' })),
    good: edited(two, change('changeover', { flag: 'green' })),
  },
  'changeover-flag-green': {
    bad: edited(two, change('changeover', { flag: 'green' })),
    good: edited(two, change('changeover', { flag: undefined })),
  },
  'no-gas': { bad: edited(two, change('cook-valve', { setting: 'shut' })), good: two },
  'appliance-starves': {
    bad: edited(
      two,
      change('main', { lengthM: feet(40) }),
      change('cooktop', { inputW: fromUnit(60_000, 'power', 'btuh') }),
    ),
    good: edited(
      two,
      change('main', { lengthM: feet(40), boreM: fromUnit(0.824, 'length', 'in') }),
      change('cooktop', { inputW: fromUnit(16_000, 'power', 'btuh') }),
    ),
  },
  'regulator-too-small': {
    bad: edited(smallRegulator, change('furnace', { inputW: fromUnit(90_000, 'power', 'btuh') })),
    good: smallRegulator,
  },
}

/** A second low-pressure regulator, the owner's own, behind the first. */
function seriesRegulators(): Line {
  const type = ownPartType({
    id: 'own-second',
    name: 'Second regulator',
    role: 'regulator',
    rated: 'cylinder',
    into: { connection: 'flare-3/8', sex: 'female' },
    out: { connection: 'flare-3/8', sex: 'male' },
    setGaugePa: fromUnit(11, 'gaugePressure', 'inWC'),
  })
  return sound(edited(two, { do: 'add', type, id: 'second', after: 'nipple' }))
}

/** The tee for an outside supply inserted into the low-pressure side. */
function supplyBehindRegulator(): Line {
  return sound(
    edited(
      chain('tank', 'single-stage', 'supply-tee'),
      add('tube', 'tube-3/8', 'supply-tee'),
      add('cooktop', 'cooktop', 'tube'),
    ),
  )
}

test.each(Object.entries(cases))(
  '%s is raised by its line, and not by the fixed one',
  (code, { bad, good, conditions }) => {
    expect(codes(bad, conditions)).toContain(code)
    expect(codes(good, conditions)).not.toContain(code)
  },
)

test('every hookup finding has a case here', () => {
  // These are about the trip, see tests/core/trip; places have a test of their own beside this one.
  const ofTrip = ['no-line-drawn', 'appliance-not-on-line', 'line-not-readable', 'place-not-known']
  const codes = Object.keys(hookupCodes).filter((code) => !ofTrip.includes(code))
  expect(codes.toSorted()).toEqual(Object.keys(cases).toSorted())
})

test('every finding reads in both unit systems and cites existing sources', () => {
  const all = Object.values(cases).flatMap(({ bad, conditions }) => check(bad, conditions).findings)
  for (const { sentence, reason, basis: rests } of all) {
    for (const phrase of [sentence, reason]) {
      for (const system of ['us', 'metric'] as const) expect(formatPhrase(phrase, system)).toMatch(/^[^{}]+[.?]$/)
    }
    for (const id of rests) expect(Object.keys(basis)).toContain(id)
  }
})

test('what can kill is a stop and cannot be accepted', () => {
  const stops = [
    'open-end',
    'two-gases',
    'wrong-gas',
    'joint-lookalike',
    'joint-taped',
    'joint-turned-wrong',
    'pressure-too-high',
    'cylinder-pressure-inside',
    'co2-pressure-inside',
    'supply-wrong-side',
    'part-over-rating',
  ]
  for (const code of stops) {
    const found = check(cases[code]?.bad ?? two).findings.find((finding) => finding.code === code)
    expect(found?.severity).toBe('stop')
  }
})

test('ready-made lines are in order once inspected; before that their joints are unknown', () => {
  for (const id of ['two-cylinders', 'splitter', 'keg', 'tyres', 'onboard-tank']) {
    expect(check(soundStart(id)).findings.filter(({ severity }) => severity !== 'note')).toEqual([])
  }
  expect(codes(chain('cylinder-both', 'single-stage', 'tube-3/8', 'cooktop'))).toEqual(
    expect.arrayContaining(['joints-not-known', 'vent-not-known', 'part-age-unknown']),
  )
  expect(check(splitter).findings).toEqual([])
})

test('what is tracked with the rig’s dated equipment is not judged twice', () => {
  expect(codes(edited(two, change('left-pigtail', { madeMonth: '2010-01', equipmentId: 'hose' })))).not.toContain(
    'part-old',
  )
})
