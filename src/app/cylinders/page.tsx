import type { Metadata } from 'next'
import Link from 'next/link'
import { cylinderFindings } from '@/core/cylinders/cylinderFindings'
import { inOrder } from '@/core/readiness/inOrder'
import { notJudged } from '@/core/readiness/notJudged'
import { loadWorld } from '@/app/world'
import { FindingList } from '@/ui/FindingList'
import { ShelfCylinder } from './ShelfCylinder'

export const metadata: Metadata = { title: 'Cylinders' }

export default function CylindersPage() {
  const { rig, cylinders, nowIso } = loadWorld()
  if (!rig) return <FirstStep />
  const findings = inOrder([
    ...cylinders.flatMap(({ gear }) => cylinderFindings(gear, nowIso)),
    ...notJudged().filter(({ station }) => station === 'cylinders'),
  ])
  return (
    <>
      <h1>
        Cylinders <span className="of">· what {rig.name} carries</span>
      </h1>
      {cylinders.length === 0 && <p>None yet. Enter the first as it is stamped on its collar.</p>}
      <ul className="shelf">
        {cylinders.map(({ gear }) => (
          <li key={gear.id}>
            <ShelfCylinder gear={gear} />
          </li>
        ))}
      </ul>
      <Link className="btn btn-primary" href="/cylinders/new">
        Add a cylinder
      </Link>
      <section className="mt-4" aria-label="Findings">
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
