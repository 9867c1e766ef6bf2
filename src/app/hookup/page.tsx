import type { Metadata } from 'next'
import { History } from '@/app/shared/History'
import { LineBench } from './LineBench'
import { hookupPageData, type LineSearch } from './hookupPageData'
import { NewLine } from './NewLine'

export const metadata: Metadata = { title: 'Hook-up' }

export default async function HookupPage({ searchParams }: { searchParams: LineSearch }) {
  const world = await hookupPageData(searchParams)
  const { chosen } = world
  return (
    <>
      {chosen ? (
        <LineBench key={`${chosen.id} ${world.about ?? ''}`} world={world} begin={chosen} />
      ) : (
        <NewLine world={world} />
      )}
      <History
        entries={world.changes.map(({ id, changedAt, words }) => ({
          of: null,
          id,
          at: changedAt,
          what: 'Line changed',
          says: { text: '{words}', parts: { words } },
          voidReason: null,
        }))}
      />
    </>
  )
}
