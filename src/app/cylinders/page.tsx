import type { Metadata } from 'next'
import { Link } from '@/ui/shell/Link'
import { cylinderFindings } from '@/core/cylinders/fitness/cylinderFindings'
import { sortFindings } from '@/core/findings/Finding'
import { tripEndDay } from '@/core/time/day'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { FindingList } from '@/ui/figures/FindingList'
import { CylinderCard } from './CylinderCard'
import { StationTabs } from './CylinderTabs'
import { sharedLabels } from '@/ui/terms/sharedLabels'

export const metadata: Metadata = { title: 'Cylinders' }

export default function CylindersPage() {
  const { rig, cylinders, trip, nowIso } = loadRigSnapshot()
  if (!rig) return <FirstStep />
  const untilDay = trip ? tripEndDay(trip.row.startDay, trip.row.nights) : nowIso.slice(0, 10)
  const findings = sortFindings(cylinders.flatMap(({ gear }) => cylinderFindings(gear, nowIso, untilDay)))
  return (
    <>
      <h1>
        Cylinders <span className="of">· what {rig.name} carries</span>
      </h1>
      <StationTabs />
      {cylinders.length === 0 && <p>None yet. Enter the first as it is stamped on its collar.</p>}
      <ul className="shelf">
        {cylinders.map(({ gear }) => (
          <li key={gear.id}>
            <CylinderCard gear={gear} nowIso={nowIso} />
          </li>
        ))}
      </ul>
      <Link className="btn btn-primary" href="/cylinders/new">
        Add a cylinder
      </Link>
      <section className="mt-4" aria-label={sharedLabels.findings}>
        <FindingList findings={findings} />
      </section>
    </>
  )
}

function FirstStep() {
  return (
    <>
      <h1>Cylinders</h1>
      <p>
        Name your rig first: <Link href="/">begin here</Link>.
      </p>
    </>
  )
}
