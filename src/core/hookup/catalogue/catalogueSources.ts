import { female, feet, inch, inWC, btuh, into, male, out, psi, hose, through } from './catalogueShapes'
import type { PartType } from './partType'

const valve = out('out', male('type1-acme'), female('pol'))

/** Cylinders, valve fittings, and hoses at cylinder pressure. Sizes are common ones. [from memory] */
export const sourceParts: readonly PartType[] = [
  {
    id: 'cylinder-both',
    name: 'Cylinder, hand-wheel and POL outlet',
    role: 'cylinder',
    gas: 'propane',
    ports: [valve],
    rated: 'cylinder',
  },
  {
    id: 'cylinder-pol',
    name: 'Cylinder, POL outlet only',
    role: 'cylinder',
    gas: 'propane',
    ports: [out('out', female('pol'))],
    rated: 'cylinder',
  },
  {
    id: 'bottle',
    name: 'One-pound bottle',
    role: 'bottle',
    gas: 'propane',
    ports: [out('out', male('bottle-1-20'))],
    rated: 'cylinder',
  },
  {
    id: 'tank',
    name: 'Fixed onboard tank with service valve',
    role: 'tank',
    gas: 'propane',
    ports: [out('out', female('pol'))],
    rated: 'cylinder',
  },
  {
    id: 'co2-cylinder',
    name: 'CO2 cylinder',
    role: 'cylinder',
    gas: 'co2',
    ports: [out('out', male('cga-320'))],
    rated: 'co2-cylinder',
  },

  through(
    'shut-off-gauge',
    'Automatic shut-off with gauge, hand-wheel',
    'shut-off',
    [female('type1-acme'), male('type1-acme')],
    { rated: 'cylinder' },
  ),
  through('shut-off-gauge-pol', 'Automatic shut-off with gauge, POL', 'shut-off', [male('pol'), female('pol')], {
    rated: 'cylinder',
  }),
  through('pol-to-flare', 'POL to 3/8 flare', 'adapter', [male('pol'), male('flare-3/8')], { rated: 'cylinder' }),
  through('pol-to-npt', 'POL to 1/4 pipe thread', 'adapter', [male('pol'), male('npt-1/4')], { rated: 'cylinder' }),
  through('acme-to-npt', 'Hand-wheel to 1/4 pipe thread', 'adapter', [female('type1-acme'), male('npt-1/4')], {
    rated: 'cylinder',
  }),
  through('acme-to-bottle', 'Hand-wheel to bottle thread', 'adapter', [female('type1-acme'), male('bottle-1-20')], {
    rated: 'cylinder',
  }),
  through('bottle-to-npt', 'Bottle thread to 1/4 pipe thread', 'adapter', [female('bottle-1-20'), male('npt-1/4')], {
    rated: 'cylinder',
  }),

  hose(
    'pigtail-acme',
    'Pigtail, hand-wheel to 1/4 inverted flare, 15 in',
    [female('type1-acme'), male('inverted-flare-1/4')],
    { rated: 'cylinder', boreM: inch(0.25), lengthM: inch(15) },
  ),
  hose('pigtail-pol', 'Pigtail, POL to 1/4 inverted flare, 15 in', [male('pol'), male('inverted-flare-1/4')], {
    rated: 'cylinder',
    boreM: inch(0.25),
    lengthM: inch(15),
  }),
  hose('pigtail-acme-npt', 'Pigtail, hand-wheel to 1/4 pipe thread, 15 in', [female('type1-acme'), male('npt-1/4')], {
    rated: 'cylinder',
    boreM: inch(0.25),
    lengthM: inch(15),
  }),
  hose('hose-high-bottle', 'Hose, hand-wheel to bottle thread, 5 ft', [female('type1-acme'), male('bottle-1-20')], {
    rated: 'cylinder',
    boreM: inch(0.25),
    lengthM: feet(5),
  }),
  hose(
    'hose-high-npt',
    'Hose for cylinder pressure, 1/4 pipe thread both ends, 5 ft',
    [male('npt-1/4'), male('npt-1/4')],
    { rated: 'cylinder', boreM: inch(0.25), lengthM: feet(5) },
  ),
  hose(
    'hose-high-flare',
    'Hose for cylinder pressure, 3/8 flare both ends, 6 ft',
    [female('flare-3/8'), female('flare-3/8')],
    { rated: 'cylinder', boreM: inch(0.3125), lengthM: feet(6) },
  ),

  through(
    'two-stage',
    'Two-stage regulator, 11 in WC',
    'regulator',
    [female('inverted-flare-1/4'), female('npt-3/8')],
    {
      rated: 'cylinder',
      oldMonths: 180,
      regulator: {
        setGaugePa: inWC(11),
        lockupGaugePa: inWC(13),
        ratedW: btuh(160_000),
        minInletGaugePa: psi(10),
        outlet: 'low',
      },
    },
  ),
  through(
    'single-stage',
    'Single-stage regulator, 11 in WC',
    'regulator',
    [[male('pol'), female('type1-acme')], male('flare-3/8')],
    {
      rated: 'cylinder',
      oldMonths: 180,
      regulator: {
        setGaugePa: inWC(11),
        lockupGaugePa: inWC(13),
        ratedW: btuh(70_000),
        minInletGaugePa: psi(5),
        outlet: 'low',
      },
    },
  ),
  through(
    'regulator-hose',
    'Low-pressure regulator with its hose in one piece, 5 ft',
    'regulator',
    [female('type1-acme'), female('flare-3/8')],
    {
      rated: 'cylinder',
      material: 'rubber',
      oldMonths: 60,
      boreM: inch(0.3125),
      lengthM: feet(5),
      regulator: {
        setGaugePa: inWC(11),
        lockupGaugePa: inWC(13),
        ratedW: btuh(60_000),
        minInletGaugePa: psi(5),
        outlet: 'low',
      },
    },
  ),
  through(
    'second-stage',
    'Second-stage regulator, 15 psi to 11 in WC',
    'regulator',
    [female('npt-1/4'), female('npt-1/4')],
    {
      rated: 'intermediate',
      oldMonths: 180,
      regulator: {
        setGaugePa: inWC(11),
        lockupGaugePa: inWC(13),
        ratedW: btuh(90_000),
        minInletGaugePa: psi(3),
        outlet: 'low',
      },
    },
  ),
  through('inline-15', 'In-line regulator, 15 psi', 'regulator', [female('npt-1/4'), male('npt-1/4')], {
    rated: 'cylinder',
    oldMonths: 180,
    regulator: {
      setGaugePa: psi(13),
      lockupGaugePa: psi(15),
      ratedW: btuh(150_000),
      minInletGaugePa: psi(15),
      outlet: 'intermediate',
    },
  }),
  ...(
    [
      ['changeover-auto', 'Automatic changeover, two-stage, 11 in WC', true],
      ['changeover-manual', 'Manual changeover, two-stage, 11 in WC', false],
    ] as const
  ).map(([id, name, automatic]): PartType => ({
    id,
    name,
    role: 'changeover',
    automatic,
    gas: 'propane',
    ports: [
      into('left', female('inverted-flare-1/4')),
      into('right', female('inverted-flare-1/4')),
      out('out', female('npt-3/8')),
    ],
    rated: 'cylinder',
    oldMonths: 180,
    regulator: {
      setGaugePa: inWC(11),
      lockupGaugePa: inWC(13),
      ratedW: btuh(200_000),
      minInletGaugePa: psi(10),
      outlet: 'low',
    },
  })),
  through('co2-drinks', 'CO2 regulator for drinks', 'regulator', [female('cga-320'), male('barb')], {
    gas: 'co2',
    rated: 'co2-cylinder',
    oldMonths: 180,
    regulator: {
      setGaugePa: psi(12),
      lockupGaugePa: psi(14),
      ratedW: null,
      minInletGaugePa: psi(60),
      outlet: 'co2-low',
    },
  }),
  through('co2-tyres', 'CO2 regulator for tires and tools', 'regulator', [female('cga-320'), female('npt-1/4')], {
    gas: 'co2',
    rated: 'co2-cylinder',
    oldMonths: 180,
    regulator: {
      setGaugePa: psi(120),
      lockupGaugePa: psi(130),
      ratedW: null,
      minInletGaugePa: psi(150),
      outlet: 'co2-low',
    },
  }),
]
