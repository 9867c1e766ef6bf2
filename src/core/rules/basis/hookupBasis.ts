import type { BasisEntry } from './basisEntry'

/** Figures and rules of the line and of its leak test. */
export const hookupBasis = {
  'joint-mates': {
    title: 'Which connections make a joint',
    formula:
      'Only the same connection, one end outside and one inside. Lookalikes start to thread and never seal; all else needs an adapter.',
    source: 'Common thread tables of portable gas gear',
    provenance: 'common practice',
    caution: 'The thread’s size is from memory: compare the parts in your hand.',
    computedBy: 'hookup/catalogue/portCompatibility#portCompatibility',
    checkedBy: 'core/hookup/connections',
  },
  'joint-making': {
    title: 'How a joint is made',
    formula:
      'Tapered pipe thread seals on its threads, with tape or paste; every other joint on its face, sleeve, O-ring or washer, without. Hand-wheels by hand, the rest snug with the wrenches named.',
    source: 'Common practice of fitters',
    provenance: 'common practice',
    caution: 'The sheet of the part comes first.',
    computedBy: 'hookup/checks/jointWork#jointWork',
    checkedBy: 'core/hookup/connections',
  },
  'pressure-zones': {
    title: 'Pressure of each stretch',
    formula:
      'Cylinder pressure up to the first regulator, 10 to 15 psi after an intermediate one, 11 in WC after the last. A part is used only up to the pressure it is made for.',
    source: 'Common practice; NFPA 58 and 1192 for what they cover',
    provenance: 'common practice',
    computedBy: 'hookup/line/lineZones#lineZones',
    checkedBy: 'remembered/lineExamples',
  },
  'line-order': {
    title: 'Order of the line',
    formula:
      'Cylinder valve, automatic shut-off if fitted, pigtail, changeover or regulator with its vent down, main line, branches each with a valve, appliance. No open end: plug or cap. Clipped, sleeved through floors, out of the road’s reach.',
    source: 'Common practice of owners and fitters',
    provenance: 'common practice',
    computedBy: 'hookup/checks/hookupCheck#hookupCheck',
    checkedBy: 'core/hookup/line',
  },
  'long-hose': {
    title: 'Long hose at cylinder pressure',
    formula: 'From 10 ft (3 m) on: gas leaves oil in it over the years. A 15 psi regulator goes before the run.',
    source: 'Owners’ experience, seen with 24 ft',
    provenance: 'common practice',
    computedBy: 'hookup/checks/hookupCheck#hookupCheck',
    checkedBy: 'core/hookup/line',
  },
  'hose-age': {
    title: 'Age of hoses, pigtails and regulators',
    formula: 'Hoses and pigtails about 5 years from their make, regulators about 15, or as soon as they show it.',
    source: 'Makers’ usual advice',
    provenance: 'common practice',
    computedBy: 'cylinders/equipment/equipment#equipmentEndMonth',
    checkedBy: 'core/cylinders/fitness',
  },
  'cylinder-gauge-pressure': {
    title: 'Pressure in the cylinder',
    formula: 'Boiling pressure of the gas at the cylinder’s temperature, less the air’s at this altitude.',
    source: 'Short Helmholtz equation of Span and Wagner (2003); standard atmosphere, ISO 2533',
    provenance: 'published',
    caution: 'A cylinder drawn on hard is colder than the air, and its pressure lower.',
    computedBy: 'fluids/saturation#saturation',
    checkedBy: 'remembered/saturationTables',
  },
  'sizing-equation': {
    title: 'Pressure lost on the way',
    formula:
      'Under 1.5 psi: Q = (D × 19.17 × (ΔH ÷ (1.2462 × L))^0.206)^(1/0.381); from 1.5 psi on the same with 18.93 and (P1² − P2²) × 0.991. Q in ft³/h at 2,516 BTU, D in inches, L in feet. Fittings are not counted.',
    source: 'NFPA 54, sizing equations',
    provenance: 'from memory',
    computedBy: 'hookup/flow/pressureDrop#pressureDrop',
    checkedBy: 'remembered/sizing',
  },
  'regulator-curve': {
    title: 'After the regulator',
    formula:
      'Its setting, sagging by a tenth up to its rated flow and falling away beyond; locked up a little above it when nothing burns, 14 in WC at most.',
    source: 'Usual limits for low-pressure regulators; the plate of yours comes first',
    provenance: 'common practice',
    computedBy: 'hookup/flow/lineFlow#regulatorOutletPa',
    checkedBy: 'core/hookup/flow',
  },
  'appliance-pressure': {
    title: 'At the appliance',
    formula: 'After the regulator, less what is lost in each hose and tube on the way. 10 to 12 in WC while it burns.',
    source: 'Plates of appliances without a regulator of their own',
    provenance: 'common practice',
    computedBy: 'hookup/flow/pressureSlip#pressureSlip',
    checkedBy: 'core/hookup/flow',
  },
  'leak-test-due': {
    title: 'When a leak test holds',
    formula:
      'After every change of the line, every refill, and on arrival after rough roads. It is closed when every place reads none and an appliance has burned.',
    source: 'Common practice; the manuals of the parts come first',
    provenance: 'common practice',
    computedBy: 'leak-test/sheet/leakFindings#leakFindings',
    checkedBy: 'core/leak-test/leakTest',
  },
  'u-tube': {
    title: 'Pressure by the U-tube',
    formula: 'Height of the open column less height of the column on the gas’s side: the difference of the two.',
    source: 'Hydrostatics; water at 4 °C',
    provenance: 'published',
    computedBy: 'leak-test/hold/uTube#uTubeGaugePa',
    checkedBy: 'remembered/sizing',
  },
  'line-volume': {
    title: 'Inside of the line',
    formula: 'Bore² × π/4 × length of each hose and tube on that side, and 10 cm³ for each other part.',
    source: 'Your line; the share of the fittings is a guess',
    provenance: 'common practice',
    computedBy: 'hookup/line/lineVolume#lineVolumeM3',
    checkedBy: 'remembered/lineExamples',
  },
  'leak-rate': {
    title: 'Leak rate',
    formula:
      'Gas in the line before less gas in it after, by volume, pressure and temperature, over the time. Gas by the same equation as in the cylinder.',
    source: 'Balance of mass; Span and Wagner (2003)',
    provenance: 'published',
    caution: 'It leaks slower as the pressure falls: at full pressure it is more.',
    computedBy: 'leak-test/hold/leakRate#leakRate',
    checkedBy: 'remembered/lineExamples',
  },
  'flammable-at': {
    title: 'Gas that makes the space flammable',
    formula: 'Volume × 2.1 % × density of the gas; a fifth of it where it pools on the floor.',
    source: 'Lower limit of propane in air, NFPA 325',
    provenance: 'from memory',
    caution: 'A measure of danger. It is never the time one has: gas pools, and any spark finds it.',
    computedBy: 'leak-test/hold/holdSlip#holdSlip',
    checkedBy: 'core/leak-test/leakRate',
  },
  'resting-loss': {
    title: 'Loss at rest',
    formula: 'Gas at the earlier reading less gas at the later one, over the days between, with nothing burnt.',
    source: 'Your readings',
    provenance: 'your entry',
    computedBy: 'leak-test/loss/restingLoss#restingLoss',
    checkedBy: 'core/leak-test/leakRate',
  },
} as const satisfies Readonly<Record<string, BasisEntry>>
