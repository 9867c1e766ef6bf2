/** How sure the ground under a figure is. */
export type Standing = 'published' | 'common practice' | 'from memory' | 'your entry'

/** Where a figure comes from: what stands behind a line of a slip when it is opened. */
export interface BasisEntry {
  title: string
  /** The formula in words. */
  formula: string
  source: string
  standing: Standing
  caution?: string
}

const equationOfState =
  'Short Helmholtz equations of Span and Wagner, Int. J. Thermophys. 24 (2003) 41 (propane) and 111 (CO2)'

/** Every figure a screen can show has an entry here; docs/models.md has the equations in full. */
export const basis = {
  'scale-reading': {
    title: 'Weight on the scale',
    formula: 'As read, with everything that hung on the scale.',
    source: 'Your scale',
    standing: 'your entry',
    caution: 'Put the scale on firm, level ground and set it to zero first.',
  },
  hanging: {
    title: 'What else hung on the scale',
    formula: 'Adapter, hose or plug, weighed or known.',
    source: 'Your entry',
    standing: 'your entry',
  },
  'tare-stamp': {
    title: 'Tare (TW)',
    formula: 'Weight of the empty cylinder with its valve, as stamped on the collar.',
    source: 'Stamp on the cylinder',
    standing: 'your entry',
    caution:
      'Years of rust, paint or a new valve change it. A stamp that disagrees with the known-empty weight is to be asked about.',
  },
  'water-capacity': {
    title: 'Water capacity (WC)',
    formula:
      'Weight of water the cylinder would hold, as stamped on the collar. Its volume is that weight over 999 kg/m³, water at 60 °F.',
    source: 'Stamp on the cylinder',
    standing: 'your entry',
  },
  'net-by-weight': {
    title: 'Gas aboard, by weight',
    formula: 'On the scale − what else hung there − tare.',
    source: 'A weighed difference; no temperature or gauge comes into it',
    standing: 'published',
  },
  'fill-limit-propane': {
    title: 'Most propane it may hold',
    formula: 'Water capacity × filling density: 42 % for propane of specific gravity 0.504 to 0.510.',
    source: '49 CFR 173.304a(d)(1)',
    standing: 'from memory',
    caution: 'The stamp on the cylinder and the filler’s own rules come first.',
  },
  'fill-limit-co2': {
    title: 'Most CO2 it may hold',
    formula: 'Water capacity × 68 %.',
    source: '49 CFR 173.304a(a)(2)',
    standing: 'from memory',
    caution: 'By weight only: the pressure is the same for a little liquid and for a lot.',
  },
  'fill-limit-label': {
    title: 'Net weight on the bottle’s label',
    formula: 'As printed, never more than water capacity × filling density.',
    source: 'Label of the bottle',
    standing: 'your entry',
  },
  'share-of-limit': {
    title: 'How full, by weight',
    formula: 'Gas aboard ÷ most it may hold. A thousandth over counts as full, for the rounding of stamps.',
    source: 'From the two lines above',
    standing: 'published',
  },
  'room-for': {
    title: 'Room for',
    formula: 'Most it may hold − gas aboard.',
    source: 'From the lines above',
    standing: 'published',
  },
  'liquid-volume': {
    title: 'As liquid',
    formula: 'Gas aboard ÷ density of the liquid at its temperature.',
    source: equationOfState,
    standing: 'from memory',
  },
  energy: {
    title: 'Heat in it',
    formula: 'Gas aboard × 50.35 MJ/kg, gross.',
    source: 'Gas processors’ tables; the trade’s 21,500 BTU/lb is within 1 %',
    standing: 'from memory',
  },
  'liquid-level': {
    title: 'Level of the liquid',
    formula: '(Mean density − vapour) ÷ (liquid − vapour), at the temperature given.',
    source: equationOfState,
    standing: 'from memory',
  },
  'pressure-at-temperature': {
    title: 'Pressure in the closed cylinder',
    formula:
      'Boiling pressure at this temperature while liquid and vapour stand together; else by density and temperature. Shown as a gauge would, above the air pressure at the altitude.',
    source: `${equationOfState}; air pressure by ISO 2533`,
    standing: 'from memory',
    caution: 'The pressure follows the temperature. It does not tell how much is left.',
  },
  'liquid-full-temperature': {
    title: 'Liquid-full at',
    formula:
      'The temperature at which the swelling liquid has taken the whole volume. Beyond it the pressure climbs steeply until the relief valve opens.',
    source: equationOfState,
    standing: 'from memory',
    caution: 'Never warm a cylinder on purpose. Shade it, and do not leave it in a parked car.',
  },
  'appliance-input': {
    title: 'Heat input',
    formula: 'As on the appliance’s plate, all burners counted that will be lit.',
    source: 'Plate of the appliance',
    standing: 'your entry',
  },
  'heating-value': {
    title: 'Heating value of propane',
    formula:
      '50.35 MJ/kg, which is 21,650 BTU/lb or 13.99 kWh/kg: the heat of burning with the water in the fumes condensed, as appliance plates are stated.',
    source: 'Gas processors’ tables',
    standing: 'from memory',
  },
  'hours-per-day': {
    title: 'Hours a day',
    formula: 'Hours of burning in one day and night, at full input.',
    source: 'Your entry',
    standing: 'your entry',
  },
  runtime: {
    title: 'Runtime at a steady draw',
    formula: 'Gas aboard × 50.35 MJ/kg ÷ heat input.',
    source: 'Heat balance; heating value from gas processors’ tables',
    standing: 'from memory',
    caution: 'A cold or nearly empty cylinder can stop giving gas before it is empty.',
  },
  'gas-burnt': {
    title: 'Gas for one appliance',
    formula: 'Heat input × hours a day × nights ÷ 50.35 MJ/kg.',
    source: 'Heat balance; heating value from gas processors’ tables',
    standing: 'from memory',
  },
  'gas-aboard': {
    title: 'Gas aboard',
    formula: 'Sum of the last weighings of the cylinders that come along.',
    source: 'Your weighings',
    standing: 'your entry',
  },
  'gas-needed': {
    title: 'Gas for the trip',
    formula: 'Sum of the appliances’ gas.',
    source: 'From the lines above',
    standing: 'published',
  },
  reserve: {
    title: 'Reserve',
    formula: 'Share of the trip’s gas that you want left over.',
    source: 'Your entry; a fifth is common',
    standing: 'common practice',
  },
  'left-over': {
    title: 'Left over',
    formula: 'Gas aboard − gas for the trip − reserve. Below nothing it is what is missing.',
    source: 'From the lines above',
    standing: 'published',
  },
} as const satisfies Readonly<Record<string, BasisEntry>>

export type BasisId = keyof typeof basis
