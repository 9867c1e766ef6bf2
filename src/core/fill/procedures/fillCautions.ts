import type { FillMode } from '@/core/fill/fillModes'

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

/** What is to be said beside the numbers of a fill, once and plainly. */
export function fillCautions(mode: FillMode): readonly string[] {
  return cautions[mode]
}
