import { connectionIds, connections, type ConnectionId } from '@/core/hookup/catalogue/connections'
import { connectionVerdict, portCompatibility } from '@/core/hookup/catalogue/portCompatibility'
import { jointWork } from '@/core/hookup/checks/jointWork'

/** Written by hand, so that an error in the data shows. Common practice. */
const lookalikes: readonly (readonly [ConnectionId, ConnectionId])[] = [
  ['npt-1/4', 'flare-1/4'],
  ['npt-1/4', 'compression-1/4'],
  ['npt-3/8', 'flare-3/8'],
  ['npt-3/8', 'compression-3/8'],
  ['npt-1/2', 'flare-1/2'],
  ['inverted-flare-1/4', 'compression-1/4'],
  ['compression-3/8', 'flare-3/8'],
  ['quick-low-1/4', 'quick-high-1/4'],
  ['quick-low-1/4', 'quick-mid-1/4'],
  ['quick-mid-1/4', 'quick-high-1/4'],
]

function expected(one: ConnectionId, other: ConnectionId): string {
  if (one === other) return 'mates'
  const alike = lookalikes.some(([a, b]) => (a === one && b === other) || (b === one && a === other))
  return alike ? 'lookalike' : 'does-not-fit'
}

const pairs = connectionIds.flatMap((one) => connectionIds.map((other) => [one, other] as const))

test.each(pairs)('%s with %s', (one, other) => {
  expect(connectionVerdict(one, other)).toBe(expected(one, other))
})

test('seventeen connections make two hundred and eighty-nine pairs', () => {
  expect(pairs).toHaveLength(289)
})

test('only tapered threads are taped; only POL is left-hand; hand joints need no tool', () => {
  const taped = connectionIds.filter((id) => connections[id].tape)
  expect(taped).toEqual(['npt-1/4', 'npt-3/8', 'npt-1/2'])
  expect(connectionIds.filter((id) => connections[id].hand === 'left')).toEqual(['pol'])
  for (const id of connectionIds.filter((one) => connections[one].tighten === 'hand')) {
    expect(jointWork(id).tools).toEqual([])
    expect(jointWork(id).tighten).toContain('no tool')
  }
})

test.each(connectionIds)('%s says how it is turned, sealed and tightened', (id) => {
  const { seal, tighten, turn } = jointWork(id)
  expect(seal).toMatch(connections[id].tape ? /tape or paste/ : /no tape ever/)
  expect(tighten.length).toBeGreaterThan(5)
  expect(turn).toBe(
    { left: 'left-hand: anticlockwise closes', right: 'right-hand: clockwise closes', none: 'nothing to turn' }[
      connections[id].hand ?? 'none'
    ],
  )
})

test('CO2 needs a new washer and its wrench', () => {
  expect(jointWork('cga-320').tools).toEqual(['wrench for the CO2 nut (1-1/8 in)', 'new flat washer'])
})

test('of several ports the one that mates is taken; two of one sex never mate', () => {
  const valve = [
    { connection: 'type1-acme', sex: 'male' },
    { connection: 'pol', sex: 'female' },
  ] as const
  expect(portCompatibility(valve, [{ connection: 'pol', sex: 'male' }])).toMatchObject({
    verdict: 'mates',
    connection: 'pol',
  })
  expect(portCompatibility(valve, [{ connection: 'type1-acme', sex: 'female' }]).connection).toBe('type1-acme')
  expect(portCompatibility(valve, [{ connection: 'type1-acme', sex: 'male' }])).toMatchObject({
    verdict: 'does-not-fit',
    sameSex: true,
  })
  const thread = [{ connection: 'npt-3/8', sex: 'male' }] as const
  expect(portCompatibility(thread, [{ connection: 'flare-3/8', sex: 'male' }]).verdict).toBe('lookalike')
})
