import { zoneFacts } from '@/core/hookup/catalogue/zone'
import type { LeakGrade } from './leakReading'
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
  'No wrench on a fitting threaded into a vessel that is not empty: boiling liquid, fire, explosion. Leave it outdoors, away from flames.'

const isVesselKind = ({ kind }: LeakItem): boolean => kind === 'vessel' || kind === 'relief' || kind === 'bleeder'

/** The places of a vessel and of its valve, which are not its owner’s to repair. */
function isOnVessel(item: LeakItem, sheet: readonly LeakItem[]): boolean {
  const isItsStem = item.kind === 'stem' && sheet.some((one) => isVesselKind(one) && one.partId === item.partId)
  return isVesselKind(item) || isItsStem
}

const isCo2 = ({ zone }: LeakItem): boolean => zoneFacts[zone].gas === 'co2'

/** What comes before a wrench: nothing is turned under pressure. */
function pressureOff(item: LeakItem): string {
  return isCo2(item)
    ? 'Let the pressure out of the line. No wrench on anything under pressure.'
    : 'Burn the line down: one burner lit until it dies. No wrench on anything under pressure.'
}

function jointSteps(item: LeakItem): string[] {
  const { sealsOn, tighten } = item
  if (tighten === 'hand') {
    return [
      'Retighten by hand, no tool.',
      'Still there: apart, look at the seal and the face, clean them, again by hand. A worn seal is replaced.',
    ]
  }
  const down = pressureOff(item)
  switch (sealsOn) {
    case 'threads':
      return [
        down,
        'A nudge tighter with two wrenches.',
        'Still there: take it apart, clean both threads, new tape or paste, put it together.',
      ]
    case 'washer':
      return [down, 'Take it apart, put in a new flat washer, tighten with the wrench: snug.']
    case 'sleeve':
      return isCo2(item)
        ? [down, 'An eighth of a turn with two wrenches.', 'Still there: cut the tube back and use a new sleeve.']
        : [down, 'A compression sleeve is not used on the propane tubing of a camper: have a 45° flare made instead.']
    case 'o-ring':
      return [down, 'Pull it apart, clean it, look at the O-ring, replace it if it is nicked or hard.']
    case 'hose':
      return [
        down,
        'Set the clamp again behind the last barb.',
        'Still there: cut the end off the hose, or replace it.',
      ]
    default:
      return [
        down,
        'Take it apart, clean both faces and look at the seat: no tape.',
        'Put it together snug, one wrench holding back. A scored or cracked flare is made new.',
      ]
  }
}

function kindSteps(item: LeakItem, onVessel: boolean): { steps: string[]; then: string; technicianOnly: boolean } {
  switch (item.kind) {
    case 'joint':
      return {
        steps: jointSteps(item),
        then: 'Still there: replace the part that leaks, or keep it shut for a technician.',
        technicianOnly: false,
      }
    case 'vessel':
      return { steps: [NO_WRENCH], then: TECHNICIAN, technicianOnly: true }
    case 'relief':
      return { steps: ['Never tap it: it may open wide.', NO_WRENCH], then: TECHNICIAN, technicianOnly: true }
    case 'bleeder':
      return { steps: ['Shut its screw gently. More force cuts its seat.'], then: TECHNICIAN, technicianOnly: false }
    case 'stem':
      return onVessel
        ? {
            steps: ['The stem of a cylinder’s valve is a technician’s: keep it shut.'],
            then: TECHNICIAN,
            technicianOnly: true,
          }
        : {
            steps: ['Where the valve’s maker provides a packing nut: snug it a little. Where there is none: nothing.'],
            then: 'Still there: the valve is replaced.',
            technicianOnly: false,
          }
    case 'plug':
      return {
        steps: [pressureOff(item), 'Take the plug out, clean both threads, new tape or paste, put it back snug.'],
        then: 'Still there: the port is replaced.',
        technicianOnly: false,
      }
    case 'burner':
      return {
        steps: [pressureOff(item), 'Shut its branch, take it off the line and cap the end.'],
        then: 'Its valve is repaired or replaced by somebody licensed for it.',
        technicianOnly: false,
      }
    default:
      return {
        steps: [pressureOff(item), 'Replace it: a crimp, a gauge or a regulator is not repaired.'],
        then: 'Until then its line stays shut and capped.',
        technicianOnly: false,
      }
  }
}

/**
 * What comes before any fixing. CO2 does not burn: it drives out the air, unsmelled. A leak of the vessel itself goes on
 * with its valve shut: people leave. [common practice]
 */
function firstSteps(item: LeakItem, grade: LeakGrade, valve: string): string[] {
  const grave = grade === 'fast' || grade === 'hiss'
  if (isCo2(item)) {
    return item.inside
      ? [`Everybody out into the air: CO2 drives it out, without a smell. Air the rig, then shut ${valve}.`]
      : [`Shut ${valve}. CO2 sinks and has no smell: never in a closed room or pit.`]
  }
  if (item.kind === 'vessel' || item.kind === 'relief') {
    return grade === 'slow' && !item.inside
      ? [
          'The valve cannot stop this. No tool, no flame and no engine within 50 ft (15 m); everyone out, and upwind.',
          'Do not drive. Call the supplier.',
        ]
      : [
          'The valve cannot stop this. Everyone 330 ft (100 m) away, upwind; no switch, no flame, no engine.',
          'Call 911 from there. Do not drive.',
        ]
  }
  if (item.inside) return [`Everybody out, no switch, no flame; shut ${valve} from outside and let the rig air.`]
  return grave
    ? [`Shut ${valve} now. No flame and no engine near; shut windows and fans that could draw it in.`]
    : [`Shut ${valve}. A window or fan nearby can draw it in.`]
}

/**
 * What to do about a leak, by the kind of place and the grade.
 *
 * @param item - the place
 * @param grade - what the soap showed
 * @param sheet - every place of its line, which tells how many cylinders feed it and what sits on them
 * @returns null where there is no leak
 */
export function leakAction(item: LeakItem, grade: LeakGrade, sheet: readonly LeakItem[]): LeakAction | null {
  if (grade === 'none') return null
  const onVessel = isOnVessel(item, sheet)
  const cylinders = new Set(sheet.filter(({ kind }) => kind === 'relief').map(({ partId }) => partId))
  const valve = cylinders.size > 1 ? 'the valve of every cylinder on this line' : 'the cylinder’s valve'
  const first = firstSteps(item, grade, valve)
  const { steps, then, technicianOnly } = kindSteps(item, onVessel)
  if (item.leased && onVessel) {
    return { steps: first, then: 'Leased or rented: its owner repairs it. The test stays open.', technicianOnly: true }
  }
  return { steps: [...first, ...steps, ...(technicianOnly ? [] : ['Soap it again afterwards.'])], then, technicianOnly }
}
