import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { loadWorld } from '@/app/world'
import { FindingList } from '@/ui/FindingList'
import { Appliances } from './Appliances'
import { RuntimeBench } from './RuntimeBench'

export const metadata: Metadata = { title: 'Run' }

export default function RunPage() {
  const { rig, appliances, cylinders, judgement } = loadWorld()
  if (!rig) redirect('/')
  return (
    <>
      <h1>
        Run <span className="of">· what burns, and how long it lasts</span>
      </h1>
      <RuntimeBench appliances={appliances} cylinders={cylinders.map(({ gear }) => gear)} />
      <Appliances rigId={rig.id} appliances={appliances} cylinders={cylinders.map(({ gear }) => gear)} />
      <section className="mt-4" aria-label="Findings">
        <FindingList findings={judgement?.findings.filter(({ station }) => station === 'run') ?? []} />
      </section>
      <section className="mt-4">
        <h2>In the cold, by hand</h2>
        <ul>
          <li>
            A steady draw is what is worked out here. A cold cylinder boils more slowly, and the emptier, the slower.
          </li>
          <li>Below freezing start with full cylinders, and keep what burns at once as low as you can.</li>
          <li>
            When a heater fades with gas left: swap to the warmer or fuller cylinder. Never warm one with a flame.
          </li>
          <li>Shelter it from wind, but never wrap or enclose it.</li>
        </ul>
      </section>
    </>
  )
}
