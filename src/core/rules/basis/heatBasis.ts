import type { BasisEntry } from './basisEntry'

/** Figures of the heater, its room and the air in it. */
export const heatBasis = {
  clearance: {
    title: 'Margin to what can burn',
    formula:
      'The heater’s box is widened at each face by the distance its manual asks for; the margin is the least move, straight out of one face, that brings the thing to the edge of that box. Things that move count where they can reach.',
    source: 'Geometry; the distances are your manual’s',
    provenance: 'your entry',
    caution: 'The heater’s own manual and local code come first.',
  },
  'clearance-common': {
    title: 'Distance to keep, as is common',
    formula: 'Panel: front 30, sides 4, top 18, rear 0 in. Portable radiant: front 24, sides 6, top 30, rear 0 in.',
    source: 'Common practice; to be replaced by the numbers in the heater’s manual',
    provenance: 'common practice',
    caution: 'Heaters differ. Look in the manual of yours.',
  },
  'cylinder-distance': {
    title: 'Heater to cylinder',
    formula: 'Three feet, unless the manual says more.',
    source: 'Common practice',
    provenance: 'common practice',
  },
  'exit-path': {
    title: 'Way out',
    formula: 'A walk 40 cm wide from bed to door, over nothing higher than a bed and not over the heater.',
    source: 'Common practice',
    provenance: 'common practice',
  },
  'hose-run': {
    title: 'Hose to the outlet',
    formula: 'Straight from the outlet to the back of the heater, and a tenth for its bends; never in front of it.',
    source: 'Common practice',
    provenance: 'common practice',
  },
  'open-area': {
    title: 'Area that stands open',
    formula:
      'Width × how far it is open; a screen lets half through, ice a quarter, what is blocked nothing. All in one place counts half.',
    source: 'Geometry; the shares are common practice',
    provenance: 'common practice',
    caution: 'Calm air is assumed: wind is never counted on.',
  },
  'area-needed': {
    title: 'Open area the heater wants',
    formula: 'The manual’s figure; without one 24 in² for each 3,000 BTU/h of input.',
    source: 'Your manual, or common practice',
    provenance: 'common practice',
  },
  'area-codes': {
    title: 'What codes for buildings ask',
    formula:
      'To another room two openings of 1 in² for each 1,000 BTU/h, 100 in² at least; to outdoors two of 1 in² for each 4,000, or one for each 3,000.',
    source: 'NFPA 54, for comparison',
    provenance: 'from memory',
  },
  'air-model': {
    title: 'Air of the room',
    formula:
      'One zone, well mixed: what comes in, is made or used, and goes out again, for oxygen, CO2 and water; 3.63 kg of oxygen in, 2.99 kg of CO2 and 1.63 kg of water out for each kilogram of propane.',
    source: 'Stoichiometry; air through openings by BS 5925 and CIBSE AM10',
    provenance: 'from memory',
    caution: 'Carbon monoxide is not computed: only an alarm tells of it.',
  },
  'air-marks': {
    title: 'Marks for the air',
    formula:
      'CO2: 1,000 ppm stuffy, 5,000 for eight hours, 30,000 for fifteen minutes, 40,000 immediate danger. Oxygen: 19.5 % deficient.',
    source: 'OSHA (5,000 ppm; 19.5 %), NIOSH (30,000; 40,000), common practice (1,000)',
    provenance: 'from memory',
  },
  'room-loss': {
    title: 'What the room loses',
    formula:
      'From a log: C·dT/dt = P − UA·(T − T outside), fitted. From the shape: areas × loss of their class, and leaking air.',
    source: 'Heat balance; classes are common practice',
    provenance: 'common practice',
    caution: 'Wind, wet and open windows add to it.',
  },
  'keep-warm': {
    title: 'Input that keeps it warm',
    formula: 'Loss × (temperature inside − outside), as gas burnt.',
    source: 'Heat balance',
    provenance: 'published',
  },
  'warm-up-time': {
    title: 'Time to warm up',
    formula: 'C/UA × ln of the way to the end, from outside’s temperature to the one wished for.',
    source: 'Heat balance',
    provenance: 'published',
  },
  'heater-night-cost': {
    title: 'What such a night costs',
    formula: 'Gas × its price, and the heater’s own price ÷ the nights it lasts, where both are known.',
    source: 'Your prices',
    provenance: 'your entry',
  },
  'blower-charge': {
    title: 'Charge for the blower',
    formula: 'Six amperes for the time it runs; furnaces draw four to eight.',
    source: 'Common practice; its plate says',
    provenance: 'common practice',
  },
  'altitude-limit': {
    title: 'Highest place for a heater',
    formula: 'The manual’s; without one 7,000 ft for heaters with an oxygen cut-off.',
    source: 'Your manual, or common practice',
    provenance: 'common practice',
  },
  atmosphere: {
    title: 'Air at this height',
    formula: 'Standard atmosphere; a gauge reads against it.',
    source: 'ISO 2533:1975',
    provenance: 'published',
  },
  derating: {
    title: 'Input at altitude',
    formula: 'Above 2,000 ft, 4 % less for each 1,000 ft above the sea.',
    source: 'NFPA 54: a rule for orifices; a burner left alone burns rich instead',
    provenance: 'from memory',
  },
  'heater-use': {
    title: 'An unvented heater and sleep',
    formula: 'Warm up, then off: knob and cylinder valve. Never lit while anybody sleeps, never left alone.',
    source: 'Rules and most manuals',
    provenance: 'common practice',
  },
  'heater-certified': {
    title: 'Certified for use inside',
    formula: 'A mark on its plate, by the body that counts where you camp.',
    source: 'Your entry; some owners take no heater without it',
    provenance: 'your entry',
  },
  'co-alarm': {
    title: 'CO alarm',
    formula: 'One that works, at sleeping height, wherever an unvented heater burns.',
    source: 'Common practice',
    provenance: 'common practice',
  },
  'cylinder-outside': {
    title: 'Cylinders stay outside',
    formula: 'In no living space, but in a locker closed to the room and open at its floor to the outside.',
    source: 'NFPA 58 and every code like it',
    provenance: 'from memory',
  },
} as const satisfies Readonly<Record<string, BasisEntry>>
