import type { Metadata } from 'next'
import { hookupWorld, type LineSearch } from './hookupWorld'
import { LineBench } from './LineBench'
import { LineHistory } from './LineHistory'
import { NewLine } from './NewLine'

export const metadata: Metadata = { title: 'Hook-up' }

export default async function HookupPage({ searchParams }: { searchParams: LineSearch }) {
  const world = await hookupWorld(searchParams)
  const { chosen } = world
  return (
    <>
      {chosen ? (
        <LineBench key={`${chosen.id} ${world.about ?? ''}`} world={world} begin={chosen} />
      ) : (
        <NewLine world={world} />
      )}
      <LineHistory changes={world.changes} />
    </>
  )
}
