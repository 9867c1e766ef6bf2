import type { ConnectionId } from './connections'
import { female, feet, inch, into, male, out, hose, through } from './catalogueShapes'
import type { PartType } from './partType'

/** Inside diameters: schedule 40 pipe, type L and flexible tube by common tables [from memory]. */
const bores = {
  '1/4': inch(0.1875),
  '3/8': inch(0.311),
  '1/2': inch(0.436),
  'pipe-1/2': inch(0.622),
  'pipe-3/8': inch(0.493),
}

function tee(id: string, name: string, connection: ConnectionId, rated: PartType['rated']): PartType {
  return {
    id,
    name,
    role: 'tee',
    gas: 'any',
    ports: [into('in', female(connection)), out('a', female(connection)), out('b', female(connection))],
    rated,
  }
}

/** What leads gas on from the regulator. */
export const lineParts: readonly PartType[] = [
  hose('hose-low-flare', 'Low-pressure hose, 3/8 flare both ends, 4 ft', [female('flare-3/8'), female('flare-3/8')], {
    rated: 'low',
    boreM: inch(0.375),
    lengthM: feet(4),
  }),
  hose(
    'hose-low-npt',
    'Low-pressure hose, 3/8 pipe thread to 3/8 flare, 4 ft',
    [male('npt-3/8'), female('flare-3/8')],
    { rated: 'low', boreM: inch(0.375), lengthM: feet(4) },
  ),
  hose(
    'hose-low-quick',
    'Low-pressure hose, quick connect to 3/8 flare, 10 ft',
    [male('quick-low-1/4'), female('flare-3/8')],
    { rated: 'low', boreM: inch(0.375), lengthM: feet(10) },
  ),
  hose(
    'hose-mid-quick',
    '15 psi hose, quick connect to bottle thread, 12 ft',
    [male('quick-mid-1/4'), male('bottle-1-20')],
    { rated: 'intermediate', boreM: inch(0.25), lengthM: feet(12) },
  ),
  hose('hose-co2', 'CO2 hose for barbs, 5 ft', [female('barb'), female('barb')], {
    rated: 'co2-low',
    boreM: inch(0.1875),
    lengthM: feet(5),
    gas: 'co2',
  }),
  hose('hose-air', 'Air hose, 1/4 pipe thread both ends, 25 ft', [male('npt-1/4'), male('npt-1/4')], {
    rated: 'co2-low',
    boreM: inch(0.25),
    lengthM: feet(25),
    gas: 'co2',
  }),

  ...(['1/4', '3/8', '1/2'] as const).map((size) =>
    through(
      `tube-${size}`,
      `Copper tube with ${size} flare nuts, 6 ft`,
      'tube',
      [female(`flare-${size}`), female(`flare-${size}`)],
      {
        rated: 'cylinder',
        boreM: bores[size],
        lengthM: feet(6),
        material: 'soft',
      },
    ),
  ),
  ...(['3/8', '1/2'] as const).map((size) =>
    through(
      `pipe-${size}`,
      `Steel pipe ${size}, threaded both ends, 6 ft`,
      'tube',
      [male(`npt-${size}`), male(`npt-${size}`)],
      {
        rated: 'cylinder',
        boreM: bores[`pipe-${size}`],
        lengthM: feet(6),
        material: 'hard',
      },
    ),
  ),
  ...(['1/4', '3/8'] as const).map((size) =>
    through(
      `compression-tube-${size}`,
      `Copper tube with ${size} compression nuts, 3 ft`,
      'tube',
      [female(`compression-${size}`), female(`compression-${size}`)],
      { rated: 'low', boreM: bores[size], lengthM: feet(3), material: 'soft' },
    ),
  ),

  ...(['1/4', '3/8', '1/2'] as const).flatMap((size) => [
    through(
      `npt-to-flare-${size}`,
      `${size} pipe thread to ${size} flare`,
      'adapter',
      [male(`npt-${size}`), male(`flare-${size}`)],
      {
        gas: 'any',
        rated: 'cylinder',
      },
    ),
    through(`elbow-${size}`, `Elbow, ${size} pipe thread`, 'adapter', [male(`npt-${size}`), female(`npt-${size}`)], {
      gas: 'any',
      rated: 'cylinder',
    }),
    through(
      `coupler-${size}`,
      `Coupler, ${size} pipe thread`,
      'adapter',
      [female(`npt-${size}`), female(`npt-${size}`)],
      {
        gas: 'any',
        rated: 'cylinder',
      },
    ),
    through(`union-flare-${size}`, `Flare union, ${size}`, 'adapter', [male(`flare-${size}`), male(`flare-${size}`)], {
      gas: 'any',
      rated: 'cylinder',
    }),
    tee(`tee-npt-${size}`, `Tee, ${size} pipe thread`, `npt-${size}`, 'cylinder'),
    {
      id: `tee-flare-${size}`,
      name: `Tee, ${size} flare`,
      role: 'tee' as const,
      gas: 'any' as const,
      ports: [into('in', male(`flare-${size}`)), out('a', male(`flare-${size}`)), out('b', male(`flare-${size}`))],
      rated: 'cylinder' as const,
    },
  ]),
  through('reducer-3/8-1/4', 'Reducer, 3/8 flare to 1/4 flare', 'adapter', [female('flare-3/8'), male('flare-1/4')], {
    rated: 'cylinder',
  }),
  through('reducer-1/2-3/8', 'Reducer, 1/2 flare to 3/8 flare', 'adapter', [female('flare-1/2'), male('flare-3/8')], {
    rated: 'cylinder',
  }),
  through(
    'flare-to-compression',
    '3/8 flare to 1/4 compression',
    'adapter',
    [female('flare-3/8'), male('compression-1/4')],
    {
      rated: 'low',
    },
  ),
  through('bottle-from-flare', '3/8 flare to bottle thread', 'adapter', [female('flare-3/8'), male('bottle-1-20')], {
    rated: 'cylinder',
  }),
  hose(
    'hose-bottle',
    'Hose for cylinder pressure, bottle thread both ends, 5 ft',
    [female('bottle-1-20'), male('bottle-1-20')],
    { rated: 'cylinder', boreM: inch(0.25), lengthM: feet(5) },
  ),
  hose('hose-supply', 'Supply hose, hand-wheel both ends, 12 ft', [female('type1-acme'), female('type1-acme')], {
    rated: 'cylinder',
    boreM: inch(0.25),
    lengthM: feet(12),
  }),
  {
    id: 'splitter-bottle',
    name: 'Y-splitter with a valve on each side, bottle thread',
    role: 'tee',
    gas: 'propane',
    ports: [
      into('in', female('type1-acme'), male('pol')),
      out('a', male('bottle-1-20')),
      out('b', male('bottle-1-20')),
    ],
    rated: 'cylinder',
    branchValves: true,
  },
  {
    id: 'splitter-acme',
    name: 'Y-splitter with hand-wheel outlets',
    role: 'tee',
    gas: 'propane',
    ports: [into('in', female('type1-acme'), male('pol')), out('a', male('type1-acme')), out('b', male('type1-acme'))],
    rated: 'cylinder',
  },
  {
    id: 'splitter-flare',
    name: 'Y-splitter, 3/8 flare',
    role: 'tee',
    gas: 'propane',
    ports: [into('in', female('flare-3/8')), out('a', male('flare-3/8')), out('b', male('flare-3/8'))],
    rated: 'cylinder',
  },
  {
    id: 'supply-tee',
    name: 'Outside-supply tee for the tank',
    role: 'supply-tee',
    gas: 'propane',
    ports: [
      into('in', male('pol')),
      out('out', female('pol')),
      { id: 'supply', way: 'either', fits: [male('type1-acme')] },
      { id: 'port', way: 'out', fits: [male('bottle-1-20')] },
    ],
    rated: 'cylinder',
  },
  hose(
    'pigtail-tee',
    'Short pigtail, 1/4 inverted flare both ends, 12 in',
    [male('inverted-flare-1/4'), male('inverted-flare-1/4')],
    { rated: 'cylinder', boreM: inch(0.25), lengthM: inch(12) },
  ),

  ...(['1/4', '3/8'] as const).flatMap((size) => [
    through(
      `valve-flare-${size}`,
      `Shut-off valve between two ${size} flare nuts`,
      'valve',
      [male(`flare-${size}`), male(`flare-${size}`)],
      { rated: 'cylinder' },
    ),
    through(
      `valve-swivel-${size}`,
      `Shut-off valve with ${size} swivel nut, for a tee`,
      'valve',
      [female(`flare-${size}`), male(`flare-${size}`)],
      { rated: 'cylinder' },
    ),
  ]),
  through('valve-npt-1/4', 'Shut-off valve, 1/4 pipe thread', 'valve', [female('npt-1/4'), female('npt-1/4')], {
    gas: 'any',
    rated: 'cylinder',
  }),
  through(
    'quick-low',
    'Quick connect for 11 in WC, with shut-off',
    'quick',
    [female('flare-3/8'), female('quick-low-1/4')],
    {
      rated: 'low',
    },
  ),
  through(
    'quick-mid',
    'Quick connect after a 15 psi regulator',
    'quick',
    [female('npt-1/4'), female('quick-mid-1/4')],
    {
      rated: 'intermediate',
    },
  ),
  through('quick-high', 'Quick connect for cylinder pressure', 'quick', [female('npt-1/4'), female('quick-high-1/4')], {
    rated: 'cylinder',
  }),
  through(
    'filter-bottle',
    'In-line fuel filter, bottle thread',
    'filter',
    [female('bottle-1-20'), male('bottle-1-20')],
    {
      rated: 'cylinder',
    },
  ),
  through('test-port', 'Test port in 3/8 flare', 'test-port', [female('flare-3/8'), male('flare-3/8')], {
    rated: 'low',
  }),
]
