import type { Metadata } from 'next'
import { heaterProcedures } from '@/core/heat/heaters/lightingSteps'
import { ticksGoingOn } from '@/services/log/ticks'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { heatPageData, type HeatSearch } from '@/app/heat/heatPageData'
import { LightingBench, type HeaterTicks } from './LightingBench'

export const metadata: Metadata = { title: 'Light and stop a heater' }

export default async function LightingPage({ searchParams }: { searchParams: HeatSearch }) {
  const data = await heatPageData(searchParams)
  const { nowIso } = loadRigSnapshot()
  const ticks: HeaterTicks = Object.fromEntries(
    data.heaters.map(({ id }) => [
      id,
      Object.fromEntries(
        heaterProcedures.map((procedure) => [
          procedure,
          ticksGoingOn({ rigId: data.rigId, procedure: `heater ${procedure}`, subjectId: id }, nowIso),
        ]),
      ),
    ]),
  )
  return <LightingBench key={data.heaterId} data={data} ticks={ticks} />
}
