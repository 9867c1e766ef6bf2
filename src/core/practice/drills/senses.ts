import { changeoverStates } from '@/core/hookup/line/changeoverSides'
import { changeoverSide, isShut, lineGraph } from '@/core/hookup/line/lineGraph'
import { jointName } from '@/core/hookup/line/jointName'
import { applianceTraits } from '@/core/appliances/applianceKinds'
import { kindOfPart } from '@/core/practice/rig/applianceBehavior'
import { hasMark, sourceGaugePa, stateGraph } from '@/core/practice/rig/rigState'
import { frostAt } from '@/core/practice/readings/frost'
import { isBatteryFlat, isFlattened } from '@/core/practice/readings/signs'
import { flammableShareOf } from './advance'
import type { Bench } from './bench'

/** Share of the lower flammable limit at which propane is smelled by most. [from memory, NFPA 58: one fifth] */
const SMELL_SHARE = 0.2
const FAINT_SHARE = 0.04
/** Share of it at which a gas alarm sounds. [common practice: 10 to 25 %] */
const ALARM_SHARE = 0.2
/** Time of fumes in the room after which a CO alarm sounds. [common practice] CO itself is not computed. */
const CO_ALARM_S = 600
/** CO2 in the room that takes the breath, kg: 4 % of a van of 10 m³. */
const CO2_DANGER_KG = 0.7

export type Smell = 'none' | 'faint' | 'strong'

/** Smell of gas in the room, near the floor. */
export function smellInside(bench: Bench): Smell {
  const share = flammableShareOf(bench)
  if (share >= SMELL_SHARE) return 'strong'
  return share >= FAINT_SHARE ? 'faint' : 'none'
}

/** Smell of gas at the cylinders. */
export function smellOutside({ rig }: Bench): Smell {
  const outside = rig.leaks.filter(({ inside }) => !inside)
  if (outside.length === 0) return 'none'
  return outside.some(({ place }) => place === 'relief' || place === 'vessel') ? 'strong' : 'faint'
}

/** Alarms that sound now. */
export function alarmsOf(bench: Bench): readonly ('gas' | 'co' | 'chirp')[] {
  return [
    ...(flammableShareOf(bench) >= ALARM_SHARE ? (['gas'] as const) : []),
    ...(bench.fumesS >= CO_ALARM_S ? (['co'] as const) : []),
    ...(bench.rig.alarmChirps === null ? [] : (['chirp'] as const)),
  ]
}

/** Whether the air in the room is not fit to breathe because of CO2. */
export const isCo2Dangerous = ({ co2InsideKg }: Bench): boolean => co2InsideKg >= CO2_DANGER_KG

/** Whether a burner without a flue burns in the room. */
export function burnsInRoom({ rig, lit }: Bench): boolean {
  const { byId } = stateGraph(rig)
  return lit.some((id) => {
    const part = byId.get(id)
    return part?.part.place === 'inside' && applianceTraits[kindOfPart(rig.rig, part)].exhaust === 'room'
  })
}

const listed = (words: readonly string[], none: string): string => (words.length > 0 ? `${words.join('. ')}.` : none)

const leverWords = {
  left: 'The lever points left',
  right: 'The lever points right',
  both: 'The lever is in the middle: both sides feed',
  automatic: 'The changeover is automatic',
} as const

/**
 * What the flag of an automatic changeover shows: red when its primary side gives no gas.
 *
 * @returns by the part of the changeover; none for a lever
 */
export function flagsOf(rig: Bench['rig']): ReadonlyMap<string, 'green' | 'red'> {
  const automatic = changeoverStates(stateGraph(rig), undefined).filter(({ lever }) => lever === 'automatic')
  return new Map(
    automatic.map(({ changeover, sides }) => {
      const primary = sides.find(({ side }) => side === 'left')
      const needPa = changeover.type.regulator?.minInletGaugePa ?? 0
      const gives = primary && !primary.isShut && sourceGaugePa(rig, primary.cylinder) > needPa
      return [changeover.part.id, gives ? 'green' : 'red']
    }),
  )
}

/** Whether gas is heard to escape: at cylinder pressure, and more than beads. [common practice] */
const HEARD_KG_S = 10e-3 / 3600

/** Where it hisses: the joint or the part. */
export const hissesAt = ({ leaks }: Bench['rig']): string[] =>
  leaks.filter(({ massKgS }) => massKgS >= HEARD_KG_S).map(({ at }) => at)

/** What a look at the cylinders shows: valves, hand-wheels, lever, frost. */
export function seenAtCylinders({ rig }: Bench): string {
  const { sources, parts } = stateGraph(rig)
  const words = sources.flatMap((source) => {
    const wheel = source.outOf.find(({ to }) => hasMark(rig, to.part.id, 'unseated'))
    const state = rig.sources[source.part.id]
    return [
      `${source.name}: valve ${isShut(source) ? 'shut' : 'open'}`,
      ...(wheel ? ['its hand-wheel is not all the way in'] : []),
      ...(state?.isTipped && state.massKg > 0 ? ['it leans, or liquid shows at its valve'] : []),
    ]
  })
  const levers = parts.filter(({ type }) => type.role === 'changeover').map((part) => leverWords[changeoverSide(part)])
  const flags = [...flagsOf(rig).values()].map((flag) => `Its flag is ${flag}`)
  const frost = {
    none: 'No frost',
    cylinder: 'Frost on the lower part of the cylinder',
    regulator: 'Ice on the regulator and its vent',
    'past-valve': 'Frost on the valve and the hose after it',
  }[frostAt(rig)]
  return listed([...words, ...levers, ...flags, frost], '')
}

/** What a look along the hoses and valves inside shows. */
export function seenAlongLine({ rig }: Bench): string {
  const { parts } = stateGraph(rig)
  const flat = lineGraph(rig.rig.line).parts.filter((part) => part.type.role === 'hose' && isFlattened(rig, part))
  const shut = parts.filter((part) => (part.type.role === 'valve' || part.type.role === 'quick') && isShut(part))
  const electric = parts.filter(({ part }) => hasMark(rig, part.id, 'electric-mode'))
  const extra = parts.filter(({ part }) => hasMark(rig, part.id, 'extra-regulator'))
  return listed(
    [
      ...flat.map(({ name }) => `${name} is flat at a bend`),
      ...shut.map(({ name }) => `${name} is shut`),
      ...electric.map(({ name }) => `${name}: its switch is at electric`),
      ...extra.map(({ name }) => `${name} has a regulator of its own on a regulated line`),
    ],
    'Hoses lie free, valves are open, switches are at gas.',
  )
}

/** What a look at burners and vents from outside shows. */
export function seenOutside({ rig }: Bench): string {
  const { parts } = stateGraph(rig)
  const nests = parts.filter(({ part }) => hasMark(rig, part.id, 'nest'))
  const blocked = parts.filter(({ part }) => hasMark(rig, part.id, 'flue-blocked'))
  return listed(
    [
      ...nests.map(({ name }) => `Webs in the burner of ${name}`),
      ...blocked.map(({ name }) => `The exhaust of ${name} is blocked, with soot on it`),
    ],
    'Burners and vents are clear.',
  )
}

/** What a look at the joints shows. */
export function seenAtJoints({ rig }: Bench): string {
  const { joints } = stateGraph(rig)
  const odd = joints.flatMap((made) => {
    if (hasMark(rig, made.joint.id, 'taped')) return [`${jointName(made)}: tape on a joint that seals on its faces`]
    return hasMark(rig, made.joint.id, 'lookalike') ? [`${jointName(made)}: the threads do not go all the way in`] : []
  })
  return listed(odd, 'No joint looks odd.')
}

/** Where soap bubbles, with the line under pressure. */
export function seenBySoap({ rig }: Bench): string {
  const graph = stateGraph(rig)
  const words = rig.leaks.map((leak) => {
    const joint = graph.joints.find((one) => one.joint.id === leak.at)
    if (joint) return `Bubbles at ${jointName(joint)}`
    const name = graph.byId.get(leak.partId)?.name ?? ''
    return leak.place === 'stem' ? `Bubbles at the valve stem of ${name}` : `Foam and hiss at the valve of ${name}`
  })
  return listed(words, 'No bubbles anywhere.')
}

/** What the battery shows. */
export const seenAtBattery = ({ rig }: Bench): string =>
  isBatteryFlat(rig) ? 'Lights are dim. Under 11.5 V with the fan on.' : 'Lights are bright. Over 12 V.'
