import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import type { Metadata } from 'next'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import type { LineSearch } from '@/app/hookup/hookupPageData'
import { LinePicker } from '@/app/hookup/LinePicker'
import { NoLineYet } from '@/app/shared/NothingYet'
import { History } from '@/app/shared/History'
import { leakHistory } from './leakHistory'
import { leakPageData } from './leakPageData'
import { SoapWalk } from './soap/SoapWalk'
import { StartTest } from './StartTest'

export const metadata: Metadata = { title: 'Leak test' }

export default async function LeakTestPage({ searchParams }: { searchParams: LineSearch }) {
  const data = await leakPageData(searchParams)
  const { chosen, tests, changedSince } = data
  if (!chosen) return <NoLineYet />
  const last = tests.find(({ voidedAt }) => voidedAt === null) ?? null
  const running = last && last.closing === null ? last : null
  const users = lineGraph(chosen.line).parts.filter(({ type }) => roleTraits[type.role].usesGas)
  return (
    <>
      <LinePicker lines={data.lines} chosenId={chosen.id} />
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
      <History entries={leakHistory(data)} />
    </>
  )
}
