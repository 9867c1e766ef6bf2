import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import type { Finding, Severity } from '@/core/findings/Finding'
import type { FindingCode } from '@/core/findings/findingCodes'
import { type FindingText, makeFinding } from '@/core/findings/makeFinding'
import { liquidFullTemperatureK } from '@/core/fluids/cylinderState'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import { HOT_CAR_K, fromUnit } from '@/core/units/convert'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { type FitnessTopic, vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import type { Quantity } from '@/core/base/quantity'

/** Where the cylinders ride. */
export const carriers = ['closed-car', 'open-bed', 'outside-locker', 'living-space'] as const

export type Carrier = (typeof carriers)[number]

/** What an owner ticks before leaving for the pump. */
export interface CarryItem {
  id: 'valve-shut' | 'plugged' | 'upright' | 'held' | 'windows' | 'straight'
  title: string
  why: string
  /** Missing, it stops the drive rather than being fixed on the way. */
  severity: Severity
}

/** In the order of doing; common practice, and NFPA 58 for what is held and upright [from memory]. */
export const carryItems: readonly CarryItem[] = [
  { id: 'valve-shut', title: 'Valve shut', why: 'By hand, clockwise to its end.', severity: 'stop' },
  {
    id: 'plugged',
    title: 'Plug or cap in the outlet',
    why: 'A valve that is knocked open then leaks nothing.',
    severity: 'stop',
  },
  {
    id: 'upright',
    title: 'Upright, as it is used',
    why: 'The relief valve must be in the vapor: lying, it would throw out liquid.',
    severity: 'stop',
  },
  {
    id: 'held',
    title: 'Held in every direction',
    why: 'A belt from each side does it; one stretchy strap does not. In a crash it weighs a ton.',
    severity: 'stop',
  },
  {
    id: 'windows',
    title: 'Windows open',
    why: 'A little gas is enough for a closed car; CO2 takes the air out of it.',
    severity: 'fix-first',
  },
  {
    id: 'straight',
    title: 'Straight there and back',
    why: 'No errands, and never left in a parked car: the sun makes an oven of it.',
    severity: 'fix-first',
  },
]

/** NFPA 58, in a closed passenger vehicle [from memory]. */
const MAX_EACH_KG = fromUnit(45, 'mass', 'lb')
const MAX_TOGETHER_KG = fromUnit(90, 'mass', 'lb')

const refusals: Partial<Record<FitnessTopic, FindingCode<'fill'>>> = {
  leak: 'carry-leaking',
  refilled: 'carry-refilled',
  heavier: 'carry-heavier',
  condition: 'carry-out-of-service',
  contents: 'carry-overfilled',
  fixed: 'carry-fixed',
}

/** Most gas a cylinder may come home with: full, or more where it is overfilled now. */
function heaviestKg(cylinder: CylinderGear): number {
  return Math.max(gearLimitKg(cylinder), gearContents(cylinder)?.netKg ?? 0)
}

/** Notes for driving home: heat in a parked car, and gas released in a closed one. */
function inTheHeat(cylinder: CylinderGear, carrier: Carrier): Finding[] {
  const { id, name, kind, waterCapacityKg } = cylinder
  const { gas, isFixed } = kindFacts[kind]
  if (isFixed || carrier !== 'closed-car') return []
  const fullK = liquidFullTemperatureK(gas, gearLimitKg(cylinder), waterCapacityVolumeM3(waterCapacityKg))
  const full: Quantity = { value: fullK ?? HOT_CAR_K, role: 'temperature' }
  return [
    makeFinding('fill', gas === 'co2' ? 'carry-co2' : 'carry-heat', {
      text: 'Full, {name} is liquid-full at {full}.',
      parts: { name, full },
      reason:
        gas === 'co2'
          ? 'That is a warm day, and no fault. But its disc lets all of it go at once: five pounds in a closed car are unbreathable. A window stays open.'
          : 'A parked car in the sun comes near it. Straight back, in the shade, and out of the car.',
      reasonParts: null,
      subjectId: id,
    }),
  ]
}

/**
 * Findings against driving to the pump with these cylinders.
 *
 * @param cylinders - those to be carried
 * @param carrier - where they ride
 * @param done - identifiers of the items ticked
 * @param onDay - `2026-11-24`
 */
export function transportCheck(
  cylinders: readonly CylinderGear[],
  carrier: Carrier,
  done: readonly string[],
  onDay: string,
): Finding[] {
  const found: Finding[] = []
  const add = (
    code: FindingCode<'fill'>,
    text: string,
    reason: string,
    parts: FindingText['parts'] = {},
    subjectId?: string,
  ) => found.push(makeFinding('fill', code, { text, reason, parts, ...(subjectId !== undefined && { subjectId }) }))
  if (carrier === 'living-space') {
    add(
      'carry-living-space',
      'No cylinder rides in the living space.',
      'Only in a locker that is sealed to the inside and vented to the outside. Some people do it for years; every rule says no.',
    )
  }
  for (const cylinder of cylinders) {
    const { id, name } = cylinder
    for (const { about, answer, sentence } of vesselFitness(cylinder, onDay).carry.reasons) {
      const code = answer === 'no' ? refusals[about] : answer === 'ask' ? 'carry-not-looked-over' : undefined
      if (!code) continue
      const text = answer === 'no' ? '{name} is not carried.' : '{name} is looked over before it rides.'
      found.push(
        makeFinding('fill', code, {
          text,
          parts: { name },
          reason: sentence.text,
          reasonParts: sentence.parts ?? null,
          subjectId: id,
        }),
      )
    }
  }
  if (carrier === 'closed-car') {
    const propane = cylinders.filter(({ kind }) => kindFacts[kind].gas === 'propane' && !kindFacts[kind].isFixed)
    for (const cylinder of propane) {
      if (heaviestKg(cylinder) <= MAX_EACH_KG) continue
      const parts = { name: cylinder.name, most: { value: MAX_EACH_KG, role: 'cylinderMass' as const } }
      add(
        'carry-too-big',
        '{name} is too big for a closed car.',
        'At most {most} of propane in one cylinder. An open bed, or a dealer who delivers.',
        parts,
        cylinder.id,
      )
    }
    const togetherKg = propane.reduce((sum, cylinder) => sum + heaviestKg(cylinder), 0)
    if (togetherKg > MAX_TOGETHER_KG) {
      const parts: Record<string, Quantity> = {
        together: { value: togetherKg, role: 'cylinderMass' },
        most: { value: MAX_TOGETHER_KG, role: 'cylinderMass' },
      }
      add(
        'carry-too-much',
        'Filled, these hold {together}: too much for a closed car.',
        'At most {most} of propane in all. Go twice.',
        parts,
      )
    }
  }
  for (const cylinder of cylinders) found.push(...inTheHeat(cylinder, carrier))
  const open = carryItems
    .filter(({ id }) => !done.includes(id))
    // In an open bed the wind does what a window would.
    .filter(({ id }) => id !== 'windows' || carrier === 'closed-car')
  if (open.length > 0) {
    const titles = open.map(({ title }) => title.toLowerCase()).join('; ')
    const mustStop = open.some(({ severity }) => severity === 'stop')
    const code = mustStop ? 'carry-not-ticked' : 'carry-habits-not-ticked'
    add(code, 'Not ticked yet: {titles}.', 'Each has its reason: tap it in the row above.', { titles })
  }
  return found
}
