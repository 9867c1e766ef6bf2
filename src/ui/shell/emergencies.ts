import { sharedLabels } from '@/ui/terms/sharedLabels'

/** What to do now, in the order of doing. */
export interface EmergencySheet {
  id: string
  title: string
  when: string
  /** One line, for print. */
  short: string
  steps: readonly string[]
}

/** [common practice of gas suppliers and fire services] The local emergency number comes first. */
export const emergencies: readonly EmergencySheet[] = [
  {
    id: 'gas',
    title: sharedLabels.smellOfGasOrTheGas,
    when: 'rotten eggs, hissing, alarm near the floor',
    short: 'everybody out, no switch, no flame; cylinder valve from outside; away upwind; call.',
    steps: [
      'Everybody out, pets too. Leave the door open behind you.',
      'No switch, no flame, no phone inside: a spark is enough.',
      'Shut the cylinder valve from outside, clockwise, if you can reach it without going through the gas.',
      'Go well away, upwind and uphill. Propane sinks and creeps along the ground.',
      'Call the fire service from there. Let nobody back in until the leak is found and the rig has aired.',
    ],
  },
  {
    id: 'co',
    title: sharedLabels.carbonMonoxideAlarm,
    when: 'alarm at bed height; headache, dizziness, sickness, sleepy people',
    short: 'everybody out into air; count heads; call; heater off only from outside or later.',
    steps: [
      'Everybody out into fresh air at once. Wake and carry those who do not get up.',
      'Count heads.',
      'Call the emergency number and say carbon monoxide, even if people feel better outside.',
      'Shut the heater off only from outside, or later. Do not go back in for it.',
      'Nobody sleeps inside until the cause is found and mended.',
    ],
  },
  {
    id: 'fire',
    title: 'Fire',
    when: 'flames at the rig, at an appliance or at a cylinder',
    short: 'out, away from the cylinders’ ends; call; never put out burning gas that cannot be shut off.',
    steps: [
      'Everybody out and away, and keep away from both ends of any cylinder.',
      'Call the fire service and say that there are gas cylinders.',
      'Shut the cylinder valve only if no flame is near it.',
      'Do not put out a burning gas leak that you cannot shut off: unburnt gas gathers and explodes.',
      'A small fire that is not gas: extinguisher at the base of the flame, with your back to the way out.',
    ],
  },
  {
    id: 'relief',
    title: sharedLabels.reliefValveVenting,
    when: 'a loud hiss or plume from the cylinder’s valve',
    short: 'no ignition; away upwind; cool with water only from far; call.',
    steps: [
      'Put out and switch off everything that could light it. Start no engine.',
      'Everybody away, upwind, and keep others away.',
      'Cool the cylinder with water only from far off, and only if that is safe.',
      'Do not touch the valve and do not plug it. It shuts by itself when the pressure has dropped.',
      'Call the fire service. The cylinder is not used again before a dealer has seen it.',
    ],
  },
  {
    id: 'co2',
    title: 'CO2 let go inside',
    when: 'a CO2 cylinder has emptied in the rig or a car; no smell, fast breathing',
    short: 'out into the open; do not go in for somebody without air of your own; call.',
    steps: [
      'Everybody out into the open at once.',
      'Open doors and hatches from outside. The gas lies low.',
      'Do not go in for somebody without air of your own: call the fire service.',
      'Brought out and not breathing: call, and begin resuscitation.',
      'Back in only after long airing from end to end.',
    ],
  },
  {
    id: 'frostbite',
    title: 'Liquid on the skin or in the eye',
    when: 'white, numb, hard skin after a spray of liquid gas',
    short: 'lukewarm water, no rubbing, a doctor; an eye at once.',
    steps: [
      'Get away from the gas first.',
      'Lukewarm water, neither hot nor snow, for twenty minutes. For an eye, rinse gently and long.',
      'Do not rub, and do not pull off cloth that is frozen on.',
      'Cover loosely, and see a doctor. For an eye, at once.',
    ],
  },
]
