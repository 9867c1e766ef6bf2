import type { BasisEntry } from './basisEntry'

/** Figures of a trip under way and of what it leaves behind. */
export const tripBasis = {
  'burnt-by-weight': {
    title: 'Burned, by weight',
    formula:
      'What a cylinder held before, less what it held after, over all readings without a fill between. A fill without a weigh-in just before it leaves a gap, which is told and not guessed.',
    source: 'Your weighings and readings',
    provenance: 'your entry',
    computedBy: 'trip/usage/burnSpans#burnSpans',
    checkedBy: 'core/trip/usageCalibration',
  },
  'learned-use': {
    title: 'Learned use',
    formula:
      'Burned by weight ÷ what the habits as entered would have burned in the same hours and weather. Every hour of burning on that supply is multiplied by it, up to full input.',
    source: 'Your weighings against your habits',
    provenance: 'your entry',
    caution: 'One trip’s weather and company are not the next one’s.',
    range: 'A twentieth, as two weighings.',
    computedBy: 'trip/usage/calibrateUsage#calibrateUsage',
    checkedBy: 'core/trip/usageCalibration',
  },
  'cost-per-night': {
    title: 'Cost a night',
    formula: 'Gas burned by weight × what your fills cost for each weight put in ÷ nights.',
    source: 'Your fills and weighings',
    provenance: 'your entry',
    computedBy: 'trip/usage/tripGas#tripGas',
    checkedBy: 'core/trip/usageCalibration',
  },
  'recorded-fault': {
    title: 'A fault that was found',
    formula: 'A fault entered from the diagnosis stays open until its repair is entered.',
    source: 'Common practice',
    provenance: 'common practice',
    computedBy: 'trip/readiness/practiceFindings#practiceFindings',
    checkedBy: 'core/trip/practiceFindings',
  },
  'rehearsal-yearly': {
    title: 'Rehearsal of the emergencies',
    formula: 'Once a year, before the season, with everybody aboard.',
    source: 'Common practice of fire services',
    provenance: 'common practice',
    computedBy: 'trip/readiness/practiceFindings#practiceFindings',
    checkedBy: 'core/trip/practiceFindings',
  },
} as const satisfies Record<string, BasisEntry>
