import { heatingValueJPerKg } from '@/core/fluids/fluidData'

/** An answer of a calculation, or a part of it. */
export type Answer = Readonly<Record<string, unknown>>

/** Ranges by what a field’s name ends in; the first that matches counts. */
const ranges: readonly (readonly [name: RegExp, least: number, most: number])[] = [
  // Gas of a balance may be negative: what is missing, or what went out.
  [/^(stored|exchanged|made|left|spare|lacks|margin)|Margin|marginPa|shift/, -Infinity, Infinity],
  [/^fractionOfLimit$/, 0, 10],
  [/Share$|Fraction$|FractionAtLimit$|^volumeLimitFraction$|^relativeHumidity$/, 0, 1],
  [/Ppm$/, 0, 1e6],
  [/^(rms|cools|swing)K$|PerK$|^timeConstantS$/, 0, Infinity],
  [/[tT]emperatureK$|^(liquid|outside|room|dewPoint|glass|coldest|end)K$/, 150, 500],
  [/DensityKgM3$/, 0, 1400],
  [/Kg$|KgS$|M2$|M3S?$|durationS$|atS$|W$|latentHeat/, 0, Infinity],
  [/^pressurePa$/, 0, Infinity],
  [/[gG]augePa$/, -110_000, Infinity],
]

/** A hair for rounding, as a share of the value. */
const ROUNDING = 1e-9

/** Numbers that no room, cylinder or line can have, with their paths. */
export function outsidePhysics(value: unknown, path = ''): string[] {
  if (typeof value === 'number') {
    const name = path.split('.').findLast((step) => !/^\d+$/.test(step)) ?? ''
    const [, least, most] = ranges.find(([pattern]) => pattern.test(name)) ?? [null, -Infinity, Infinity]
    const hair = ROUNDING * Math.max(1, Math.abs(value))
    return Number.isFinite(value) && value >= least - hair && value <= most + hair ? [] : [`${path}: ${value}`]
  }
  if (typeof value !== 'object' || value === null) return []
  return Object.entries(value).flatMap(([key, part]) => outsidePhysics(part, path === '' ? key : `${path}.${key}`))
}

const number = (of: Answer, name: string): number => Number(of[name])
const rows = (of: Answer, name: string): Answer[] => (of[name] ?? []) as Answer[]
const sum = (all: readonly Answer[], name: string): number => all.reduce((total, one) => total + number(one, name), 0)

/** Difference of two numbers that must be equal, as a share of the larger or of a scale. */
function off(a: number, b: number, scale = 1e-6): number {
  return Math.abs(a - b) / Math.max(Math.abs(a), Math.abs(b), scale)
}

function equal(name: string, a: number, b: number, scale?: number, tolerance = 1e-6): string[] {
  return off(a, b, scale) <= tolerance ? [] : [`${name}: ${a} and ${b}`]
}

function atMost(name: string, a: number, b: number): string[] {
  return a <= b + ROUNDING * Math.max(1, Math.abs(b)) ? [] : [`${name}: ${a} over ${b}`]
}

function tripBalance(answer: Answer): string[] {
  const cylinders = rows(answer, 'cylinders')
  const given = sum(rows(answer, 'appliances'), 'givenKg')
  return [
    ...cylinders.flatMap((one) => {
      const { heatInJ = 0, gasOutJ = 0, broughtJ = 0, storedJ = 0 } = one.balance as Record<string, number>
      const inJ = heatInJ + broughtJ
      return [
        ...equal(
          'mass of a cylinder',
          number(one, 'startKg') + number(one, 'refilledKg'),
          number(one, 'usedKg') + number(one, 'leftKg'),
        ),
        ...equal('energy of a cylinder', inJ - gasOutJ, storedJ, Math.max(1e4, Math.abs(gasOutJ), Math.abs(inJ))),
      ]
    }),
    ...equal('gas used and given', number(answer, 'usedKg'), given, 1e-3),
    ...rows(answer, 'appliances').flatMap((one) =>
      atMost('given over wanted', number(one, 'givenKg'), number(one, 'wantedKg') * (1 + 1e-6)),
    ),
    ...atMost('stranded over left', number(answer, 'strandedKg'), number(answer, 'leftKg')),
  ]
}

function roomBalance(answer: Answer, request: Answer): string[] {
  const balances = answer.balances as Record<string, Answer>
  const hours = number(request, 'durationS') * number({ heaterW: 0, ...request }, 'heaterW')
  return [
    ...Object.entries(balances).flatMap(([gas, one]) =>
      equal(`${gas} of the room`, number(one, 'storedKg'), number(one, 'exchangedKg') + number(one, 'madeKg'), 0.01),
    ),
    ...atMost('propane burned', number(answer, 'propaneKg'), hours / heatingValueJPerKg()),
    ...rows(answer, 'series').flatMap((moment) => [
      ...atMost('oxygen', number(moment, 'o2Fraction'), 0.2096),
      ...atMost('warmth of a room', number(moment, 'temperatureK'), 333.15),
    ]),
  ]
}

/** What must hold for an answer of each route beyond the ranges of its numbers. */
export const laws: Readonly<Record<string, (answer: Answer, request: Answer) => string[]>> = {
  saturation: (answer) =>
    atMost('vapor density', number(answer, 'vapourDensityKgM3'), number(answer, 'liquidDensityKgM3')),
  contents: (answer, request) => [
    ...equal(
      'net',
      number(answer, 'netKg'),
      number(request, 'grossKg') - number(request, 'tareKg') - number(request, 'hangingKg'),
      1e-3,
    ),
    ...(answer.overfilled === true
      ? []
      : atMost('not overfilled', number(answer, 'netKg'), number(answer, 'limitKg') * 1.01 + 1e-9)),
  ],
  'fill-limit': (answer, request) => atMost('limit', number(answer, 'limitKg'), number(request, 'waterCapacityKg')),
  decant: (answer, request) => [
    // No liquid of propane is denser than at its triple point, 733 kg/m³.
    ...atMost('bottle', number(answer, 'expectedNetKg'), (number(request, 'bottleWaterCapacityKg') / 999) * 733),
  ],
  'pressure-drop': (answer, request) => atMost('drop', number(answer, 'dropPa'), number(request, 'inletGaugePa')),
  'clearance-check': (answer) => [
    ...equal(
      'least margin',
      number(answer, 'leastMarginM'),
      Math.min(...rows(answer, 'margins').map((one) => number(one, 'marginM'))),
      1e-6,
    ),
    ...rows(answer, 'violations').flatMap((one) => atMost('violation', number(one, 'marginM'), 0)),
  ],
  placements: (answer, request) => {
    const { lengthM, widthM } = request.room as { lengthM: number; widthM: number }
    return rows(answer, 'poses').flatMap((one) => {
      const { xM, yM } = one.pose as { xM: number; yM: number }
      return [
        ...atMost('place along', xM, lengthM),
        ...atMost('place across', yM, widthM),
        ...atMost('least margin', -number(one, 'leastMarginM'), 1e-5),
      ]
    })
  },
  'room-air': roomBalance,
  'warm-up-fit': (answer) =>
    ['lossRange', 'capacityRange'].flatMap((name) => {
      const { low = NaN, value = NaN, high = NaN } = answer[name] as Record<string, number>
      return [...atMost(`${name} low`, low, value), ...atMost(`${name} high`, value, high)]
    }),
  runtime: (answer, request) =>
    equal(
      'heat',
      number(answer, 'durationS') * number(request, 'inputW'),
      number(request, 'massKg') * heatingValueJPerKg(),
      1,
    ),
  'trip-plan': tripBalance,
  readiness: (answer) =>
    rows(answer, 'supplies').flatMap((one) =>
      equal(
        'balance of gas',
        number(one, 'leftKg'),
        number(one, 'aboardKg') - number(one, 'neededKg') - number(one, 'reserveKg'),
        1e-3,
      ),
    ),
}
