import type { Metadata } from 'next'
import { NoLineYet } from '@/app/shared/NothingYet'
import { practiceLines } from '@/services/practice/practice'
import { rigSnapshot } from '@/services/rigs/rigSnapshot'
import { DiagnosisBench } from './DiagnosisBench'

export const metadata: Metadata = { title: 'Why no gas?' }

export default async function DiagnosisPage({ searchParams }: { searchParams: Promise<{ line?: string | string[] }> }) {
  const { line: asked } = await searchParams
  const snapshot = rigSnapshot(new Date())
  const lines = practiceLines(snapshot)
  const chosen = lines.find(({ id }) => id === asked) ?? lines[0]
  if (!snapshot.rig || !chosen) {
    return (
      <>
        <p>The search needs your line: which cylinder feeds what. Drills work without it.</p>
        <NoLineYet />
      </>
    )
  }
  const named = lines.map(({ id, name }) => ({ id, name }))
  return <DiagnosisBench key={chosen.id} rigId={snapshot.rig.id} lines={named} line={chosen} />
}
