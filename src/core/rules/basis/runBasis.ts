import { equationOfState, type BasisEntry } from './basisEntry'

/** Figures of what burns and of the trip. */
export const runBasis = {
  'appliance-input': {
    title: 'Heat input',
    formula: 'As on the appliance’s plate, all burners counted that will be lit.',
    source: 'Plate of the appliance',
    provenance: 'your entry',
  },
  'heating-value': {
    title: 'Heating value of propane',
    formula:
      '50.35 MJ/kg, which is 21,650 BTU/lb or 13.99 kWh/kg: the heat of burning with the water in the fumes condensed, as appliance plates are stated.',
    source: 'Gas processors’ tables',
    provenance: 'from memory',
  },
  'hours-per-day': {
    title: 'Hours a day',
    formula: 'Hours of burning in one day and night, at full input.',
    source: 'Your entry',
    provenance: 'your entry',
  },
  runtime: {
    title: 'Runtime at a steady draw',
    formula: 'Gas aboard × 50.35 MJ/kg ÷ heat input.',
    source: 'Heat balance; heating value from gas processors’ tables',
    provenance: 'from memory',
    caution: 'A cold or nearly empty cylinder can stop giving gas before it is empty.',
  },
  'gas-burnt': {
    title: 'Gas for one appliance',
    formula: 'Heat input × hours a day × nights ÷ 50.35 MJ/kg.',
    source: 'Heat balance; heating value from gas processors’ tables',
    provenance: 'from memory',
  },
  'gas-aboard': {
    title: 'Gas aboard',
    formula: 'Sum of the last weighings of the cylinders that come along.',
    source: 'Your weighings',
    provenance: 'your entry',
  },
  reserve: {
    title: 'Reserve',
    formula: 'Share of the trip’s gas that you want left over.',
    source: 'Your entry; a fifth is common',
    provenance: 'common practice',
  },
  'left-over': {
    title: 'Left over',
    formula: 'Gas aboard − gas for the trip − reserve. Below nothing it is what is missing.',
    source: 'From the lines above',
    provenance: 'published',
  },
  'gas-by-weather': {
    title: 'Gas by habit and weather',
    formula:
      'Hour by hour: a heater burns what the room loses (loss × warmth wished − outside), a fridge the longer the warmer it is around it, pots and hot water by what is cooked and washed. Summed over the nights ÷ 50.35 MJ/kg.',
    source: 'Heat balance with your room, forecast and habits',
    provenance: 'common practice',
    caution: 'Weather and people differ from the plan: look at the spread before relying on little.',
  },
  'trip-by-hours': {
    title: 'The trip hour by hour',
    formula:
      'In steps of some minutes: what is wanted, what the cylinders in use can give above the pressure their regulator needs, what is left in each.',
    source: 'Energy and mass balance; see the models in the documentation',
    provenance: 'common practice',
    caution: 'A model of still gas and even walls. Take along more than it says.',
  },
  'cold-cylinder': {
    title: 'A cylinder as it boils',
    formula:
      'Heat through the wetted wall (11.5 W per m² and K in still air, more in wind) − gas drawn × heat of boiling = warming of liquid and wall. The pressure is that of boiling at the liquid’s temperature.',
    source: 'Energy balance; the wall’s value meets suppliers’ tables of a 100 lb cylinder',
    provenance: 'from memory',
    caution: 'Never warm a cylinder with a flame, and never wrap it.',
  },
  'regulator-need': {
    title: 'Pressure the regulator needs',
    formula: 'As the regulator on the line that is drawn wants before it; else 10 psi.',
    source: 'Common practice: 5 to 10 psi',
    provenance: 'common practice',
  },
  'pressure-left': {
    title: 'Least pressure in use',
    formula:
      'Boiling pressure at the coldest moment while something burns − air outside. What the regulator needs is taken off it to see how near that is.',
    source: equationOfState,
    provenance: 'published',
    caution: 'A pressure tells of the liquid’s temperature, not of how much is left.',
  },
  'changeover-side': {
    title: 'Which side gives',
    formula:
      'By hand: one side until it cannot, then the other if somebody is awake. Automatic: the reserve helps with what the first cannot give. Both open: they press alike, and each gives by its own warmth.',
    source: 'Common practice',
    provenance: 'common practice',
  },
  'regulator-rating': {
    title: 'What the regulator passes',
    formula: 'Heat inputs that burn together, against the rating of the one regulator that is drawn.',
    source: 'Plate of the regulator',
    provenance: 'your entry',
  },
  'battery-charge': {
    title: 'Charge of the 12 V battery',
    formula:
      'Charge before + sun + charger − (what stands by + blowers and igniters while they run) × time, not under the share that may be drawn.',
    source: 'Charge balance with your battery',
    provenance: 'your entry',
    caution: 'A flat battery stops a furnace with the cylinders full.',
  },
  'forecast-hours': {
    title: 'Weather hour by hour',
    formula:
      'From your forecast; else each night as cold as the coldest and each day 10 °C (18 °F) warmer, in calm air.',
    source: 'Your forecast, your entry or your file',
    provenance: 'your entry',
  },
  'heat-wanted': {
    title: 'Heat the room wants',
    formula:
      'Loss of the room × (temperature wished − outside) + its capacity × the warming, less the heat of all else that burns in it.',
    source: 'Your warm-up log, else shape and classes of the room',
    provenance: 'common practice',
  },
  'habit-acts': {
    title: 'Cooking and washing',
    formula:
      'Coffee 6, tea 5, breakfast and lunch 15, soup 20, dinner 40, bread 60 minutes of a burner at seven tenths; a shower 20, dishes 6, washing 3 litres at 40 °C, three quarters of the gas ending in the water.',
    source: 'Common practice',
    provenance: 'common practice',
  },
  vaporisation: {
    title: 'Draw that can be kept up',
    formula:
      'Wetted wall × heat through it × (air − temperature at which the least pressure boils) ÷ heat of boiling × 50.35 MJ/kg.',
    source: 'Energy balance; suppliers’ table of a 100 lb cylinder, which it meets within 30 %',
    provenance: 'from memory',
    caution: 'For more than some minutes. A short burst may be larger, a long one is not.',
  },
  'dlk-rule': {
    title: 'Suppliers’ rule for lying tanks',
    formula: 'Diameter × length (in) × K by how full it is (60 %: 100 … 10 %: 45) BTU/h at 0 °F, times (t + 20) ÷ 20.',
    source: 'Suppliers’ handbooks',
    provenance: 'from memory',
    caution: 'The rule ends at −20 °F; a tank drawn to no pressure goes on to about −45 °F. Near there the two part.',
  },
  'wetted-wall': {
    title: 'Wetted wall',
    formula: 'Bottom and side up to the liquid of a standing cylinder; arc and ends under the liquid of a lying tank.',
    source: 'Geometry, flat ends of the same volume',
    provenance: 'published',
  },
  'draw-until': {
    title: 'How long a cold cylinder keeps it up',
    formula:
      'The steady draw until liquid is so cold that it presses less than the regulator needs, or until it is gone.',
    source: 'Energy balance, in steps of half a minute',
    provenance: 'common practice',
    caution: 'What stays in it then is not lost: it comes again as the cylinder warms up by itself.',
  },
  spread: {
    title: 'Spread of the runs',
    formula:
      'Many runs with weather off by 1 K on the first day and 0.4 K more each day (or as the forecast says), wind and habits off by a fifth or two. A tenth of the runs lies below the low figure, nine tenths below the high.',
    source: 'Common practice',
    provenance: 'common practice',
  },
  'fill-errand': {
    title: 'To be filled before leaving',
    formula:
      'What trip and reserve lack, into the cylinders with the most room, to no more than their limits; then new bottles.',
    source: 'From the sums of the trip',
    provenance: 'published',
    caution: 'Filled by weight, to the stop weight and no further.',
  },
  'fridge-off': {
    title: 'A closed fridge that is off',
    formula:
      'It comes nearer to the room by half in 33 hours: about 4.5 °F in 7 hours in a warm one. Food is kept under 40 °F.',
    source: 'Common practice; 40 °F: USDA',
    provenance: 'from memory',
  },
} as const satisfies Readonly<Record<string, BasisEntry>>
