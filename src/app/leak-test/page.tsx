import type { Metadata } from 'next'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import type { LineSearch } from '@/app/hookup/hookupWorld'
import { LinePicker } from '@/app/hookup/LinePicker'
import { NoLine } from '@/app/hookup/NoLine'
import { History } from '@/app/shared/History'
import { leakHistory } from './leakHistory'
import { leakWorld } from './leakWorld'
import { SoapWalk } from './SoapWalk'
import { StartTest } from './StartTest'

export const metadata: Metadata = { title: 'Leak test' }

export default async function LeakTestPage({ searchParams }: { searchParams: LineSearch }) {
  const world = await leakWorld(searchParams)
  const { chosen, tests, changedSince } = world
  if (!chosen) return <NoLine />
  const last = tests.find(({ voidedAt }) => voidedAt === null) ?? null
  const running = last && last.closing === null ? last : null
  const users = lineGraph(chosen.line).parts.filter(
    ({ type }) => type.role === 'appliance' || type.role === 'keg' || type.role === 'chuck',
  )
  return (
    <>
      <LinePicker lines={world.lines} chosenId={chosen.id} />
      {running ? (
        <SoapWalk
          key={running.id}
          testId={running.id}
          lineName={chosen.name}
          sheet={running.sheet}
          logged={running.readings}
          users={{
            names: users.map(({ name }) => name),
            burn: users.some(({ type }) => type.role === 'appliance'),
          }}
          changedSince={changedSince}
        />
      ) : (
        <StartTest lineId={chosen.id} last={last} changedSince={changedSince} />
      )}
      <History entries={leakHistory(world)} />
    </>
  )
}
