import type { CylinderKind } from '@/core/cylinders/cylinderKind'

/** What one looks at; `bad` on a retiring one puts the cylinder out of service. */
export interface LookItem {
  id: string
  title: string
  /** How to look, and why. */
  why: string
  /** Found bad, it is out of service until somebody with a licence has cleared it. */
  retires: boolean
}

export type LookAnswer = 'sound' | 'bad'

/** Answers by the item's identifier; what was not looked at is missing. */
export type LookAnswers = Readonly<Record<string, LookAnswer>>

const bulge: LookItem = {
  id: 'bulge',
  title: 'No bulge',
  why: 'Sight along the wall and the seams against the light. A bulge means that the steel has already given way.',
  retires: true,
}

const fire: LookItem = {
  id: 'fire',
  title: 'No fire marks',
  why: 'Scorched or blistered paint, warped collar or melted plastic: heat takes the strength out of the wall.',
  retires: true,
}

const weld: LookItem = {
  id: 'dent-at-weld',
  title: 'No dent at a weld',
  why: 'Run a hand along the seams. Where steel was folded beside a weld it cracks.',
  retires: true,
}

const leak: LookItem = {
  id: 'valve-tight',
  title: 'Valve does not leak',
  why: 'Shut, with the plug off: nothing to smell, and no bubbles when soaped. A leaking valve is not an owner’s to mend.',
  retires: true,
}

const dents: LookItem = {
  id: 'dents',
  title: 'No deep dents, no gouges',
  why: 'A shallow dent in the side is often let pass; a sharp or deep one, or a cut in the metal, is for a requalifier to judge.',
  retires: false,
}

const rust: LookItem = {
  id: 'rust',
  title: 'No deep rust',
  why: 'Turn it over: water stands under the foot ring, and rust eats there first. Flaking or pitted is too much.',
  retires: false,
}

const collar: LookItem = {
  id: 'collar',
  title: 'Collar and foot sound',
  why: 'The collar guards the valve in a fall, the foot keeps it upright. Bent or torn, it does neither.',
  retires: false,
}

const handle: LookItem = {
  id: 'handle',
  title: 'Valve handle turns',
  why: 'All the way open and shut by hand. One that wants a tool cannot be shut in an emergency.',
  retires: false,
}

const seal: LookItem = {
  id: 'seal',
  title: 'O-ring or seat sound',
  why: 'Look into the outlet: a cracked, flattened or missing ring leaks however tight the nut.',
  retires: false,
}

const plug: LookItem = {
  id: 'plug',
  title: 'Dust plug there',
  why: 'It keeps dirt and insects out of the seat, and stops a valve that was knocked open.',
  retires: false,
}

const relief: LookItem = {
  id: 'relief',
  title: 'Relief valve clear',
  why: 'No paint, mud or nest in its opening. Look from the side, never into it.',
  retires: false,
}

const thread: LookItem = {
  id: 'thread',
  title: 'Thread and pin clean',
  why: 'Dirt on the pin keeps the valve from closing when the bottle comes off.',
  retires: false,
}

const lid: LookItem = {
  id: 'lid',
  title: 'Lid free of nests and insects',
  why: 'Wasps and spiders like the smell of the gas; nests block vents and hide leaks.',
  retires: false,
}

const fillDoor: LookItem = {
  id: 'fill-door',
  title: 'Fill cap and door shut',
  why: 'People drive off after a fill with the door open and the cap hanging.',
  retires: false,
}

const exhausts: LookItem = {
  id: 'exhausts',
  title: 'Outside exhausts free and screened',
  why: 'Fridge, furnace and water heater breathe through the wall. A nest there sends the fumes inside.',
  retires: false,
}

const gauge: LookItem = {
  id: 'gauge',
  title: 'Gauge moves',
  why: 'It should have moved since the last fill. A stuck float shows the same through a whole trip.',
  retires: false,
}

const disc: LookItem = {
  id: 'burst-disc',
  title: 'Burst disc whole',
  why: 'The small plug at the side of the valve. Once it lets go everything leaves: never touch or tighten it.',
  retires: false,
}

const steel = [bulge, fire, weld, leak, dents, rust, collar, handle, seal, plug, relief]

const itemsByKind: Readonly<Record<CylinderKind, readonly LookItem[]>> = {
  removable: steel,
  bottle: [bulge, fire, weld, leak, dents, rust, thread, plug],
  'refillable-bottle': [bulge, fire, weld, leak, dents, rust, thread, plug, relief],
  onboard: [bulge, fire, weld, leak, dents, rust, relief, gauge, lid, fillDoor, exhausts],
  co2: [bulge, fire, leak, dents, rust, handle, seal, plug, disc],
}

/**
 * What is looked at before a trip, in the order of looking.
 *
 * @see common practice of requalifiers and dealers
 */
export function lookOverItems(kind: CylinderKind): readonly LookItem[] {
  return itemsByKind[kind]
}

interface LookJudgement {
  /** Found bad, and out of service for it. */
  retiring: readonly LookItem[]
  /** Found bad, to be mended. */
  toMend: readonly LookItem[]
  /** Not looked at: unknown counts as not ready. */
  missing: readonly LookItem[]
}

/** What a look-over comes to. */
export function judgeLookOver(kind: CylinderKind, answers: LookAnswers): LookJudgement {
  const items = lookOverItems(kind)
  const bad = items.filter(({ id }) => answers[id] === 'bad')
  return {
    retiring: bad.filter(({ retires }) => retires),
    toMend: bad.filter(({ retires }) => !retires),
    missing: items.filter(({ id }) => answers[id] === undefined),
  }
}
