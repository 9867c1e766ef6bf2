/** What brings an owner to the diagnosis. */
export const symptoms = {
  'no-gas': 'Nothing lights anywhere',
  'one-dead': 'One appliance does not light',
  weak: 'Flames are weak',
  'flame-wrong': 'A flame is yellow, lifts, pops or surges',
  'pilot-drops': 'A pilot goes out',
  smell: 'Smell of gas outside, at the cylinders',
  frost: 'Frost on a cylinder, hose or regulator',
  'stops-at-night': 'The heat stops at night',
  chirp: 'An alarm chirps once a minute',
} as const

export type SymptomId = keyof typeof symptoms

export const symptomIds = Object.keys(symptoms) as [SymptomId, ...SymptomId[]]

/** Emergency sheets that the diagnosis can end in. */
export type EmergencyId = 'gas' | 'co' | 'fire' | 'joint' | 'relief' | 'co2'

/** Signs of danger: any of them, at any moment, ends the search. They are asked about first and stay on the screen. */
export const dangerSigns = {
  'smell-inside': { label: 'Smell of gas inside, or the gas alarm sounds', sheet: 'gas' },
  'co-alarm': { label: 'The CO alarm sounds: four beeps and a pause', sheet: 'co' },
  unwell: { label: 'Somebody has a headache, is sick, dizzy or sleepy', sheet: 'co' },
  soot: { label: 'Soot, or a yellow flame inside', sheet: 'co' },
  'pilot-in-closed-room': { label: 'A heater’s pilot went out in a closed room', sheet: 'co' },
  'flame-at-joint': { label: 'A flame at a joint, a hose or a valve', sheet: 'joint' },
  'hiss-valve-shut': { label: 'It hisses although the cylinder valve is shut', sheet: 'relief' },
  'co2-inside': { label: 'CO2 hisses or has emptied inside', sheet: 'co2' },
} as const satisfies Readonly<Record<string, { label: string; sheet: EmergencyId }>>

export type DangerSign = keyof typeof dangerSigns

export const dangerSignIds = Object.keys(dangerSigns) as [DangerSign, ...DangerSign[]]
