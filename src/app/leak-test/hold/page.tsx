import { AssumedPlace } from '@/app/shared/AssumedPlace'
import { siteConditions } from '@/core/run/siteConditions'
import type { Metadata } from 'next'
import { usableGasKg } from '@/core/cylinders/fitness/usableGas'
import { cheapestPerKg } from '@/core/fill/cost/fillCosts'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { lineBranches } from '@/core/hookup/line/lineBranches'
import { lineVolumeM3, type LineSide } from '@/core/hookup/line/lineVolume'
import { lineZones } from '@/core/hookup/line/lineZones'
import type { LineSearch } from '@/app/hookup/hookupPageData'
import { LinePicker } from '@/app/hookup/LinePicker'
import { NoLineYet } from '@/app/shared/NothingYet'
import { History } from '@/app/shared/History'
import { leakHistory } from '@/app/leak-test/leakHistory'
import { leakPageData, type LeakPageData } from '@/app/leak-test/leakPageData'
import { ticksGoingOn } from '@/services/log/ticks'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { HoldBench, type HoldGear } from './HoldBench'
import { pricesOf } from '@/services/fill/prices'

export const metadata: Metadata = { title: 'Hold test' }

function gearOf({
  rigId,
  chosen,
  holds,
  tests,
}: LeakPageData & { chosen: NonNullable<LeakPageData['chosen']> }): HoldGear {
  const { cylinders, trip, nowIso } = loadRigSnapshot()
  const graph = lineGraph(chosen.line)
  const zones = lineZones(graph)
  const onLine = new Set(chosen.line.parts.map(({ cylinderId }) => cylinderId))
  const held = cylinders.filter(({ gear }) => onLine.has(gear.id)).flatMap(({ gear }) => usableGasKg(gear) ?? [])
  // Hold tests before the last leak test say nothing about the present branches.
  const since = tests.find(({ voidedAt, closedAt }) => voidedAt === null && closedAt !== null)?.closedAt ?? ''
  const ticksOf = (side: LineSide) => ticksGoingOn({ rigId, procedure: `hold ${side}`, subjectId: chosen.id }, nowIso)
  return {
    rigId,
    lineId: chosen.id,
    name: chosen.name,
    gas: graph.sources[0]?.type.gas === 'co2' ? 'co2' : 'propane',
    volumeM3: { low: lineVolumeM3(graph, zones, 'low'), cylinder: lineVolumeM3(graph, zones, 'cylinder') },
    branches: lineBranches(graph),
    branchHolds: holds
      .filter(({ voidedAt, openBranches, heldAt }) => voidedAt === null && openBranches !== null && heldAt > since)
      .flatMap(({ openBranches, outcome }) =>
        outcome === 'held' || outcome === 'fell' ? [{ open: openBranches ?? [], outcome }] : [],
      )
      .toReversed(),
    aboardKg: held.length > 0 ? held.reduce((sum, netKg) => sum + netKg, 0) : null,
    pricePerKg: cheapestPerKg(pricesOf(rigId)),
    atmospherePa: siteConditions(trip?.plan).atmospherePa,
    ticks: { low: ticksOf('low'), cylinder: ticksOf('cylinder') },
  }
}

export default async function HoldPage({ searchParams }: { searchParams: LineSearch }) {
  const data = await leakPageData(searchParams)
  const { chosen } = data
  if (!chosen) return <NoLineYet />
  return (
    <>
      <LinePicker lines={data.lines} chosenId={chosen.id} />
      <AssumedPlace />
      <HoldBench key={`${chosen.id} ${data.holds.length}`} gear={gearOf({ ...data, chosen })} />
      <History entries={leakHistory(data).filter(({ of }) => of === 'hold-test')} />
    </>
  )
}
