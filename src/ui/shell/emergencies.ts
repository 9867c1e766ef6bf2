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
    short: 'everybody out, no switch, no flame, no phone where it smells; valve from outside; upwind; 911.',
    steps: [
      'Everybody out, pets too. Leave the door open behind you.',
      'No switch, no flame, no engine, and no phone where it smells: a spark is enough.',
      'Shut the cylinder valve from outside, clockwise, if you can reach it without going through the gas.',
      'Go upwind and uphill, 330 ft (100 m) if it is strong. Propane sinks and creeps along the ground.',
      'Call 911 from there. Nobody goes back in until the leak is found and the rig has aired.',
    ],
  },
  {
    id: 'driving',
    title: 'Gas alarm or smell of gas while driving',
    when: 'the alarm near the floor sounds on the road',
    short: 'pull off away from people and low ground; engine off, no other switch; out, upwind; 330 ft; 911.',
    steps: [
      'Pull off the road, away from people, buildings and low ground.',
      'Engine off. Touch no other switch.',
      'Everybody out, upwind.',
      'Shut the gas valve from outside if that is safe.',
      'Go 330 ft (100 m) away and call 911 from there.',
      'Do not start it again, and do not let it be towed, until the fire service says so.',
    ],
  },
  {
    id: 'co',
    title: sharedLabels.carbonMonoxideAlarm,
    when: 'four beeps and a pause; headache, nausea, confusion, sleepy people',
    short: 'everybody out into air; count heads; 911, say carbon monoxide; nobody back in.',
    steps: [
      'Everybody out into fresh air at once. Count heads.',
      'Call 911 and say carbon monoxide, even if people feel better outside.',
      'Somebody is inside: bring out only a person you can see and reach at once. Else wait for the firefighters.',
      'Not breathing: CPR until help comes.',
      'Headache, nausea or confusion: get checked, even if it is better.',
      'Do not go back in until firefighters have measured. One chirp a minute is the battery or its end of life; in doubt, out.',
    ],
  },
  {
    id: 'fire',
    title: 'Fire',
    when: 'flames at the rig, at an appliance or at a cylinder',
    short: 'out, away from the cylinders’ ends; 911; let burning gas burn unless its valve shuts safely.',
    steps: [
      'Everybody out and away, and keep away from both ends of any cylinder.',
      'Call 911 and say that there are gas cylinders. Let nobody go back in for things.',
      'Shut the gas from outside if no flame is near the valve.',
      'A small fire that is not gas: extinguisher at the base of the flame, with your back to the way out.',
    ],
  },
  {
    id: 'joint',
    title: 'A joint or hose burns',
    when: 'a flame at a connection, a hose or a valve',
    short: 'shut the valve if you can do it safely; else let it burn, away, 911.',
    steps: [
      'Everybody away from it.',
      'Shut the cylinder valve, if you reach it without reaching over the flame: the flame dies by itself.',
      'You cannot: let it burn. Unburned gas gathers and explodes.',
      'Call 911. Keep away from both ends of the cylinder.',
    ],
  },
  {
    id: 'relief',
    title: sharedLabels.reliefValveVenting,
    when: 'a loud hiss or plume from the cylinder’s valve',
    short: 'everybody 330 ft away, upwind, clear of its ends; no switch, phone or engine near it; 911.',
    steps: [
      'Everybody 330 ft (100 m) away, upwind, and clear of both its ends.',
      'No switch, no phone and no engine near it.',
      'Call 911 from there.',
      'The cylinder’s valve cannot stop it. Do not touch or plug it. It may shut and open again.',
      'Firefighters cool it. It is not used again before a dealer has seen it.',
    ],
  },
  {
    id: 'co2',
    title: 'CO2 let go inside',
    when: 'a CO2 cylinder has emptied in the rig or a car; no smell, fast breathing',
    short: 'out into the open; do not go in for somebody without air of your own; 911.',
    steps: [
      'Everybody out into the open at once.',
      'Open doors and hatches from outside. The gas lies low.',
      'Do not go in for somebody without air of your own: call 911.',
      'Brought out and not breathing: CPR until help comes.',
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
