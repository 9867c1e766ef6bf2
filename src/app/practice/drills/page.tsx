import type { Metadata } from 'next'
import { drillIds, drills, type DrillId } from '@/core/practice/drills/drills'
import { isRefreshDue, practiceRecords, type StoredDrill } from '@/services/practice/practice'
import { rigSnapshot } from '@/services/rigs/rigSnapshot'
import { DateTime } from '@/ui/figures/DateTime'
import { Link } from '@/ui/shell/Link'
import { stationFacts } from '@/ui/shell/stationFacts'
import { practiceLabels } from '@/ui/terms/practiceLabels'

export const metadata: Metadata = { title: 'Drills' }

/** How often a drill was played, and what came of it last. */
function Progress({ runs, nowIso }: { runs: readonly StoredDrill[]; nowIso: string }) {
  const [last] = runs
  if (!last) return <span className="drill-progress">not played yet</span>
  const good = runs.filter(({ result }) => result === 'good').length
  return (
    <span className="drill-progress">
      {last.result === 'good' ? 'good end' : 'bad end'} <DateTime iso={last.finishedAt} /> · {good} of {runs.length}{' '}
      good
      {isRefreshDue(runs, nowIso) && <strong> · play it again before the season</strong>}
    </span>
  )
}

export default function DrillsPage() {
  const { rig, nowIso } = rigSnapshot(new Date())
  const runs = rig ? practiceRecords(rig.id).drills : []
  const of = (id: DrillId): StoredDrill[] => runs.filter(({ drill }) => drill === id)
  const learned = drillIds.filter((id) => of(id).some(({ result }) => result === 'good'))
  const stations = [...new Set(drillIds.map((id) => drills[id].station))]
  return (
    <>
      <p className="lead">
        {learned.length} of {drillIds.length} drills played to a good end. Mistakes cost nothing here: the rig is
        simulated.
      </p>
      {stations.map((station) => (
        <section key={station} aria-label={stationFacts[station].name}>
          <h2>{stationFacts[station].name}</h2>
          <ul className="drill-list">
            {drillIds
              .filter((id) => drills[id].station === station)
              .map((id) => (
                <li key={id}>
                  <div>
                    <strong>{drills[id].title}</strong>
                    <p>{drills[id].about}</p>
                    <Progress runs={of(id)} nowIso={nowIso} />
                  </div>
                  <Link
                    className="btn btn-quiet"
                    href={`/practice/drills/${id}`}
                    aria-label={`${practiceLabels.startDrill}: ${drills[id].title}`}
                  >
                    {practiceLabels.startDrill}
                  </Link>
                </li>
              ))}
          </ul>
        </section>
      ))}
    </>
  )
}
