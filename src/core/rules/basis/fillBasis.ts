import { equationOfState, type BasisEntry } from './basisEntry'

/** Figures of filling: marks, volumes, estimates, money. */
export const fillBasis = {
  'stop-weight': {
    title: 'Weight to stop at',
    formula: 'Tare + most it may hold + what else hangs on the scale.',
    source: 'From the lines above',
    provenance: 'published',
    caution: 'Shut a little before: what is in the hose runs on.',
  },
  'volume-limit': {
    title: 'Level to stop at',
    formula:
      'The lower of 80 % and what the weight limit takes at the liquid’s temperature: filled cold to 80 % it ends fuller when warm.',
    source: 'Outage gauges are set to 80 %; the weight limit by 49 CFR 173.304a(d)(1)',
    provenance: 'from memory',
  },
  'room-volume': {
    title: 'Volume it takes',
    formula:
      'Room by weight ÷ density of the liquid at 60 °F, as gas is sold; for a fixed tank, full less what is in it.',
    source: equationOfState,
    provenance: 'from memory',
  },
  'tank-volume': {
    title: 'Inside of the tank',
    formula: 'Water gallons on its plate.',
    source: 'Plate of the tank',
    provenance: 'your entry',
  },
  'fixed-tank-full': {
    title: 'Full, for a fixed tank',
    formula: 'Water capacity × 80 %, where its stop valve and its gauge have their full.',
    source: 'NFPA 58',
    provenance: 'from memory',
  },
  'fill-price': {
    title: 'Price',
    formula: 'As asked at the place.',
    source: 'Your entry',
    provenance: 'your entry',
  },
  'to-pay': {
    title: 'To pay',
    formula: 'Volume × price, tax as the place has it in its price.',
    source: 'From the lines above',
    provenance: 'published',
  },
  'bottle-school': {
    title: 'School of filling bottles',
    formula:
      'Never; at home to three quarters and never carried; or only bottles marked refillable, to their net weight.',
    source: 'Trainers and owners disagree; you chose',
    provenance: 'common practice',
  },
  decant: {
    title: 'Where the hiss stops',
    formula:
      'The wall boils the first liquid and cools until its vapour fills the bottle; that vapour is squeezed to the supply’s pressure (p·V^1.13 constant); the rest is liquid.',
    source: 'Energy balance of the wall; densities and latent heat by the equation of state',
    provenance: 'from memory',
    caution: 'An estimate, never a bound: a cold bottle left on goes on filling. Only the scale decides.',
  },
  'decant-band': {
    title: 'How far the estimate may be off',
    formula: 'Both temperatures 2 K, the wall’s heat a fifth, the squeeze from 1.05 to 1.20.',
    source: 'Chosen by us',
    provenance: 'common practice',
  },
  'price-per-mass': {
    title: 'Price of what you gain',
    formula: 'Money ÷ gas gained. At an exchange what was left in yours is handed over and does not count.',
    source: 'Your prices',
    provenance: 'your entry',
  },
  'price-per-energy': {
    title: 'Price of heat',
    formula: 'Price by weight ÷ 50.35 MJ/kg.',
    source: 'Gas processors’ tables for the heating value',
    provenance: 'from memory',
  },
  'price-per-hour': {
    title: 'Price of an hour’s heat',
    formula: 'Price of heat × heat input of the appliance.',
    source: 'From the figures before it',
    provenance: 'published',
  },
  'residue-value': {
    title: 'Handed over',
    formula: 'What is left in your cylinder at the exchange’s own price for what it gives.',
    source: 'Your prices',
    provenance: 'your entry',
  },
  'break-even': {
    title: 'Paid for after',
    formula: 'Bottle and adapter ÷ (price of a throw-away bottle − bulk gas for one fill), rounded up.',
    source: 'Your prices',
    provenance: 'your entry',
  },
  'carry-limit': {
    title: 'Carrying in a car',
    formula:
      'In a closed passenger car at most 45 lb of propane in one cylinder and 90 lb in all; upright, held, valve shut and plugged.',
    source: 'NFPA 58',
    provenance: 'from memory',
  },
} as const satisfies Readonly<Record<string, BasisEntry>>
