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
      <section className="mt-4">
        <h2>Dates and looks, by hand</h2>
        <ul>
          <li>
            Read the month of make on the collar, and any later mark. Ten years is common for a first inspection, five
            after it; US rules say twelve, Canada ten. Overdue may be used up, not filled.
          </li>
          <li>
            Dents at a weld, a bulge, fire marks, deep rust under the foot ring, a leaking valve: out of service,
            whatever the date.
          </li>
          <li>Hand-wheel turns, seal sound, dust plug there, relief valve clear, hose neither stiff nor cracked.</li>
          <li>Carried upright, held on all sides, valve shut and plugged; never inside the living space.</li>
        </ul>
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
