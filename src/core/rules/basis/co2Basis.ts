import { equationOfState, type BasisEntry } from './basisEntry'

/** Figures of what CO2 is used for. */
export const co2Basis = {
  carbonation: {
    title: 'Pressure for a carbonation',
    formula:
      '−16.6999 − 0.0101059·T + 0.00116512·T² + 0.173354·T·V + 4.24267·V − 0.0684226·V² psi (T in °F, V volumes), plus what the air here lacks against the sea’s.',
    source: 'Brewers’ carbonation table, as a polynomial',
    provenance: 'from memory',
    caution: 'For a keg and a regulator made for it: never above the keg’s own rating.',
    computedBy: 'co2/carbonation#carbonationGaugePa',
    checkedBy: 'remembered/co2Uses',
  },
  'carbonation-gas': {
    title: 'Gas the drink takes up',
    formula: 'Volumes still to come × drink × 1.977 g/L.',
    source: 'Density of CO2 at 0 °C and 1 atm',
    provenance: 'published',
    computedBy: 'co2/kegPlan#kegPlan',
    checkedBy: 'core/co2/uses',
  },
  'serving-gas': {
    title: 'Gas that pushes it out',
    formula: 'What is poured × density of CO2 at the keg’s pressure and temperature.',
    source: equationOfState,
    provenance: 'published',
    computedBy: 'co2/kegPlan#kegPlan',
    checkedBy: 'core/co2/uses',
  },
  'kegs-left': {
    title: 'Kegs in the cylinder',
    formula: 'Gas in it ÷ gas for one keg, drink and head space together.',
    source: 'From the lines above',
    provenance: 'published',
    computedBy: 'co2/kegSlip#kegSlip',
    checkedBy: 'core/co2/uses',
  },
  'tyre-gas': {
    title: 'Gas for a tyre',
    formula: 'Inside of the tyre × (density at the pressure wished − density at the one it has).',
    source: equationOfState,
    provenance: 'published',
    caution: 'Through a regulator and a gauge, never straight from the cylinder.',
    computedBy: 'co2/tireGas#tireGas',
    checkedBy: 'remembered/co2Uses',
  },
  'tyre-gas-ideal': {
    title: 'The same by the ideal gas',
    formula: 'Δp × inside ÷ (R × T), times 44 g/mol.',
    source: 'Ideal gas law',
    provenance: 'published',
    computedBy: 'co2/tireGas#tireGas',
    checkedBy: 'remembered/co2Uses',
  },
  'tool-gas': {
    title: 'Gas for a tool',
    formula: 'Free gas the tool swallows × time × density at the air’s pressure.',
    source: 'Common practice for the tools',
    provenance: 'common practice',
    computedBy: 'co2/toolGas#toolGasKg',
    checkedBy: 'core/co2/uses',
  },
  'fast-draw': {
    title: 'Chilled by a fast draw',
    formula:
      'Gas × heat of boiling = cooling of liquid and wall, no heat coming in. At 75 psia and −70 °F liquid freezes to dry ice, and nothing more comes.',
    source: 'Energy balance; liquid’s enthalpy from tables of CO2',
    provenance: 'from memory',
    caution: 'Upright always: liquid in a regulator freezes it open.',
    computedBy: 'co2/fastDraw#fastDraw',
    checkedBy: 'remembered/co2Uses',
  },
  'co2-room': {
    title: 'CO2 in a closed room',
    formula: 'Outside’s 420 ppm + gas let out over the room’s air, well mixed; near the floor it is more.',
    source: 'Ideal gas law',
    provenance: 'published',
    caution: 'It has no smell and sinks. Out, and air; never in after somebody without air of your own.',
    computedBy: 'co2/co2InRoom#co2InRoom',
    checkedBy: 'core/co2/uses',
  },
} as const satisfies Readonly<Record<string, BasisEntry>>
