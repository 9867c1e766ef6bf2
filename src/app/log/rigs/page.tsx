import type { Metadata } from 'next'
import { Link } from '@/ui/shell/Link'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { RigRow } from './RigRow'
import { allRigs } from '@/services/rigs/rigs'

export const metadata: Metadata = { title: 'Rigs' }

export default async function RigsPage({ searchParams }: { searchParams: Promise<{ wanted?: string | string[] }> }) {
  const { wanted } = await searchParams
  const { rig: atHand } = loadRigSnapshot()
  const { inUse: rigs, archived: away } = allRigs()
  const asked = [...rigs, ...away].find(({ id }) => id === wanted)
  return (
    <>
      {asked && (
        <p role="status">
          That page is about {asked.name}: take {asked.name} to hand to see it.
        </p>
      )}
      <p>Every station is about the rig at hand. Trips, cylinders and history belong to one rig each.</p>
      <ul className="rig-list">
        {rigs.map(({ id, name, version }) => (
          <RigRow key={`${id} ${version}`} rig={{ id, name, version }} isAtHand={id === atHand?.id} isAway={false} />
        ))}
      </ul>
      <p>
        <Link className="btn btn-primary" href="/begin">
          Another rig
        </Link>
      </p>
      {away.length > 0 && (
        <section aria-label="Put away">
          <h2>Put away</h2>
          <ul className="rig-list">
            {away.map(({ id, name, version }) => (
              <RigRow key={`${id} ${version}`} rig={{ id, name, version }} isAtHand={false} isAway />
            ))}
          </ul>
        </section>
      )}
    </>
  )
}
