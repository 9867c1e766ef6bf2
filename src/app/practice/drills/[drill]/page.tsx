import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { drillTitleOf, isDrill } from '@/core/practice/drills/drills'
import { practiceLines, practiceRecords } from '@/services/practice/practice'
import { rigSnapshot } from '@/services/rigs/rigSnapshot'
import { DrillBench } from './DrillBench'

type Params = Promise<{ drill: string }>
type Search = Promise<{ seed?: string | string[] }>

export async function generateMetadata({ params }: { params: Params }): Promise<Metadata> {
  return { title: drillTitleOf((await params).drill) }
}

const MOST = 4_294_967_295

/** The version asked for in the address; else the next one after those played. */
function seedOf(asked: string | string[] | undefined, played: number): number {
  const typed = typeof asked === 'string' && /^\d{1,10}$/.test(asked) ? Number(asked) : played + 1
  return Math.min(MOST, typed)
}

export default async function DrillPage({ params, searchParams }: { params: Params; searchParams: Search }) {
  const { drill } = await params
  if (!isDrill(drill)) notFound()
  const snapshot = rigSnapshot(new Date())
  const [line] = practiceLines(snapshot)
  const played = snapshot.rig ? practiceRecords(snapshot.rig.id).drills.filter((run) => run.drill === drill).length : 0
  const seed = seedOf((await searchParams).seed, played)
  return (
    <DrillBench
      key={`${drill} ${seed}`}
      id={drill}
      seed={seed}
      rig={line?.rig ?? null}
      rigId={snapshot.rig?.id ?? null}
      lineId={line?.id ?? null}
    />
  )
}
