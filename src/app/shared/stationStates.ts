import { siteConditions } from '@/core/run/siteConditions'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import { cylinderFindings } from '@/core/cylinders/fitness/cylinderFindings'
import { stations, type Finding, type Station } from '@/core/findings/Finding'
import { verdictWithAccepted } from '@/core/findings/verdict'
import { heatFindings } from '@/core/heat/heatFindings'
import { lineFindings } from '@/core/trip/readiness/lineFindings'
import type { RigSnapshot } from '@/services/rigs/rigSnapshot'
import type { StationState } from '@/ui/shell/GasLine'

type StationData = Pick<RigSnapshot, 'cylinders' | 'equipment' | 'lines' | 'heat' | 'judged' | 'nowIso'>

/** Whether anything is entered that a station could judge; without it there is nothing to be ready. */
function hasData({ cylinders, lines, heat, judged, nowIso }: StationData, station: Station): boolean {
  switch (station) {
    case 'cylinders':
      return cylinders.length > 0
    case 'fill':
      // Nothing can be filled before one date is known.
      return cylinders.some(({ gear }) => gearRequalification(gear, nowIso.slice(0, 10)).status !== 'unknown')
    case 'hookup':
    case 'leak-test':
      return lines.length > 0
    case 'heat':
      return heat.heatless || heat.heaters.length > 0 || heat.rooms.length > 0
    case 'run':
      return judged !== null && judged.plan.uses.length > 0
    default:
      return judged !== null
  }
}

/** State of every station for the gas line: its own findings' worst, and how many should be fixed. */
export function stationStates(data: StationData): Record<Station, StationState> {
  const { cylinders, equipment, lines, heat, judged, nowIso } = data
  const answered = judged?.ready.answered ?? []
  const site = siteConditions(undefined)
  const accepted = answered.filter((one) => one.accepted !== null).map(({ finding }) => finding)
  const found: readonly Finding[] = judged
    ? answered.filter((one) => one.accepted === null).map(({ finding }) => finding)
    : [
        ...cylinders.flatMap(({ gear }) => cylinderFindings(gear, nowIso)),
        // Before a trip is planned, missing heaters are not reported.
        ...(heat.heaters.length > 0 ? heatFindings({ ...heat, ...site, equipment, planned: [] }) : []),
        ...lineFindings(lines, { ...site, untilMonth: nowIso.slice(0, 7) }),
      ]
  const state = (station: Station): StationState => {
    if (station === 'log') return { mark: 'none', count: 0 }
    const of = (findings: readonly Finding[]): readonly Finding[] =>
      station === 'trip' ? findings : findings.filter((finding) => finding.station === station)
    const own = of(found)
    // What practice finds wrong belongs to the station of the part; only a rehearsal may be due here.
    if (station === 'practice') return { mark: own.length > 0 ? 'note' : 'none', count: 0 }
    const open = own.filter(({ severity }) => severity !== 'note')
    if (open.length === 0 && !hasData(data, station)) return { mark: 'empty', count: 0 }
    if (judged === null && open.length === 0) return { mark: 'none', count: 0 }
    return { mark: verdictWithAccepted(own, of(accepted).length), count: open.length }
  }
  return Object.fromEntries(stations.map((station) => [station, state(station)])) as Record<Station, StationState>
}
