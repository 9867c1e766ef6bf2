import { equationOfState, type BasisEntry } from './basisEntry'

/** Figures of the cylinders: weights, dates, levels, pressures. */
export const cylinderBasis = {
  'scale-reading': {
    title: 'Weight on the scale',
    formula: 'As read, with everything that hung on the scale.',
    source: 'Your scale',
    provenance: 'your entry',
    caution: 'Put the scale on firm, level ground and set it to zero first.',
  },
  hanging: {
    title: 'What else hung on the scale',
    formula: 'Adapter, hose or plug, weighed or known.',
    source: 'Your entry',
    provenance: 'your entry',
  },
  'tare-stamp': {
    title: 'Tare (TW)',
    formula: 'Weight of the empty cylinder with its valve, as stamped on the collar.',
    source: 'Stamp on the cylinder',
    provenance: 'your entry',
    caution:
      'Years of rust, paint or a new valve change it. A stamp that disagrees with the known-empty weight is to be asked about.',
  },
  'water-capacity': {
    title: 'Water capacity (WC)',
    formula:
      'Weight of water the cylinder would hold, as stamped on the collar. Its volume is that weight over 999 kg/m³, water at 60 °F.',
    source: 'Stamp on the cylinder',
    provenance: 'your entry',
  },
  'net-by-weight': {
    title: 'Gas aboard, by weight',
    formula: 'On the scale − what else hung there − tare.',
    source: 'A weighed difference; no temperature or gauge comes into it',
    provenance: 'published',
  },
  'fill-limit-propane': {
    title: 'Most propane it may hold',
    formula: 'Water capacity × filling density: 42 % for propane of specific gravity 0.504 to 0.510.',
    source: '49 CFR 173.304a(d)(1)',
    provenance: 'from memory',
    caution: 'The stamp on the cylinder and the filler’s own rules come first.',
  },
  'fill-limit-co2': {
    title: 'Most CO2 it may hold',
    formula: 'Water capacity × 68 %.',
    source: '49 CFR 173.304a(a)(2)',
    provenance: 'from memory',
    caution: 'By weight only: the pressure is the same for a little liquid and for a lot.',
  },
  'fill-limit-label': {
    title: 'Net weight on the bottle’s label',
    formula: 'As printed, never more than water capacity × filling density.',
    source: 'Label of the bottle',
    provenance: 'your entry',
  },
  'share-of-limit': {
    title: 'How full, by weight',
    formula: 'Gas aboard ÷ most it may hold. A thousandth over counts as full, for the rounding of stamps.',
    source: 'From the two lines above',
    provenance: 'published',
  },
  'room-for': {
    title: 'Room for',
    formula: 'Most it may hold − gas aboard.',
    source: 'From the lines above',
    provenance: 'published',
  },
  'liquid-volume': {
    title: 'As liquid',
    formula: 'Gas aboard ÷ density of the liquid at its temperature.',
    source: equationOfState,
    provenance: 'from memory',
  },
  energy: {
    title: 'Heat in it',
    formula: 'Gas aboard × 50.35 MJ/kg, gross.',
    source: 'Gas processors’ tables; the trade’s 21,500 BTU/lb is within 1 %',
    provenance: 'from memory',
  },
  'liquid-level': {
    title: 'Level of the liquid',
    formula: '(Mean density − vapour) ÷ (liquid − vapour), at the temperature given.',
    source: equationOfState,
    provenance: 'from memory',
  },
  'pressure-at-temperature': {
    title: 'Pressure in the closed cylinder',
    formula:
      'Boiling pressure at this temperature while liquid and vapour stand together; else by density and temperature. Shown as a gauge would, above the air pressure at the altitude.',
    source: `${equationOfState}; air pressure by ISO 2533`,
    provenance: 'from memory',
    caution: 'The pressure follows the temperature. It does not tell how much is left.',
  },
  'liquid-full-temperature': {
    title: 'Liquid-full at',
    formula:
      'The temperature at which the swelling liquid has taken the whole volume. Beyond it the pressure climbs steeply until the relief valve opens.',
    source: equationOfState,
    provenance: 'from memory',
    caution: 'Never warm a cylinder on purpose. Shade it, and do not leave it in a parked car.',
  },
  'due-month': {
    title: 'Good through',
    formula:
      'Month of manufacture, or of the latest mark, + the months the rule set gives. Good through the end of that month.',
    source: 'The rule set you picked; its own source stands beside it under Dates',
    provenance: 'from memory',
    caution: 'Who fills it decides by the rules of the place. Overdue may be used up, not filled.',
  },
  'overfill-stop': {
    title: 'Overfill stop (OPD)',
    formula:
      'Cylinders for 4 to 40 lb of propane need a valve with an overfill stop to be filled; its hand-wheel has three lobes.',
    source: 'NFPA 58, since 2002',
    provenance: 'from memory',
  },
  'look-over': {
    title: 'Look-over',
    formula: 'Each item looked at before the trip. A bulge, fire, a dent at a weld or a leaking valve: out of service.',
    source: 'Dealers and requalifiers',
    provenance: 'common practice',
  },
  'refilled-bottle': {
    title: 'Refilled bottle',
    formula: 'A bottle marked not refillable, once refilled, is not carried on a road.',
    source: 'Printed on the bottles; 49 U.S.C. 5124 for the fine',
    provenance: 'common practice',
  },
  'equipment-age': {
    title: 'Age of hoses, regulators and alarms',
    formula:
      'The date printed on it, else: hose 5, propane alarm 5, CO alarm 7, extinguisher 12, regulator 15 years from its make.',
    source: 'Makers’ usual advice',
    provenance: 'common practice',
  },
  'gauge-level': {
    title: 'Level by the gauge',
    formula: 'Share of the dial × 80 % where full means the legal full, or × 1 where it shows the whole inside.',
    source: 'Your gauge, and what you said its full mark means',
    provenance: 'your entry',
    caution: 'A float that sticks shows the same through a whole trip.',
  },
  'mass-of-level': {
    title: 'Gas aboard, by level',
    formula: 'Liquid × its density + the room above it × that of the vapour, at the temperature given.',
    source: equationOfState,
    provenance: 'from memory',
    caution: 'A scale is surer wherever a cylinder can stand on one.',
  },
  'learned-gauge': {
    title: 'Level as learned',
    formula:
      'What past fills to the stop metered, against what the gauge showed before them; more on the dial never means less.',
    source: 'Your fills',
    provenance: 'your entry',
  },
  'height-level': {
    title: 'Level by height',
    formula: 'Height of the liquid against the inside of a cylinder with dished ends a quarter of its diameter deep.',
    source: 'Geometry',
    provenance: 'published',
    caution: 'A few millimetres of wall, foot or sensor make a few per cent.',
  },
  'ran-out': {
    title: 'Found empty',
    formula:
      'It gave out and was light when lifted: no liquid, and vapour at about the pressure of the air, which is what saturated vapour weighs at the boiling point, −44 °F (−42 °C).',
    source: 'Your entry; boiling point from the NIST Chemistry WebBook, SRD 69',
    provenance: 'your entry',
    caution: 'Only the scale tells empty from nearly empty. One that is empty is still treated as full of gas.',
  },
  'gauge-tells': {
    title: 'What a pressure gauge tells',
    formula:
      'The temperature at which propane boils at this pressure. While any liquid is left it is the cylinder’s own.',
    source: equationOfState,
    provenance: 'from memory',
    caution: 'It never shows how much is left: a cupful and a full cylinder press alike.',
  },
  'relief-setting': {
    title: 'Relief device opens at',
    formula:
      '375 psig for 240 psi cylinders, in proportion for others; 250 psig for fixed tanks unless their plate says 312; burst discs of CO2 at 5/3 of the service pressure.',
    source: 'Makers of valves; read the plate',
    provenance: 'common practice',
    caution: 'A valve shuts again. A disc does not: all of it leaves.',
  },
  'relief-temperature': {
    title: 'Relief opens when warmed to',
    formula: 'Where the curve of this fill meets the setting of the relief device.',
    source: equationOfState,
    provenance: 'from memory',
  },
  'five-quarters': {
    title: '5/4 of the service pressure',
    formula: 'Service pressure × 1.25: a CO2 cylinder filled to its limit comes near it at 130 °F.',
    source: '49 CFR 173.301a(c)',
    provenance: 'from memory',
  },
} as const satisfies Readonly<Record<string, BasisEntry>>
