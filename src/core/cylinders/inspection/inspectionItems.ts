import type { CylinderKind } from '@/core/cylinders/cylinderKind'

/** An inspection item; `bad` on a disqualifying one puts the cylinder out of service. */
export interface InspectionItem {
  id: string
  title: string
  /** How to look, and why. */
  why: string
  /** When bad, the cylinder is out of service until a licensed person clears it. */
  retires: boolean
}

export type InspectionAnswer = 'sound' | 'bad'

/** Answers by the item's identifier; what was not looked at is missing. */
export type InspectionAnswers = Readonly<Record<string, InspectionAnswer>>

const bulge: InspectionItem = {
  id: 'bulge',
  title: 'No bulge',
  why: 'Sight along the wall and the seams against the light. A bulge means that the steel has already given way.',
  retires: true,
}

const fire: InspectionItem = {
  id: 'fire',
  title: 'No fire marks',
  why: 'Scorched or blistered paint, warped collar or melted plastic: heat takes the strength out of the wall.',
  retires: true,
}

const weld: InspectionItem = {
  id: 'dent-at-weld',
  title: 'No dent at a weld',
  why: 'Run a hand along the seams. Where steel was folded beside a weld it cracks.',
  retires: true,
}

const leak: InspectionItem = {
  id: 'valve-tight',
  title: 'Valve does not leak',
  why: 'Shut, with the plug off: nothing to smell, and no bubbles when soaped. A leaking valve is not an owner’s to mend.',
  retires: true,
}

const dents: InspectionItem = {
  id: 'dents',
  title: 'No deep dents, no gouges',
  why: 'A shallow dent in the side is often let pass. A sharp or deep one, or a cut in the metal, is for a requalifier.',
  retires: false,
}

const rust: InspectionItem = {
  id: 'rust',
  title: 'No deep rust',
  why: 'Turn it over: water stands under the foot ring, and rust eats there first. Flaking or pitted is too much.',
  retires: false,
}

const collar: InspectionItem = {
  id: 'collar',
  title: 'Collar and foot sound',
  why: 'The collar guards the valve in a fall, the foot keeps it upright. Bent or torn, it does neither.',
  retires: false,
}

const handle: InspectionItem = {
  id: 'handle',
  title: 'Valve handle turns',
  why: 'All the way open and shut by hand. One that wants a tool cannot be shut in an emergency.',
  retires: false,
}

const seal: InspectionItem = {
  id: 'seal',
  title: 'O-ring or seat sound',
  why: 'Look into the outlet: a cracked, flattened or missing ring leaks however tight the nut.',
  retires: false,
}

const plug: InspectionItem = {
  id: 'plug',
  title: 'Dust plug there',
  why: 'It keeps dirt and insects out of the seat, and stops a valve that was knocked open.',
  retires: false,
}

const relief: InspectionItem = {
  id: 'relief',
  title: 'Relief valve clear',
  why: 'No paint, mud or nest in its opening. Look from the side, never into it.',
  retires: false,
}

const soldForPropane: InspectionItem = {
  id: 'sold-for-propane',
  title: 'Sold for propane',
  why: 'Its label says propane. One that was sold for another gas has another wall and another relief valve: never fill or use it here.',
  retires: true,
}

const thread: InspectionItem = {
  id: 'thread',
  title: 'Thread and pin clean',
  why: 'Dirt on the pin keeps the valve from closing when the bottle comes off.',
  retires: false,
}

const lid: InspectionItem = {
  id: 'lid',
  title: 'Lid free of nests and insects',
  why: 'Wasps and spiders like the smell of the gas; nests block vents and hide leaks.',
  retires: false,
}

const fillDoor: InspectionItem = {
  id: 'fill-door',
  title: 'Fill cap and door shut',
  why: 'People drive off after a fill with the door open and the cap hanging.',
  retires: false,
}

const exhausts: InspectionItem = {
  id: 'exhausts',
  title: 'Outside exhausts free and screened',
  why: 'Fridge, furnace and water heater breathe through the wall. A nest there sends the fumes inside.',
  retires: false,
}

const gauge: InspectionItem = {
  id: 'gauge',
  title: 'Gauge moves',
  why: 'It should have moved since the last fill. A stuck float shows the same through a whole trip.',
  retires: false,
}

const disc: InspectionItem = {
  id: 'burst-disc',
  title: 'Burst disc whole',
  why: 'The small plug at the side of the valve. Once it lets go everything leaves: never touch or tighten it.',
  retires: false,
}

const steel = [bulge, fire, weld, leak, dents, rust, collar, handle, seal, plug, relief]

const itemsByKind: Readonly<Record<CylinderKind, readonly InspectionItem[]>> = {
  removable: steel,
  bottle: [soldForPropane, bulge, fire, weld, leak, dents, rust, thread, plug],
  'refillable-bottle': [soldForPropane, bulge, fire, weld, leak, dents, rust, thread, plug, relief],
  onboard: [bulge, fire, weld, leak, dents, rust, relief, gauge, lid, fillDoor, exhausts],
  co2: [bulge, fire, leak, dents, rust, handle, seal, plug, disc],
}

/**
 * What is looked at before a trip, in the order of looking.
 *
 * @see common practice of requalifiers and dealers
 */
export function inspectionItems(kind: CylinderKind): readonly InspectionItem[] {
  return itemsByKind[kind]
}

interface InspectionResult {
  /** Bad, and the cylinder is out of service for it. */
  disqualifying: readonly InspectionItem[]
  /** Bad, to be repaired. */
  toRepair: readonly InspectionItem[]
  /** Not looked at: unknown counts as not ready. */
  missing: readonly InspectionItem[]
}

/** Result of an inspection. */
export function evaluateInspection(kind: CylinderKind, answers: InspectionAnswers): InspectionResult {
  const items = inspectionItems(kind)
  const bad = items.filter(({ id }) => answers[id] === 'bad')
  return {
    disqualifying: bad.filter(({ retires }) => retires),
    toRepair: bad.filter(({ retires }) => !retires),
    missing: items.filter(({ id }) => answers[id] === undefined),
  }
}
