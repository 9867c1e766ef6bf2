import { z } from '@/core/base/zod'
import { connections, type SealsOn, type Tighten, sealsOns, tightens } from '@/core/hookup/catalogue/connections'
import { type Zone, zones } from '@/core/hookup/catalogue/zone'
import type { GraphPart, LineGraph } from '@/core/hookup/line/lineGraph'
import { jointName } from '@/core/hookup/line/jointName'
import { lineZones, type LineZones } from '@/core/hookup/line/lineZones'
import { nameInSentence } from '@/core/cylinders/cylinderKind'
import { type PressurePoint, pressurePoints, type ProvedBy, provedByOf } from './pressurePoints'

export const leakKinds = [
  'pressure',
  'vessel',
  'relief',
  'bleeder',
  'stem',
  'plug',
  'joint',
  'gauge',
  'crimp',
  'body',
  'burner',
] as const

type LeakKind = (typeof leakKinds)[number]

/** Places of the vessel itself: a leak there cannot be stopped by its valve. */
export const vesselItemKinds = ['vessel', 'relief', 'bleeder', 'stem'] as const satisfies readonly LeakKind[]

/** One place to soap. */
export interface LeakItem {
  id: string
  kind: LeakKind
  name: string
  /** What should be known there. */
  expect: string
  zone: Zone
  inside: boolean
  /** On a leased vessel. */
  leased: boolean
  partId: string
  /** Of a joint. */
  sealsOn: SealsOn | null
  tighten: Tighten | null
  /** What proves that it was under pressure; absent in a test that began before this was asked. */
  provedBy?: ProvedBy
}

const zoneExpects: Readonly<Record<Zone, string>> = {
  cylinder: 'Cylinder pressure: a leak foams at once or hisses.',
  intermediate: '10 to 15 psi: a leak foams within seconds.',
  low: '11 in WC: beads grow slowly, give it a minute.',
  'co2-cylinder': 'Up to 2,250 psi and no smell: soap shows it at once, the scale over days.',
  'co2-low': 'No smell: soap, then weigh it over some days.',
}

const kindExpects: Readonly<Partial<Record<LeakKind, string>>> = {
  vessel: 'Round the foot of the valve, where it is threaded into the vessel.',
  relief: 'Round its cap and under it: a weep under a cap is still a leak.',
  bleeder: 'Its little screw, shut.',
  stem: 'Round the stem with the valve open, then shut.',
  plug: 'Round the plug, where it is threaded in.',
  gauge: 'Round the gauge and its glass.',
  crimp: 'Where the hose goes into its end.',
  body: 'Its seam, its cap and its vent: a bubble at the vent is a leaking diaphragm.',
  burner: 'Its knobs shut: round the valve stems and at the burner.',
}

const gaugeExpects: Readonly<Record<Zone, string>> = {
  cylinder: 'Open its valve slowly and wait 30 s. Its gauge stands near the vapor pressure of the day.',
  intermediate: '',
  low: 'Branch valves and quick connects open, caps on, everything off: 11 to 14 in WC.',
  'co2-cylinder': 'Open its valve slowly, standing aside. Its gauge stands near the vapor pressure of the day.',
  'co2-low': 'Set the regulator, the hose shut at its end: its gauge stands where it was set.',
}

type Row = readonly [kind: LeakKind, what: string, suffix?: string]

/** A hose in one piece with a regulator has one end more. */
const hoseEnds = ({ material }: GraphPart['type']): Row[] =>
  material === 'rubber' ? [['crimp', 'ends of its hose']] : []

function rowsOf({ type }: GraphPart): Row[] {
  const source: Row[] = [
    ['vessel', 'valve’s foot'],
    ['relief', 'relief valve'],
    ['stem', 'valve stem'],
  ]
  switch (type.role) {
    case 'cylinder':
    case 'tank':
      return type.gas === 'co2' ? source : [...source, ['bleeder', 'bleeder']]
    case 'bottle':
      return [['relief', 'relief valve']]
    case 'shut-off':
      return [
        ['gauge', 'gauge'],
        ['body', 'body'],
      ]
    case 'hose':
      return [
        ['crimp', 'end towards the cylinder', '-a'],
        ['crimp', 'end towards the appliance', '-b'],
      ]
    case 'regulator':
    case 'changeover':
      return [['body', 'body and vent'], ...hoseEnds(type)]
    case 'valve':
    case 'quick':
      return [['stem', 'stem']]
    case 'tee':
      return type.branchValves ? [['stem', 'both stems']] : []
    case 'test-port':
      return [['plug', 'plug of the port']]
    case 'appliance':
      return [['burner', 'valves']]
    default:
      return []
  }
}

/** The pressure is proved before anything is soaped. */
function pressureItem({ id, part, isBehindRegulator, provedBy }: PressurePoint, zones: LineZones): LeakItem[] {
  const at = zones.get(part.part.id)
  const zone = isBehindRegulator ? at?.outlet : at?.inlet
  if (!zone) return []
  return [
    {
      id,
      kind: 'pressure',
      name: isBehindRegulator ? `Pressure behind the ${nameInSentence(part.name)}` : `Pressure of ${part.name}`,
      expect: part.type.role === 'bottle' ? 'A bottle has no gauge: a burner on it proves it.' : gaugeExpects[zone],
      zone,
      inside: part.part.place === 'inside',
      leased: false,
      partId: part.part.id,
      sealsOn: null,
      tighten: null,
      provedBy,
    },
  ]
}

/**
 * Where the pressure is proved, then all places to soap, from the line: upstream first, with the pressure of their zone.
 *
 * @param graph - of the line
 */
export function leakSheet(graph: LineGraph): LeakItem[] {
  const zones = lineZones(graph)
  const points = pressurePoints(graph, zones)
  const toSoap = graph.sortFindings.flatMap((part): LeakItem[] => {
    const { id, place, leased = false } = part.part
    const zone = zones.get(id)?.inlet
    if (!zone) return []
    const provedBy = provedByOf(part, points, zones)
    const item = (itemId: string, kind: LeakKind, name: string): LeakItem => ({
      id: itemId,
      kind,
      name,
      expect: [kindExpects[kind], zoneExpects[zone]].filter(Boolean).join(' '),
      zone,
      inside: place === 'inside',
      leased,
      partId: id,
      sealsOn: null,
      tighten: null,
      provedBy,
    })
    const joints = part.into.map((made): LeakItem => {
      const { joint, from, verdict } = made
      const { sealsOn, tighten } = connections[verdict.connection]
      const isInside = place === 'inside' || from.part.place === 'inside'
      return {
        ...item(`joint ${joint.id}`, 'joint', jointName(made)),
        inside: isInside,
        sealsOn,
        tighten,
      }
    })
    const own = rowsOf(part).map(([kind, what, suffix = '']) =>
      item(`${kind}${suffix} ${id}`, kind, `${part.name}: ${what}`),
    )
    return [...joints, ...own]
  })
  return [...points.flatMap((point) => pressureItem(point, zones)), ...toSoap]
}

const idField = z.string().min(1).max(200)

/** Schema of one place to soap, as stored. */
export const leakItemSchema = z.strictObject({
  id: idField,
  kind: z.enum(leakKinds),
  name: z.string().max(300),
  expect: z.string().max(1000),
  zone: z.enum(zones),
  inside: z.boolean(),
  leased: z.boolean(),
  partId: z.string().min(1).max(64),
  sealsOn: z.enum(sealsOns).nullable(),
  tighten: z.enum(tightens).nullable(),
  provedBy: z.strictObject({ gauge: z.array(idField).max(400), burner: z.array(idField).max(400) }).optional(),
})
