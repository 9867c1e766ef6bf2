import type { BasisEntry } from './basisEntry'

/** Figures of what burns and of the trip. */
export const runBasis = {
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
