import { connections, type ConnectionId } from './connections'

/** Whether two connections make a joint: they mate, only look as if they did, or need an adapter. */
export type ConnectionVerdict = 'mates' | 'lookalike' | 'does-not-fit'

/**
 * What becomes of two connections brought together, apart from their sexes.
 *
 * @example connectionVerdict('npt-3/8', 'flare-3/8') // 'lookalike'
 */
export function connectionVerdict(one: ConnectionId, other: ConnectionId): ConnectionVerdict {
  if (one === other) return 'mates'
  const looks = (a: ConnectionId, b: ConnectionId): boolean =>
    (connections[a].lookalikes as readonly string[]).includes(b)
  return looks(one, other) || looks(other, one) ? 'lookalike' : 'does-not-fit'
}
