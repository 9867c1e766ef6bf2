import type { Bench } from './bench'
import type { BenchAction } from './benchAction'
import { flammableShareOf } from './advance'
import { alarmsOf, burnsInRoom, isCo2Dangerous, smellInside, smellOutside } from './senses'

/** A deed that ends a drill at once. */
interface Danger {
  id: string
  reason: string
  when: (bench: Bench, action: BenchAction) => boolean
}

const isGasInside = (bench: Bench): boolean => smellInside(bench) !== 'none' || alarmsOf(bench).includes('gas')

const lights = ({ do: deed, ...rest }: BenchAction): boolean => deed === 'knob' && 'to' in rest && rest.to !== 'off'

/** Time with an alarm after which staying ends the drill. */
const IGNORED_S = 90

/** Deeds that end a drill, with the reason. [common practice of gas suppliers and fire services] */
export const dangers: readonly Danger[] = [
  {
    id: 'flame-at-joint',
    reason: 'A flame was held to a joint to find a leak. Leaks are found with soap, never with a flame.',
    when: (_, action) => action.do === 'flame-at-joint',
  },
  {
    id: 'wrench',
    reason: 'A wrench was put on a fitting of a cylinder under pressure. It can come out: liquid, fire, explosion.',
    when: (_, action) => action.do === 'wrench',
  },
  {
    id: 'heat-cylinder',
    reason: 'A cylinder was heated. Its pressure rises fast and its relief valve opens at a flame.',
    when: (_, action) => action.do === 'heat-cylinder',
  },
  {
    id: 'spark-in-gas',
    reason: 'A switch or a flame was used where gas was in the air. One spark is enough.',
    when: (bench, action) =>
      (action.do === 'switch' || action.do === 'charge' || lights(action)) &&
      bench.people === 'inside' &&
      isGasInside(bench),
  },
  {
    id: 'flame-at-leak',
    reason: 'A burner was lit while gas came out at the cylinders.',
    when: (bench, action) => lights(action) && smellOutside(bench) === 'strong',
  },
  {
    id: 'drives-with-gas',
    reason: 'The rig was driven on with gas in it. The engine and the brakes make sparks, and people breathe it.',
    when: (bench, action) => action.do === 'drive' && (isGasInside(bench) || smellOutside(bench) !== 'none'),
  },
  {
    id: 'sleeps-with-flame',
    reason: 'People slept with an open flame in the room. Carbon monoxide kills without waking anybody.',
    when: (bench, action) => action.do === 'sleep' && burnsInRoom(bench),
  },
  {
    id: 'sleeps-with-gas',
    reason: 'People slept while gas or an alarm was in the rig.',
    when: (bench, action) =>
      action.do === 'sleep' && (isGasInside(bench) || alarmsOf(bench).some((alarm) => alarm !== 'chirp')),
  },
  {
    id: 'goes-back',
    reason: 'Somebody went back in before the rig was safe. Only the fire service goes back in.',
    when: (bench, action) =>
      action.do === 'go-in' && (isGasInside(bench) || isCo2Dangerous(bench) || alarmsOf(bench).includes('co')),
  },
]

/**
 * Why an action ends the drill at once.
 *
 * @returns null when it does not
 */
export function dangerOf(bench: Bench, action: BenchAction): string | null {
  return dangers.find(({ when }) => when(bench, action))?.reason ?? null
}

/** Why it ended badly while time went by. */
export function harmOf(bench: Bench): string | null {
  if (flammableShareOf(bench) >= 1 && bench.lit.length > 0 && bench.people === 'inside') {
    return 'Gas near the floor reached a burning flame.'
  }
  if (bench.ignoredAlarmS > IGNORED_S) return 'People stayed inside with an alarm sounding. Everybody goes out at once.'
  return null
}
