import type { Metadata } from 'next'
import { History } from '@/app/shared/History'
import { FindingList } from '@/ui/figures/FindingList'
import { LineBench } from './LineBench'
import { hookupPageData, type LineSearch } from './hookupPageData'
import { NewLine } from './NewLine'

export const metadata: Metadata = { title: 'Hook-up' }

export default async function HookupPage({ searchParams }: { searchParams: LineSearch }) {
  const data = await hookupPageData(searchParams)
  const { chosen } = data
  return (
    <>
      {data.cylinderStops.length > 0 && <FindingList findings={data.cylinderStops} />}
      {chosen ? (
        <LineBench key={`${chosen.id} ${data.about ?? ''}`} data={data} begin={chosen} />
      ) : (
        <NewLine data={data} />
      )}
      <History
        entries={data.changes.map(({ id, changedAt, words }) => ({
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
