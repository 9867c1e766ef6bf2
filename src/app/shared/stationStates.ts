import { SEA_LEVEL_PA } from '@/core/fluids/atmosphere'
import { cylinderFindings } from '@/core/cylinders/fitness/cylinderFindings'
import { stations, type Finding, type Station } from '@/core/findings/Finding'
import { verdict } from '@/core/findings/verdict'
import { heatFindings } from '@/core/heat/heatFindings'
import { lineFindings } from '@/core/trip/readiness/lineFindings'
import { SIXTY_F_K } from '@/core/units/convert'
import type { RigSnapshot } from '@/services/rigs/rigSnapshot'
import type { StationState } from '@/ui/shell/GasLine'
import { stationFacts } from '@/ui/shell/stationFacts'

/** State of every station for the gas line: its own findings' worst, and how many should be fixed. */
export function stationStates({
  cylinders,
  equipment,
  lines,
  heat,
  judged,
  nowIso,
}: Pick<RigSnapshot, 'cylinders' | 'equipment' | 'lines' | 'heat' | 'judged' | 'nowIso'>): Record<
  Station,
  StationState
> {
  const found: readonly Finding[] = judged
    ? judged.ready.answered.filter(({ accepted }) => accepted === null).map(({ finding }) => finding)
    : [
        ...cylinders.flatMap(({ gear }) => cylinderFindings(gear, nowIso)),
        // Before a trip is planned, missing heaters are not reported.
        ...(heat.heaters.length > 0 ? heatFindings({ ...heat, altitudeM: 0, equipment, planned: [] }) : []),
        // Without a trip the altitude is unknown.
        ...lineFindings(lines, { temperatureK: SIXTY_F_K, atmospherePa: SEA_LEVEL_PA, untilMonth: nowIso.slice(0, 7) }),
      ]
  const state = (station: Station): StationState => {
    if (!stationFacts[station].built) return { mark: 'unbuilt', count: 0 }
    if (station === 'log') return { mark: 'none', count: 0 }
    const own = station === 'trip' ? found : found.filter((finding) => finding.station === station)
    const open = own.filter(({ severity }) => severity !== 'note')
    if (judged === null && open.length === 0) return { mark: 'none', count: 0 }
    return { mark: verdict(own), count: open.length }
  }
  return Object.fromEntries(stations.map((station) => [station, state(station)])) as Record<Station, StationState>
}
