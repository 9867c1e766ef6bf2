/** Technical terms with their explanations. */
export const terms = {
  tare: 'What the empty cylinder weighs with its valve. Stamped on the collar as TW.',
  'water-capacity':
    'The weight of water the cylinder would hold brim-full. Stamped as WC; the fill limit follows from it.',
  net: 'What the gas alone weighs: on the scale less tare.',
  'liquid-full':
    'The liquid has swollen until no room is left for vapor. From there on a little warmth makes a great deal of pressure.',
  psi: 'Pounds of force on a square inch, here as a gauge shows it: above the air around.',
  'water-column': 'Inches a pressure would lift water in a tube. Appliances run at about 11.',
  input: 'Heat an appliance takes in an hour with its burners on full. It is on the plate.',
  reserve: 'Gas you want left when you are home again, as a share of what the trip burns.',
  pilot: 'A small flame that always burns, to light the large one. It uses gas day and night.',
  'overfill-stop':
    'OPD: a float in the valve that shuts the filling at 80 %. A second guard, never a measure: the scale or the bleeder comes first.',
  requalification:
    'A look or a test by a licensed shop that buys a cylinder further years. It is stamped or stuck on the collar.',
  'lock-up': 'Where a regulator shuts when nothing burns: a little above its setting, at most 14 in WC.',
  pigtail: 'The short hose from a cylinder’s valve to the regulator.',
  changeover: 'A regulator with two inlets and a lever: it takes its gas from one cylinder or from the other.',
  manometer: 'A gauge for small pressures. The simplest is a U of clear hose with water in it.',
  line: 'The pipe of the rig, fed by its cylinders or its fixed tank.',
  'oxygen-cut-off':
    'A pilot that goes out when oxygen runs low, and shuts the gas with it. It tells nothing of carbon monoxide.',
  unvented: 'Its fumes stay in the room: it has no chimney, uses the room’s air, and makes water and CO2 in it.',
  'dew-point': 'What is colder than this grows wet: the warmth at which the air can hold no more water.',
} as const

export type TermId = keyof typeof terms
