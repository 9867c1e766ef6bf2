import type { Finding } from '@/core/findings/Finding'
import { fromUnit } from '@/core/units/convert'
import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import { type GraphPart, isShut, wayTo } from '@/core/hookup/line/lineGraph'
import { connections } from '@/core/hookup/catalogue/connections'
import { makeFinding } from '@/core/findings/makeFinding'
import type { LineCase } from './lineCase'
import { zoneFacts, type Zone } from '@/core/hookup/catalogue/zone'

/** Length from which a hose at cylinder pressure leaves oil over the years. [common practice] */
const LONG_HOSE_M = fromUnit(10, 'length', 'ft')

const exceeds = (zone: Zone, rated: Zone): boolean =>
  zoneFacts[zone].gas === zoneFacts[rated].gas && zoneFacts[zone].mostGaugePa > zoneFacts[rated].mostGaugePa

/** The only exception: a portable made for an attached bottle. */
function isAttachedBottle({ type, into, outOf }: GraphPart): boolean {
  const portable = (other: GraphPart | undefined): boolean => other?.type.appliance?.portable ?? false
  if (type.role === 'bottle') return outOf.length === 1 && portable(outOf[0]?.to)
  return (type.appliance?.portable ?? false) && into[0]?.from.type.role === 'bottle'
}

function applianceZone(lineId: string, part: GraphPart, zone: Zone): Finding | null {
  const { appliance } = part.type
  if (!appliance || zoneFacts[zone].gas !== 'propane') return null
  const told = {
    parts: { part: part.name, zone: zoneFacts[zone].name },
    about: part.part.id,
  } as const
  if (!appliance.ownRegulator && zone !== 'low') {
    return makeFinding('hookup', 'pressure-too-high', {
      subjectId: lineId,
      text: '{part} would get {zone}; it is made for 11 in WC.',
      reason: 'Its burner throws a tall flame and its valves can let go. A low-pressure regulator belongs before it.',
      ...told,
    })
  }
  if (appliance.ownRegulator && zone === 'low') {
    return makeFinding('hookup', 'second-regulator', {
      subjectId: lineId,
      text: '{part} has its own regulator and would get 11 in WC: it starves.',
      reason:
        'A second regulator in series takes what is left. Feed it before the low-pressure regulator, or use it without its own.',
      ...told,
    })
  }
  return null
}

function overRating(lineId: string, part: GraphPart, zone: Zone): Finding[] {
  const finding = (text: string, about: string): Finding =>
    makeFinding('hookup', 'part-over-rating', {
      subjectId: lineId,
      text,
      reason: 'It can let go without warning. Put a regulator before it, or a part made for this pressure.',
      parts: { part: part.name, zone: zoneFacts[zone].name, rated: zoneFacts[part.type.rated].name },
      about,
    })
  if (part.type.role !== 'appliance' && exceeds(zone, part.type.rated)) {
    return [finding('{part} stands under {zone}; it is made for {rated} only.', part.part.id)]
  }
  return part.into
    .filter(({ verdict }) => {
      const { pressure } = connections[verdict.connection]
      return verdict.verdict === 'mates' && pressure !== 'any' && exceeds(zone, pressure)
    })
    .map(({ joint }) => finding('The connection into {part} stands under {zone}; it is not made for that.', joint.id))
}

function inside(lineId: string, part: GraphPart, zone: Zone): Finding | null {
  if (part.part.place !== 'inside') return null
  const told = { parts: { part: part.name }, about: part.part.id } as const
  if (zone === 'co2-cylinder') {
    return makeFinding('hookup', 'co2-pressure-inside', {
      subjectId: lineId,
      text: '{part} is inside and holds CO2 at cylinder pressure.',
      reason:
        'A leak fills the room. CO2 has no smell, sinks, and kills in minutes. Put cylinder and regulator outside.',
      ...told,
    })
  }
  if (zone === 'co2-low') {
    return makeFinding('hookup', 'co2-line-inside', {
      subjectId: lineId,
      text: '{part} is inside and carries CO2.',
      reason: 'A loose hose empties the cylinder into the room. Shut the cylinder after each use, or serve outside.',
      ...told,
    })
  }
  if (zone !== 'cylinder') return null
  if (isAttachedBottle(part)) {
    return makeFinding('hookup', 'attached-bottle-inside', {
      subjectId: lineId,
      text: '{part} inside: attended, only while it is used.',
      reason:
        'The one exception to no cylinder pressure inside: a portable made for a bottle that sits on it. Off, and the bottle out, before anyone sleeps or leaves.',
      ...told,
    })
  }
  if (part.type.appliance?.ownRegulator) {
    return makeFinding('hookup', 'cylinder-pressure-inside', {
      subjectId: lineId,
      text: '{part} has its own regulator, so its hose brings cylinder pressure into the living space.',
      reason:
        'A low-pressure regulator before it would starve it. Regulate outside and use a heater made for 11 in WC, or feed it as its maker arranges it: a bottle screwed on it, while somebody is awake beside it.',
      ...told,
    })
  }
  return makeFinding('hookup', 'cylinder-pressure-inside', {
    subjectId: lineId,
    text: '{part} brings cylinder pressure into the living space.',
    reason: 'A leak there fills the room in minutes. The regulator stands outside, and only its low pressure comes in.',
    ...told,
  })
}

function alongTheLine({ lineId, zones }: LineCase, part: GraphPart, zone: Zone): Finding[] {
  const found: Finding[] = []
  const { role, regulator } = part.type
  if (regulator?.outlet === 'low' && zone === 'low' && part.into.length > 0) {
    found.push(
      makeFinding('hookup', 'regulator-in-series', {
        subjectId: lineId,
        text: '{part} stands behind another low-pressure regulator: everything after it starves.',
        reason: 'Two in a row take the pressure twice. One of them comes out.',
        parts: { part: part.name },
        about: part.part.id,
      }),
    )
  }
  if (role === 'hose' && zone === 'cylinder' && part.lengthM >= LONG_HOSE_M) {
    found.push(
      makeFinding('hookup', 'long-hose', {
        subjectId: lineId,
        text: '{part} leads cylinder pressure over {length}.',
        reason:
          'Over the years the gas leaves oil in it that ends in the appliance. Put a 15 psi regulator before the run.',
        parts: { part: part.name, length: { value: part.lengthM, role: 'length' } },
        about: part.part.id,
      }),
    )
  }
  const before = part.into.map(({ from }) => zones.get(from.part.id)?.outlet)
  if (role === 'supply-tee' && (zone !== 'cylinder' || before.includes('low'))) {
    found.push(
      makeFinding('hookup', 'supply-wrong-side', {
        subjectId: lineId,
        text: '{part} is on the wrong side of the regulator.',
        reason:
          'The first cylinder put onto it sends full pressure into the low line. It belongs between the tank and the regulator.',
        parts: { part: part.name },
        about: part.part.id,
      }),
    )
  }
  const feeding = role === 'supply-tee' ? openSources(part) : []
  if (feeding.length > 1) {
    found.push(
      makeFinding('hookup', 'supply-feeds-back', {
        subjectId: lineId,
        text: '{cylinders} are open to each other at {part}.',
        reason:
          'The fuller one fills the other, past its limit too. With a cylinder on the outside port the tank’s valve is shut.',
        parts: { part: part.name, cylinders: feeding.map(({ name }) => name).join(' and ') },
        about: part.part.id,
      }),
    )
  }
  return found
}

/** Sources whose way to a part is open. */
function openSources(part: GraphPart): GraphPart[] {
  return part.into.flatMap(({ from }) => {
    const way = wayTo(from)
    return way.some(isShut) ? [] : way.filter(({ type }) => roleTraits[type.role].isSource)
  })
}

/**
 * Findings about the pressures: each part and appliance against what it is made for.
 *
 * @param lineCase - the line to check
 */
export function zoneFindings(lineCase: LineCase): Finding[] {
  const { lineId, graph, zones } = lineCase
  return graph.sortFindings.flatMap((part) => {
    const zone = zones.get(part.part.id)?.inlet
    if (!zone) return []
    return [
      applianceZone(lineId, part, zone),
      ...overRating(lineId, part, zone),
      inside(lineId, part, zone),
      ...alongTheLine(lineCase, part, zone),
    ].filter((finding) => finding !== null)
  })
}
