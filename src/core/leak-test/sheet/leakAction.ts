import { zoneFacts } from '@/core/hookup/catalogue/zone'
import type { LeakGrade } from './leakTestState'
import type { LeakItem } from './leakSheet'

/** What is done about a leak, in order, and by whom. */
export interface LeakAction {
  steps: readonly string[]
  /** Who repairs it when that does not stop it; a leased vessel is always its owner’s. */
  then: string
  /** The test stays open until the vessel is removed or repaired by a licensed person. */
  technicianOnly: boolean
}

const TECHNICIAN = 'Out of service: the supplier’s technician. The test stays open.'
const NO_WRENCH =
  'No wrench on a fitting threaded into a vessel that is not empty: boiling liquid, fire, explosion. Leave it shut, outdoors, away from flames.'

function jointSteps({ sealsOn, tighten }: LeakItem): string[] {
  if (tighten === 'hand') {
    return [
      'Retighten by hand, no tool.',
      'Still there: apart, look at the seal and the face, clean them, again by hand. A worn seal is replaced.',
    ]
  }
  switch (sealsOn) {
    case 'threads':
      return [
        'A nudge tighter with two wrenches.',
        'Still there: shut off, burn the line down, take it apart, clean both threads, new tape or paste, put it together.',
      ]
    case 'washer':
      return ['Shut it, take it apart, put in a new flat washer, tighten with the wrench: snug.']
    case 'sleeve':
      return ['An eighth of a turn with two wrenches.', 'Still there: cut the tube back and use a new sleeve.']
    case 'o-ring':
      return ['Pull it apart, clean it, look at the O-ring, replace it if it is nicked or hard.']
    case 'hose':
      return ['Set the clamp again behind the last barb.', 'Still there: cut the end off the hose, or replace it.']
    default:
      return [
        'Take it apart with the line burned down, clean both faces and look at the seat: no tape.',
        'Put it together snug, one wrench holding back. A scored or cracked flare is made new.',
      ]
  }
}

function kindSteps(item: LeakItem): { steps: string[]; then: string; technicianOnly: boolean } {
  switch (item.kind) {
    case 'joint':
      return {
        steps: jointSteps(item),
        then: 'Still there: replace the part that leaks, or leave it shut for a technician.',
        technicianOnly: false,
      }
    case 'vessel':
    case 'relief':
      return { steps: [NO_WRENCH], then: TECHNICIAN, technicianOnly: true }
    case 'bleeder':
      return { steps: ['Shut its screw gently. More force cuts its seat.'], then: TECHNICIAN, technicianOnly: false }
    case 'stem':
      return {
        steps: ['Where the valve’s maker provides a packing nut: snug it a little. Where there is none: nothing.'],
        then: 'Still there: the valve is out of service. On a vessel it is the technician’s.',
        technicianOnly: false,
      }
    case 'burner':
      return {
        steps: ['Shut its branch, take it off the line and cap the end.'],
        then: 'Its valve is mended or replaced by somebody licensed for it.',
        technicianOnly: false,
      }
    default:
      return {
        steps: ['Replace it: a crimp, a gauge or a regulator is not mended.'],
        then: 'Until then its line stays shut and capped.',
        technicianOnly: false,
      }
  }
}

/** What comes before any fixing. CO2 does not burn: it drives out the air, unsmelled. */
function firstStep({ inside, zone }: LeakItem, grave: boolean): string {
  if (zoneFacts[zone].gas === 'co2') {
    return inside
      ? 'Everybody out into the air: CO2 drives it out, without a smell. Air the rig, then shut the cylinder’s valve.'
      : 'Shut the cylinder’s valve. CO2 sinks and has no smell: never in a closed room or pit.'
  }
  if (inside) return 'Everybody out, no switch, no flame; shut the cylinder’s valve from outside and let the rig air.'
  return grave
    ? 'Shut the cylinder’s valve now. No flame and no engine near; shut windows and fans that could draw it in.'
    : 'Shut the cylinder’s valve. A window or fan nearby can draw it in.'
}

/**
 * What to do about a leak, by the kind of place and the grade.
 *
 * @param item - the place
 * @param grade - what the soap showed
 * @returns null where there is no leak
 */
export function leakAction(item: LeakItem, grade: LeakGrade): LeakAction | null {
  if (grade === 'none') return null
  const { steps, then, technicianOnly } = kindSteps(item)
  const grave = grade === 'fast' || grade === 'hiss'
  const first = firstStep(item, grave)
  const onVessel = item.kind === 'vessel' || item.kind === 'relief' || item.kind === 'bleeder' || item.kind === 'stem'
  if (item.leased && onVessel) {
    return {
      steps: [first],
      then: 'Leased or rented: its owner repairs it. The test stays open.',
      technicianOnly: true,
    }
  }
  return { steps: [first, ...steps, ...(technicianOnly ? [] : ['Soap it again afterwards.'])], then, technicianOnly }
}
