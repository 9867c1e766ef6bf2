import { connections, type ConnectionId } from './connections'
import type { Fit, PartType, Port } from './partType'

/** Whether two connections mate, only look alike, or need an adapter. */
export type ConnectionVerdict = 'mates' | 'lookalike' | 'does-not-fit'

/**
 * What becomes of two connections brought together, other than their sexes.
 *
 * @example connectionVerdict('npt-3/8', 'flare-3/8') // 'lookalike'
 */
export function connectionVerdict(one: ConnectionId, other: ConnectionId): ConnectionVerdict {
  if (one === other) return 'mates'
  const looks = (a: ConnectionId, b: ConnectionId): boolean =>
    (connections[a].lookalikes as readonly string[]).includes(b)
  return looks(one, other) || looks(other, one) ? 'lookalike' : 'does-not-fit'
}

export interface PortCompatibility {
  verdict: ConnectionVerdict
  /** The connection that is made, of the upstream part. */
  connection: ConnectionId
  other: ConnectionId
  /** Right connection, but both ends are outside or both inside. */
  sameSex: boolean
}

const pairs = (one: Fit, other: Fit): boolean => one.sex === 'both' || other.sex === 'both' || one.sex !== other.sex

/**
 * Best joint of two ports: a mating pair, else a lookalike, else none.
 *
 * @param from - what the upstream port offers, at least one
 * @param to - what the downstream port offers, at least one
 */
export function portCompatibility(from: readonly Fit[], to: readonly Fit[]): PortCompatibility {
  const rank = { mates: 0, lookalike: 1, 'does-not-fit': 2 } as const
  const tries = from.flatMap((one) =>
    to.map((other): PortCompatibility => {
      const found = connectionVerdict(one.connection, other.connection)
      const sameSex = found === 'mates' && !pairs(one, other)
      return {
        verdict: sameSex ? 'does-not-fit' : found,
        connection: one.connection,
        other: other.connection,
        sameSex,
      }
    }),
  )
  const [first, ...rest] = tries
  if (!first) throw new RangeError('a port offers at least one connection')
  return rest.reduce((best, next) => (rank[next.verdict] < rank[best.verdict] ? next : best), first)
}

/**
 * Whether a part can be joined to one of these ends without an adapter.
 *
 * @param type - of the part
 * @param ends - free ports of the part before it
 */
export function fitsAnyEnd({ ports }: PartType, ends: readonly Port[]): boolean {
  const into = ports.filter(({ way }) => way !== 'out')
  return ends.some((end) => into.some((port) => portCompatibility(end.fits, port.fits).verdict === 'mates'))
}
