import type { Metadata } from 'next'
import { heaterProcedures } from '@/core/shelter/lightingSteps'
import { loadWorld } from '@/app/world'
import { heatWorld, type HeatSearch } from '@/app/heat/heatWorld'
import { database } from '@/records/database'
import { ticksSince } from '@/records/ticks'
import { LightingBench, type HeaterTicks } from './LightingBench'

export const metadata: Metadata = { title: 'Light and stop a heater' }

/** A procedure begun longer ago than this is not the one going on. */
const LONGEST_RUN_MS = 3 * 3_600_000

export default async function LightingPage({ searchParams }: { searchParams: HeatSearch }) {
  const world = await heatWorld(searchParams)
  const since = new Date(Date.parse(loadWorld().nowIso) - LONGEST_RUN_MS).toISOString()
  const ticks: HeaterTicks = Object.fromEntries(
    world.heaters.map(({ id }) => [
      id,
      Object.fromEntries(
        heaterProcedures.map((procedure) => [
          procedure,
          ticksSince(database(), { rigId: world.rigId, procedure: `heater ${procedure}`, subjectId: id }, since),
        ]),
      ),
    ]),
  )
  return <LightingBench key={world.heaterId} world={world} ticks={ticks} />
}
