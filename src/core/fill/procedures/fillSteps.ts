import type { FillMode } from '@/core/fill/fillModes'
import { procedureStep, type ProcedureStep } from '@/core/rules/procedureStep'

const step = (id: string, title: string, does: string, why: string, holds = true): ProcedureStep =>
  procedureStep(id, title, does, why, { holds })

const nobodyInside = step(
  'out',
  'Everything off',
  'appliances, pilots, engine; nobody in the rig',
  'One pilot left burning is a flame beside a hose that has just let go.',
)

const gloves = step(
  'protect',
  'Gloves and eyes',
  'outdoors, no flame, closed shoes',
  'Liquid that escapes freezes skin and eyes at once.',
)

const capAndSoap = step(
  'cap-and-soap',
  'Plug, soap, look',
  'plug in, valve soaped, nothing left open',
  'A valve that has just been worked is the likeliest to weep; a shut valve is not a plug.',
)

const steps: Readonly<Record<FillMode, readonly ProcedureStep[]>> = {
  pump: [
    step(
      'date',
      'Date and look',
      'in date, nothing found',
      'An attendant who looks refuses it; one who does not should have.',
    ),
    nobodyInside,
    step('connect', 'Hose on', 'then its valve open', 'The attendant connects; you see that it stands upright.'),
    step(
      'bleeder',
      'Bleeder open',
      'a quarter turn; or weigh and read after',
      'It spits white when the liquid has come up to it. Some pumps stop themselves, and some attendants use no bleeder. Then check by the scale or the gauge.',
      false,
    ),
    step(
      'fill',
      'Fill to the spray',
      'filler shut first, then bleeder, then valve',
      'In that order nothing stays locked full between two shut valves.',
    ),
    step('off', 'Hose off', 'a little gas escapes', 'Stand upwind of it.'),
    capAndSoap,
    step(
      'doors',
      'Cap, door, valve',
      'as you want them for the road',
      'People drive off with the fill door open.',
      false,
    ),
  ],
  'by-weight': [
    step('date', 'Date and look', 'in date, nothing found', 'An overdue or damaged cylinder is used up, never filled.'),
    nobodyInside,
    gloves,
    step(
      'scale',
      'Scale to zero',
      'firm and level, out of the wind',
      'A zero that is off goes straight into the cylinder.',
    ),
    step('connect', 'Connect', 'hose weighed in, or held free', 'What hangs on the scale belongs into the sum.'),
    step(
      'fill',
      'Fill to the mark',
      'slow for the last twentieth',
      'Liquid still in the hose runs on after the valve is shut.',
    ),
    capAndSoap,
    step(
      'weigh',
      'Weigh once more',
      'hose off, then save',
      'Only the weight without the hose says what is in it.',
      false,
    ),
  ],
  onboard: [
    nobodyInside,
    step('side', 'Fill door', 'know its side before the pump', 'A hose across the rig is a hose under a wheel.', false),
    step(
      'connect',
      'Hose on',
      'bleeder open a quarter turn',
      'A fixed tank is filled only the way up it was made for.',
    ),
    step('fill', 'Fill to its stop', 'white spray, or the stop at 80 %', 'Filler shut first, then bleeder.'),
    step('off', 'Hose off', 'a little gas escapes', 'Stand upwind of it.'),
    step('cap', 'Bleeder shut, filler cap on', 'then soap both', 'What has just been worked is the likeliest to weep.'),
    step('door', 'Fill door', 'shut and latched', 'People drive off with the door open and the cap hanging.'),
    step('master', 'Master valve', 'open or shut, as you want it for the road', 'It was shut for the fill.'),
    step(
      'gauge',
      'Read the gauge',
      'it should show full',
      'A gauge that stands still is not read again: gallons teach what it means.',
      false,
    ),
  ],
  bottles: [
    gloves,
    step(
      'weigh-empty',
      'Weigh it empty',
      'scale to zero, adapter off, against the stamp',
      'Over 2 % away from its stamp: gas is left in it, or the stamp is not its own.',
    ),
    step(
      'chill',
      'Chill the bottle',
      'ice and salt outdoors, an hour or more',
      'Not in a kitchen freezer, which sparks. Cold weather chills supply and bottle alike and helps little.',
      false,
    ),
    step(
      'adapter',
      'Adapter on',
      'supply valve shut; hand or left-hand wrench',
      'Outside thread: by hand, to the right. Inside thread: to the left, with a wrench.',
    ),
    step('bottle-on', 'Bottle on', 'hand-tight, no wrench', 'The seal is soft; a wrench spoils it.'),
    step(
      'turn',
      'Supply upside down',
      'on something steady',
      'Liquid is at its valve then; upright only vapor would come.',
    ),
    step(
      'open',
      'Open slowly',
      'wait until the hiss stops, about a minute',
      'Left on, a cold bottle goes on filling past its limit.',
    ),
    step(
      'shut',
      'Shut, upright, shut again',
      'then the bottle off: a small puff',
      'What is between the valves is liquid.',
    ),
    step('weigh', 'Weigh it', 'never above its mark', 'Only the scale decides; nothing else here is a bound.'),
    capAndSoap,
  ],
  co2: [
    step('date', 'Date and look', 'within five years, disc whole', 'At 1,800 psi a neglected cylinder is a bomb.'),
    step('air', 'Outdoors or wide open', 'nobody’s head low', 'CO2 has no smell and lies on the floor.'),
    step(
      'chill',
      'Chill the cylinder',
      'a cold one fills faster',
      'Liquid does not flow into a warm one: the pressures meet.',
      false,
    ),
    step('washer', 'New flat washer', 'wrench, right-hand', 'The old one has the last nut’s ring pressed into it.'),
    step(
      'fill',
      'Fill to the mark',
      'by the scale alone',
      'The gauge shows the same for a little liquid and for a lot.',
    ),
    step('off', 'Shut and vent the hose', 'then off', 'A hose of cold liquid thrashes when it is opened full.'),
    step('weigh', 'Weigh once more', 'then save', 'Over the mark: let the filler take some out, now.', false),
  ],
}

/**
 * The procedure of a fill, in order; common practice of dealers and trainers.
 *
 * @param mode - how it is filled
 */
export function fillSteps(mode: FillMode): readonly ProcedureStep[] {
  return steps[mode]
}

const always = 'The filler’s own rules, the stamps and local code come before this program.'

const liquid = 'Outdoors, nothing burning near, gloves and eye cover: liquid gas freezes skin and eyes at once.'

const cautions: Readonly<Record<FillMode, readonly string[]>> = {
  pump: [
    'A cylinder is filled only the way up it is used, or liquid reaches the regulator.',
    'Never let it be topped up past the stop “because it is cold”: it will be warm one day.',
    always,
  ],
  'by-weight': [liquid, 'Shut a little before the mark: what is in the hose runs on.', always],
  onboard: [
    'Engine, pilots and appliances out, nobody in the rig.',
    'A fixed tank and its valves belong to a licensed technician; the owner only watches the fill.',
    always,
  ],
  bottles: [
    liquid,
    'Never in the rig, a garage or a kitchen. A bottle marked not refillable says so for a reason: a refilled one must never be carried on a road in the US.',
    'Never top it up by letting its gas out while filling: that is how they are overfilled and valves are lost.',
    always,
  ],
  co2: [
    'CO2 has no smell and takes the air’s place. Five pounds let go in a closed car or a small rig are deadly.',
    'A burst disc does not shut again: all of it leaves at once.',
    always,
  ],
}

/** Cautions shown next to the numbers of a fill. */
export function fillCautions(mode: FillMode): readonly string[] {
  return cautions[mode]
}
